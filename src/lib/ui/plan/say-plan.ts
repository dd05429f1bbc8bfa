// A plan in words: when a window opens and closes, what serves it, how many frames it holds.
import type { Camera } from '#core/camera/camera.ts';
import type { Verdict } from '#core/chance/verdict.ts';
import type { Fits } from '#core/plan/fits.ts';
import type { TakenOnPlan } from '#core/plan/taken.ts';
import type { Edge, Part, Window } from '#core/plan/windows.ts';
import type { Support } from '#core/error/situation.ts';
import type { Sky } from '#core/sky/sky-scene.ts';
import { timeText } from '#core/sky/zone.ts';
import { HELD_WORDS } from '../shoot/words.ts';
import { skyName } from '../text/say-light.ts';
import { chanceInHundred, instructionParts, sayTime } from '../text/say.ts';
import { sayStep } from '../text/say-remedy.ts';

const MINUTE_MS = 60_000;

/** When a window is open: "18:43–18:47", "until 18:47", "from 18:43 on". @param zone of the place */
export function sayWhen({ from, to, openAtStart, openAtEnd }: Window, zone: string, isNow: boolean): string {
  const [start, end] = [timeText(from.likelyMs, zone), timeText(to.likelyMs, zone)];
  if (openAtStart && openAtEnd) return isNow ? 'from now on, all night' : 'all day and night';
  if (openAtStart) return isNow ? `now until ${end}` : `until ${end}`;
  return openAtEnd ? `from ${start} on` : `${start}–${end}`;
}

const isSpread = ({ earliestMs, latestMs }: Edge): boolean => latestMs - earliestMs >= MINUTE_MS;

/** How far the edges of a window move with the sky; '' where the sky is said, or does not matter. */
export function saySpread(window: Window, zone: string): string {
  const { from, to, openAtStart, openAtEnd, notUnder } = window;
  const span = (edge: Edge): string => `${timeText(edge.earliestMs, zone)}–${timeText(edge.latestMs, zone)}`;
  const parts = [
    ...(!openAtStart && isSpread(from) ? [`begins ${span(from)}`] : []),
    ...(!openAtEnd && isSpread(to) ? [`ends ${span(to)}`] : [])
  ];
  const edges = parts.length === 0 ? '' : `As the sky is, it ${parts.join(' and ')}.`;
  const not = notUnder.length === 0 ? '' : ` Not under ${notUnder.map(sayUnder).join(' or ')}.`;
  return `${edges}${not}`.trim();
}

const sayUnder = (sky: Sky): string => (sky === 'clear' ? 'a clear sky' : skyName(sky));

/** What serves a part of a window, in columns: from when on, what to set, how long the frames take, how likely they are. */
export interface PartWords {
  readonly from: string;
  readonly set: string;
  readonly time: string;
  readonly chance: string;
}

/** A part in words: "16:02", "Dusk 3 + Night 6, lighten–darken 0", "4.2–5.6 s", "70–77". */
export function sayPart(camera: Camera, { fromMs, first, last, steps }: Part, zone: string): PartWords {
  const filters = steps.map((s) =>
    s.kind === 'filter' && s.filter.name !== '' ? s.filter.name : sayStep(s)
  );
  const set = [
    ...(filters.length === 0 ? [] : [filters.join(' + ')]),
    ...instructionParts(camera, first.setting)
  ];
  const words = set.join(', ');
  const [from, to] = [sayTime(first.exposure.seconds), sayTime(last.exposure.seconds)];
  const chances = [first, last].map((v) => chanceInHundred(v.pUsable));
  const [least, most] = [Math.min(...chances), Math.max(...chances)];
  return {
    from: timeText(fromMs, zone),
    set: words === '' ? 'Nothing to set' : words.charAt(0).toUpperCase() + words.slice(1),
    time: from === to ? from : sayTimes(from, to),
    chance: least === most ? String(most) : `${least}–${most}`
  };
}

/** Two times with their unit once: "4.2–5.6 s". */
function sayTimes(from: string, to: string): string {
  const unit = / s$/;
  return unit.test(from) && unit.test(to) ? `${from.replace(unit, '')}–${to}` : `${from} to ${to}`;
}

/** What fits: "All 8 left fit, 16.00 in film; last press 18:46". @param left frames left on the film */
export function sayFits({ frames, lastPressMs, cost }: Fits, left: number, zone: string): string {
  if (left === 0) return 'No frame is left on this film.';
  if (frames === 0 || lastPressMs === null) return 'Too short for one frame.';
  const price = cost === null ? '' : ` (${cost.toFixed(2)} of film)`;
  const count =
    frames === left
      ? `${left === 1 ? 'The one frame left fits' : `All ${left} frames left fit`}${price}`
      : `${frames} of ${left} frames left fit${price}`;
  return `${count}. Last press at ${timeText(lastPressMs, zone)}.`;
}

/** What to set and how long it takes: "dial 160, lighten–darken 0, 5.2 s". A time that is counted stands in the setting already. */
export function sayShot(
  camera: Camera,
  { setting, exposure }: Pick<Verdict, 'setting' | 'exposure'>
): string {
  const set = instructionParts(camera, setting);
  const time = setting.timedByHand ? [] : [sayTime(exposure.seconds)];
  return [...(set.length === 0 ? ['nothing to set'] : set), ...time].join(', ');
}

/** How long until a window opens or shuts: "opens in 1:12:05", "open, shuts in 3:20", "shut". */
export function sayCountdown(nowMs: number, fromMs: number, toMs: number): string {
  if (nowMs >= toMs) return 'shut';
  const isOpen = nowMs >= fromMs;
  const left = Math.ceil(((isOpen ? toMs : fromMs) - nowMs) / 1000);
  const [hours, minutes, seconds] = [Math.floor(left / 3600), Math.floor((left % 3600) / 60), left % 60];
  const two = (n: number): string => String(n).padStart(2, '0');
  const clock = hours > 0 ? `${hours}:${two(minutes)}:${two(seconds)}` : `${minutes}:${two(seconds)}`;
  return isOpen ? `open, shuts in ${clock}` : `opens in ${clock}`;
}

/** What the rest of a day holds, each way of holding it: "in the hand now until 16:12; set down now until 18:47". */
export function sayTonight(
  lanes: readonly { readonly support: Support; readonly windows: readonly Window[] }[],
  zone: string
): string {
  return lanes
    .map(({ support, windows }) => {
      const times = windows.map((w) => sayWhen(w, zone, true));
      return `${HELD_WORDS[support]} ${times.length === 0 ? 'at no time' : times.join(', ')}`;
    })
    .join('; ');
}

/** Frames that were taken, against the windows: "Taken: 3 frames, 2 inside the windows; 19:10 outside." '' = none was. */
export function sayTaken({ inside, outside }: TakenOnPlan, zone: string): string {
  const all = inside.length + outside.length;
  if (all === 0) return '';
  const count = all === 1 ? '1 frame' : `${all} frames`;
  if (outside.length === 0) return `Taken: ${count}, ${all === 1 ? 'inside' : 'all inside'} the windows.`;
  const when = outside.map((ms) => timeText(ms, zone)).join(', ');
  return `Taken: ${count}, ${inside.length} inside the windows; ${when} outside.`;
}
