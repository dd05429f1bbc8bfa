// Why a frame may have come out as it did, drawn from what is known of it: its setting and the frames before it, the light,
// what the engine expected. Typical causes are common practice, no source; each is told only where the data shows it.
import { type Camera, positionCount, setsItself, setsOf } from '../camera/camera.ts';
import type { NotedMark } from '../camera/noted.ts';
import { settingOf, type Setting } from '../camera/setting.ts';
import { isInstant, type Film } from '../film/film.ts';
import { verdictOfFrame } from '../log/exposed.ts';
import type { Frame } from '../log/frame.ts';
import { heardSd } from '../camera/heard.ts';
import { eyeFilterStops, filmFilterStops } from '../error/filters.ts';
import type { Verdict } from '../chance/verdict.ts';
import type { Judgement } from './judgement.ts';
import { sideOf, type OutcomeSide } from './outcome-side.ts';

/** A likely cause. */
export type Cause =
  /** Lighten–darken stood away from the middle since a frame. */
  | { readonly cause: 'compensation-left'; readonly mark: string; readonly sinceNumber: number }
  /** The camera met its limit: no shorter or smaller, or no longer or wider. */
  | { readonly cause: 'beyond-limit'; readonly seconds: number; readonly limit: 'bright' | 'dark' }
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
  | { readonly cause: 'lit-from-behind' }
  /** Streaks: how the film was agitated, or the instant film's rollers. */
  | { readonly cause: 'agitation' }
  | { readonly cause: 'rollers' }
  /** Smears: an old pack, whose jelly has dried. */
  | { readonly cause: 'old-pack' }
  /** Dark corners: a ring or lever stood between its marks. */
  | { readonly cause: 'between-marks'; readonly label: string };

/** Stops that are worth telling. */
const WORTH_STOPS = 0.4;
/** A time heard within so many of its own sds of a limit is the limit; at least so many stops. */
const [HEARD_SDS, HEARD_SAME] = [1.5, 0.3];

/** What is known of a judged frame. */
export interface CauseQuestion {
  /** As it was for the frame. */
  readonly camera: Camera;
  /** As it was, and was developed. */
  readonly film: Film;
  readonly frame: Frame;
  /** Frames of the camera before this one, the latest last; on this film or the one before. */
  readonly before: readonly Frame[];
  readonly judgement: Pick<Judgement, 'outcome' | 'faults'>;
}

const filtersOn = (frame: Frame): number => frame.conditions.circumstances?.filters.length ?? 0;
const setFor = ({ set }: Frame, acts: NotedMark['acts']): NotedMark | undefined =>
  set.find((n) => n.acts === acts);

function compensationLeft({ frame, before }: CauseQuestion, side: OutcomeSide): readonly Cause[] {
  const now = setFor(frame, 'compensation');
  if (!now || now.value === 0 || (now.value > 0 ? 'light' : 'dark') !== side) return [];
  let since = frame.number;
  for (const earlier of [...before].reverse()) {
    if (earlier.loadId !== frame.loadId || setFor(earlier, 'compensation')?.value !== now.value) break;
    since = earlier.number;
  }
  return [{ cause: 'compensation-left', mark: now.mark, sinceNumber: since }];
}

/** Told only where the time got there: a camera that was heard to take another time met no limit. */
function beyondLimit({ frame }: CauseQuestion, { exposure }: Verdict, side: OutcomeSide): readonly Cause[] {
  const { limit, seconds } = exposure;
  if (limit === 'none' || (limit === 'bright' ? 'light' : 'dark') !== side) return [];
  const { heardSeconds: heard, heardSdStops: sdStops } = frame;
  const same = heard === null ? 0 : Math.max(HEARD_SAME, HEARD_SDS * heardSd({ seconds: heard, sdStops }));
  const gotThere = heard === null || Math.abs(Math.log2(heard / seconds)) <= same;
  return gotThere ? [{ cause: 'beyond-limit', seconds, limit }] : [];
}

function exposureCauses(question: CauseQuestion, verdict: Verdict, side: OutcomeSide): readonly Cause[] {
  const { camera, film, frame, before } = question;
  const { setting } = verdict;
  const by = !setsItself(camera) ? 'hand' : 'itself';
  const offset = frame.conditions.circumstances?.eyeOffsetStops ?? 0;
  const uneven = frame.conditions.scene === 'uneven' || offset !== 0;
  const last = before.at(-1);
  const lightSd = frame.light?.sdStops ?? 0;
  return [
    ...compensationLeft(question, side),
    ...beyondLimit(question, verdict, side),
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
    ...dialLeft(camera, film, frame, setting, side),
    ...countedBadly(camera, frame, side),
    ...(madeUp(question, side) ? [{ cause: 'aperture-made-up' as const }] : []),
    ...(by === 'hand' && lightSd >= 0.7 ? [{ cause: 'light-unsure' as const, sdStops: lightSd }] : [])
  ];
}

