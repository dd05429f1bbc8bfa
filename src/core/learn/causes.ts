// Why a frame may have come out as it did, drawn from what is known of it: its setting and the frames before it, the light,
// what the engine expected. Typical causes are common practice, no source; each is told only where the data shows it.
import type { Camera } from '../camera/camera.ts';
import { controlFor, positionAt, settingOf, type Choice, type Setting } from '../camera/setting.ts';
import type { Film } from '../film/film.ts';
import type { Frame } from '../log/frame.ts';
import { judge, type Verdict } from '../match/verdict.ts';
import type { Judgement } from './judgement.ts';
import { sideOf, type OutcomeSide } from './outcome-side.ts';

/** A likely cause. */
export type Cause =
  /** Lighten–darken stood away from the middle since a frame. */
  | { readonly cause: 'compensation-left'; readonly mark: string; readonly sinceNumber: number }
  /** The camera met its limit: no shorter or smaller, or no longer or wider. */
  | { readonly cause: 'beyond-limit'; readonly seconds: number; readonly limit: 'bright' | 'dark' }
  /** The engine expected this error. */
  | { readonly cause: 'expected'; readonly deltaStops: number }
  /** The light where the eye looked was not the subject's. */
  | { readonly cause: 'eye-in-shade' }
  | { readonly cause: 'eye-in-sun' }
  /** A filter that was on the frames before is not on this one, or the other way round. */
  | { readonly cause: 'filter-missing' }
  | { readonly cause: 'filter-on' }
  /** The speed dial stood for another film. */
  | { readonly cause: 'dial-left'; readonly dialIso: number; readonly filmIso: number }
  /** Seconds were counted: held for other than was meant, or not timed at all. */
  | { readonly cause: 'counted'; readonly meantSeconds: number; readonly heldSeconds: number | null }
  /** A smaller aperture was chosen, but this camera makes up for it with its time. */
  | { readonly cause: 'aperture-made-up' }
  /** The light itself was unsure. */
  | { readonly cause: 'light-unsure'; readonly sdStops: number }
  /** Longer than can be held, or the subject moved. */
  | { readonly cause: 'hold'; readonly seconds: number; readonly limitSeconds: number }
  | { readonly cause: 'motion'; readonly seconds: number; readonly limitSeconds: number }
  | { readonly cause: 'too-near'; readonly subjectM: number; readonly nearM: number }
  /** Film for daylight under lamps. */
  | { readonly cause: 'lamps' }
  | { readonly cause: 'lit-from-behind' };

/** Stops that are worth telling. */
const WORTH_STOPS = 0.4;

/** What is known of a judged frame. */
export interface CauseQuestion {
  readonly camera: Camera;
  readonly film: Film;
  readonly frame: Frame;
  /** Frames of the camera before this one, the latest last; on this film or the one before. */
  readonly before: readonly Frame[];
  readonly judgement: Pick<Judgement, 'outcome' | 'faults'>;
}

const filtersOn = (frame: Frame): number => frame.conditions.circumstances?.filters.length ?? 0;

function compensationLeft({ camera, frame, before }: CauseQuestion, side: OutcomeSide): readonly Cause[] {
  const control = controlFor(camera, 'compensation');
  const at = (choice: Choice) => (control ? positionAt(control, choice) : null);
  const now = at(frame.choice);
  if (!now || now.value === 0 || (now.value > 0 ? 'light' : 'dark') !== side) return [];
  let since = frame.number;
  for (const earlier of [...before].reverse()) {
    if (earlier.loadId !== frame.loadId || at(earlier.choice)?.value !== now.value) break;
    since = earlier.number;
  }
  return [{ cause: 'compensation-left', mark: now.mark, sinceNumber: since }];
}

