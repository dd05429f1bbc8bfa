// An outing in words: what takes each stop, what stands against it, what to pack, what it costs.
import type { Camera } from '#core/camera/camera.ts';
import type { Pair } from '#core/log/pair.ts';
import type { FilmNeed } from '#core/plan/film-needs.ts';
import type { PlannedStop, StopTrouble } from '#core/plan/outing-plan.ts';
import type { MountNote } from '#core/plan/mounting.ts';
import type { Item, StopWay } from '#core/plan/stop-ways.ts';
import { timeText } from '#core/sky/zone.ts';
import { formatDecimal } from '#core/units/decimal.ts';
import { formatStops } from '#core/units/stops.ts';
import { explainClock } from '../../light/say-sun.ts';
import { HELD_WORDS } from '../../shoot/words.ts';
import { skyName } from '../../text/say-light.ts';
import { sayStep } from '../../text/say-remedy.ts';
import { chanceInHundred } from '../../text/say.ts';
import { sayShot, sayWhen } from '../say-plan.ts';

/** A pair by its names: "Pelican fold-up with Slowpack 160". */
export function sayPair({ camera, film }: Pick<Pair, 'camera' | 'film'>): string {
  return `${camera.name} with ${film.name}`;
}

/** What to set for a way, how it is held and how long it takes: "set down: Night 6, dial 160, 5.2 s". */
export function sayWay(camera: Camera, { support, steps, verdict }: StopWay): string {
  return `${HELD_WORDS[support]}: ${[...steps.map((s) => sayStep(s)), sayShot(camera, verdict)].join(', ')}`;
}

/** How likely a stop is and when it works: "74 in 100, works 19:58–20:31". */
export function sayStopWindow({ way, window, stop }: PlannedStop): string {
  if (!way) return '';
  const chance = `${chanceInHundred(way.verdict.pUsable)} in 100`;
  return window ? `${chance}, works ${sayWhen(window, stop.place.zone, false)}` : chance;
}

/** What stands against a stop, in a sentence. @param nameOf the camera of a pair */
export function sayTrouble(trouble: StopTrouble, zone: string, nameOf: (key: string) => string): string {
  switch (trouble.kind) {
    case 'bad-time':
      return explainClock(trouble.problem);
    case 'clock-change':
      return trouble.change === 'skipped'
        ? 'The clocks jump over this hour: the moment after is meant.'
        : 'The clocks show this hour twice: the first is meant.';
    case 'out-of-order':
      return 'This is earlier than the stop before it.';
    case 'nothing-works': {
      const { works } = trouble;
      const best = trouble.best > 0 ? ` The best way has ${chanceInHundred(trouble.best)} in 100.` : '';
      if (!works) return `Nothing loaded does this on that day.${best}`;
      const when = `${timeText(works.fromMs, zone)}–${timeText(works.toMs, zone)}`;
      return `Nothing loaded does this then.${best} ${nameOf(works.key)} would ${when}, ${HELD_WORDS[works.support]}.`;
    }
    case 'not-under':
      return `Not under ${trouble.skies.map((s) => (s === 'clear' ? 'a clear sky' : skyName(s))).join(' or ')}.`;
    case 'runs-out':
      return trouble.fit === 0
        ? `The light goes before ${trouble.presses === 1 ? 'the frame is' : 'the frames are'} taken.`
        : `The light goes after ${trouble.fit} of ${trouble.presses} presses.`;
  }
}

/** A thing to pack, other than cameras: "Night 6 (6 stops)". */
export function sayItem(item: Exclude<Item, { readonly kind: 'camera' }>): string {
  switch (item.kind) {
    case 'filter':
      return `${item.name === '' ? 'Grey filter' : item.name} (${formatStops(item.stops)})`;
    case 'flash':
      return item.name === '' ? 'Flash' : item.name;
    case 'film':
      return item.name;
    case 'support':
      return 'Something to stand a camera on';
  }
}

/** Film for a camera: "12 presses, 8 left: 1 pack more; 24.00 of film". */
export function sayNeed({ presses, left, packs, cost }: FilmNeed): string {
  const more = packs === 0 ? 'enough' : packs === 1 ? '1 pack or roll more' : `${packs} packs or rolls more`;
  const price = cost === null ? '' : `; ${cost.toFixed(2)} of film`;
  return `${presses === 1 ? '1 press' : `${presses} presses`}, ${left} left in the camera: ${more}${price}`;
}

/** What to mind on a camera, in words. */
export function sayMount(note: MountNote): string {
  switch (note.kind) {
    case 'ring':
      return `${note.filter} (${formatDecimal(note.filterMm, 1)} mm) by a step-up ring from ${formatDecimal(note.lensMm, 1)} mm`;
    case 'too-small':
      return `${note.filter} (${formatDecimal(note.filterMm, 1)} mm) is too small for its ${formatDecimal(note.lensMm, 1)} mm: it cuts the corners`;
    case 'try-filter':
      return `try at home how ${note.filter === '' ? 'the filter' : note.filter} goes on`;
    case 'stand-adapter':
      return 'its tripod adapter';
    case 'lay-flat':
      return 'something level to lay it on, it has no socket';
    case 'release':
      return 'a cable release';
    case 'release-adapter':
      return 'a cable release with its adapter';
  }
}