/** A filter that takes what the film is faster by is no slip: film and dial are compared with it on. */
function dialLeft(
  camera: Camera,
  film: Film,
  { conditions }: Frame,
  { dialIso }: Setting,
  side: OutcomeSide
): readonly Cause[] {
  if (dialIso === null) return [];
  const filters = conditions.circumstances?.filters ?? [];
  const taken = filmFilterStops(filters) - eyeFilterStops(camera, filters);
  const stops = Math.log2(film.iso / dialIso) + film.developmentStops - taken;
  const fits = side === 'light' ? stops > WORTH_STOPS : stops < -WORTH_STOPS;
  return fits ? [{ cause: 'dial-left', dialIso, filmIso: film.iso }] : [];
}

function countedBadly(camera: Camera, frame: Frame, side: OutcomeSide): readonly Cause[] {
  const meant = settingOf(camera, frame.choice);
  if (!meant?.timedByHand || meant.seconds === null) return [];
  const held = frame.timedSeconds;
  const stops = held === null ? 0 : Math.log2(held / meant.seconds);
  const fits = held === null || (side === 'light' ? stops > 0.25 : stops < -0.25);
  return fits ? [{ cause: 'counted', meantSeconds: meant.seconds, heldSeconds: held }] : [];
}

/** A light frame, then a smaller aperture on a camera that makes up for it. */
function madeUp({ camera, frame, before }: CauseQuestion, side: OutcomeSide): boolean {
  const last = before.at(-1);
  if (!last || side !== 'light' || setsOf(camera).aperture || !setsOf(camera).time) return false;
  const [was, is] = [last, frame].map((f) => setFor(f, 'aperture')?.value ?? null);
  return was != null && is != null && is > was * 1.1;
}

/** What follows from a fault alone, whatever the light was. */
function faultCauses({ camera, film, frame, judgement }: CauseQuestion): readonly Cause[] {
  const has = (fault: string): boolean => judgement.faults.includes(fault);
  const way = frame.light?.way;
  const fromBehind =
    ((way?.kind === 'shadow' || way?.kind === 'sky') && way.backlit) ||
    (way?.kind === 'sun' && way.facing === 'back');
  const ring = camera.controls.find((c) => c.acts === 'aperture' && positionCount(c) > 1);
  return [
    ...(has('colour-cast') && frame.conditions.circumstances?.lightKind === 'lamps'
      ? [{ cause: 'lamps' as const }]
      : []),
    ...(has('flare') && fromBehind ? [{ cause: 'lit-from-behind' as const }] : []),
    ...(has('streaks')
      ? [{ cause: isInstant(film.kind) ? ('rollers' as const) : ('agitation' as const) }]
      : []),
    ...(has('smears') && isInstant(film.kind) ? [{ cause: 'old-pack' as const }] : []),
    ...(has('dark-corners') && ring ? [{ cause: 'between-marks' as const, label: ring.label }] : [])
  ];
}

/** What follows from a fault and the setting it was taken with. */
function conditionCauses({ judgement }: CauseQuestion, { failures }: Verdict): readonly Cause[] {
  const has = (fault: string): boolean => judgement.faults.includes(fault);
  return failures.flatMap((f): readonly Cause[] => {
    if (f.condition === 'hold' && has('blur')) return [{ ...f, cause: 'hold' }];
    if (f.condition === 'motion' && has('blur')) return [{ ...f, cause: 'motion' }];
    if (f.condition === 'too-near' && has('focus-too-near')) return [{ ...f, cause: 'too-near' }];
    return [];
  });
}

/**
 * Likely causes, the likeliest first; none for a frame that is right, or where the data shows nothing.
 * @param question the frame, what came of it, and what is known of its film
 * @returns empty where nothing points anywhere
 */
export function likelyCauses(question: CauseQuestion): readonly Cause[] {
  const { camera, film, frame, judgement } = question;
  const verdict = frame.doubts.includes('setting') ? null : verdictOfFrame(camera, film, frame);
  const side = sideOf(judgement.outcome);
  return [
    ...(side === 'right' || !verdict ? [] : exposureCauses(question, verdict, side)),
    ...(verdict ? conditionCauses(question, verdict) : []),
    ...faultCauses(question)
  ];
}