function exposureCauses(question: CauseQuestion, verdict: Verdict, side: OutcomeSide): readonly Cause[] {
  const { camera, film, frame, before } = question;
  const { exposure, setting, deltaStops } = verdict;
  const by = camera.program.kind === 'manual' ? 'hand' : 'itself';
  const limit = exposure.limit;
  const offset = frame.conditions.circumstances?.eyeOffsetStops ?? 0;
  const uneven = frame.conditions.scene === 'uneven' || offset !== 0;
  const last = before.at(-1);
  const expected = side === 'light' ? deltaStops : -deltaStops;
  return [
    ...compensationLeft(question, side),
    ...(limit !== 'none' && (limit === 'bright' ? 'light' : 'dark') === side
      ? [{ cause: 'beyond-limit' as const, seconds: exposure.seconds, limit }]
      : []),
    ...(by === 'itself' && uneven && side === 'light' && offset <= 0
      ? [{ cause: 'eye-in-shade' as const }]
      : []),
    ...(by === 'itself' && uneven && side === 'dark' && offset >= 0
      ? [{ cause: 'eye-in-sun' as const }]
      : []),
    ...(last && filtersOn(last) > 0 && filtersOn(frame) === 0 && side === 'light'
      ? [{ cause: 'filter-missing' as const }]
      : []),
    ...(filtersOn(frame) > 0 && side === 'dark' ? [{ cause: 'filter-on' as const }] : []),
    ...dialLeft(setting, film, side),
    ...countedBadly(setting, frame, side),
    ...(madeUp(question, side) ? [{ cause: 'aperture-made-up' as const }] : []),
    ...(expected > WORTH_STOPS ? [{ cause: 'expected' as const, deltaStops }] : []),
    ...(by === 'hand' && frame.light.sdStops >= 0.7
      ? [{ cause: 'light-unsure' as const, sdStops: frame.light.sdStops }]
      : [])
  ];
}

function dialLeft({ dialIso }: Setting, film: Film, side: OutcomeSide): readonly Cause[] {
  if (dialIso === null) return [];
  const stops = Math.log2(film.iso / dialIso);
  const fits = side === 'light' ? stops > WORTH_STOPS : stops < -WORTH_STOPS;
  return fits ? [{ cause: 'dial-left', dialIso, filmIso: film.iso }] : [];
}

function countedBadly({ timedByHand, seconds }: Setting, frame: Frame, side: OutcomeSide): readonly Cause[] {
  if (!timedByHand || seconds === null) return [];
  const held = frame.timedSeconds;
  const stops = held === null ? 0 : Math.log2(held / seconds);
  const fits = held === null || (side === 'light' ? stops > 0.25 : stops < -0.25);
  return fits ? [{ cause: 'counted', meantSeconds: seconds, heldSeconds: held }] : [];
}

/** A light frame, then a smaller aperture on a camera that makes up for it. */
function madeUp({ camera, frame, before }: CauseQuestion, side: OutcomeSide): boolean {
  const last = before.at(-1);
  if (!last || side !== 'light' || camera.program.kind !== 'automatic-time') return false;
  const [was, is] = [last, frame].map((f) => settingOf(camera, f.choice)?.fNumber ?? null);
  return was != null && is != null && is > was * 1.1;
}

function faultCauses({ frame, judgement }: CauseQuestion, verdict: Verdict): readonly Cause[] {
  const has = (fault: string): boolean => judgement.faults.includes(fault);
  const { way } = frame.light;
  const fromBehind =
    ((way.kind === 'shadow' || way.kind === 'sky') && way.backlit) ||
    (way.kind === 'sun' && way.facing === 'back');
  return [
    ...verdict.failures.flatMap((f): readonly Cause[] => {
      if (f.condition === 'hold' && has('blur')) return [{ ...f, cause: 'hold' }];
      if (f.condition === 'motion' && has('blur')) return [{ ...f, cause: 'motion' }];
      if (f.condition === 'too-near' && has('focus-too-near')) return [{ ...f, cause: 'too-near' }];
      return [];
    }),
    ...(has('colour-cast') && frame.conditions.circumstances?.lightKind === 'lamps'
      ? [{ cause: 'lamps' as const }]
      : []),
    ...(has('flare') && fromBehind ? [{ cause: 'lit-from-behind' as const }] : [])
  ];
}

/** Likely causes, the likeliest first; none for a frame that is right, or where the data shows nothing. */
export function likelyCauses(question: CauseQuestion): readonly Cause[] {
  const { camera, film, frame, judgement } = question;
  const setting = settingOf(camera, frame.choice);
  if (!setting) return [];
  const { light, conditions } = frame;
  const verdict = judge({ camera, film, light, contrast: light.contrast, ...conditions }, setting);
  const side = sideOf(judgement.outcome);
  return [
    ...(side === 'right' ? [] : exposureCauses(question, verdict, side)),
    ...faultCauses(question, verdict)
  ];
}
