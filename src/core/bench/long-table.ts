// Long exposures from one reading: with every stack of filters and every aperture the whole seconds that a person counts, what
// the film's reciprocity makes of them and what counting adds; and the other way round, what gives a length that is wanted.
import { setsItself, type Camera } from '../camera/camera.ts';
import { handTimingSd, SHORTEST_COUNT_SECONDS } from '../camera/hand-timing.ts';
import { respond } from '../camera/respond.ts';
import { allSettings, type Choice, type Setting } from '../camera/setting.ts';
import { judge, type Verdict } from '../chance/verdict.ts';
import { circumstancesOf, type Situation } from '../error/situation.ts';
import { bisect } from '../numeric/bisect.ts';
import { stacksOf, type Stack } from './stacks.ts';

/** One exposure. */
export interface LongCell {
  readonly choice: Choice;
  readonly fNumber: number;
  /** How long it is open: whole seconds where a person counts. */
  readonly seconds: number;
  /** Whether a person counts it, or the camera times it. */
  readonly counted: boolean;
  /** Against the error worth aiming for, stops, + = lighter. */
  readonly offStops: number;
  /** What counting alone makes unsure, one sd in stops; 0 where the camera times it. */
  readonly countSdStops: number;
  /** Chance of the whole frame, 0…1. */
  readonly chance: number;
}

/** A stack with what it gives at each aperture; null where the length is under a second or over the longest. */
export interface LongRow {
  readonly stack: Stack;
  readonly cells: readonly (LongCell | null)[];
}

/** All stacks. */
export interface LongTable {
  /** f-numbers of the columns, widest first. */
  readonly fNumbers: readonly number[];
  readonly rows: readonly LongRow[];
}

/** Nobody waits longer, seconds. */
const LONGEST_SECONDS = 3600;
/** What is off by more is no exposure, stops. */
const MOST_OFF = 2;

/** The situation on something, through a stack. */
function through(situation: Situation, stack: Stack): Situation {
  const place = setsItself(situation.camera) ? 'lens-and-eye' : 'lens';
  const filters = stack.filters.map((f) => ({ ...f, place }) as const);
  return {
    ...situation,
    support: 'standing',
    circumstances: { ...circumstancesOf(situation), filters }
  };
}

/** A setting counted for some seconds. */
const held = (setting: Setting, seconds: number): Setting => ({ ...setting, seconds });

/** The length at which a setting that is counted comes nearest to its aim, exactly; null where none does. */
function exactSeconds(situation: Situation, setting: Setting): number | null {
  const off = (seconds: number): number => {
    const { deltaStops, aimStops } = judge(situation, held(setting, seconds));
    return deltaStops - aimStops;
  };
  // to half a second short of it: a whole second may still be right
  if (off(SHORTEST_COUNT_SECONDS / 2) > 0 || off(LONGEST_SECONDS) < 0) return null;
  const logs = bisect(
    (x) => off(2 ** x) <= 0,
    Math.log2(SHORTEST_COUNT_SECONDS / 2),
    Math.log2(LONGEST_SECONDS),
    0.002
  );
  return 2 ** logs;
}

function cellOf(verdict: Verdict): LongCell {
  const { setting, exposure, deltaStops, aimStops, pUsable } = verdict;
  const counted = setting.timedByHand;
  return {
    ...{ choice: setting.choice, fNumber: exposure.fNumber, seconds: exposure.seconds, counted },
    ...{ offStops: deltaStops - aimStops, chance: pUsable },
    countSdStops: counted ? handTimingSd(exposure.seconds) : 0
  };
}

/** The whole seconds of a setting that is counted, or what the camera gives; null where that is no long exposure. */
function wholeSeconds(situation: Situation, setting: Setting): LongCell | null {
  if (!setting.timedByHand) {
    const cell = cellOf(judge(situation, setting));
    return cell.seconds >= SHORTEST_COUNT_SECONDS && Math.abs(cell.offStops) <= MOST_OFF ? cell : null;
  }
  const exact = exactSeconds(situation, setting);
  if (exact === null) return null;
  const both = [Math.floor(exact), Math.ceil(exact)]
    .filter((s) => s >= SHORTEST_COUNT_SECONDS)
    .map((s) => cellOf(judge(situation, held(setting, s))));
  return both.reduce<LongCell | null>(
    (best, c) => (best && Math.abs(best.offStops) <= Math.abs(c.offStops) ? best : c),
    null
  );
}

/** The settings that may be long: of each aperture one on B or T, else what the camera times by itself. */
function longSettings(situation: Situation, present: Choice): readonly Setting[] {
  const all = allSettings(situation.camera, present).filter((s) => s.compensationStops === 0);
  const counted = all.filter((s) => s.timedByHand);
  const itself = all.filter((s) => !s.timedByHand && s.seconds === null);
  const found = new Map<string, Setting>();
  for (const setting of [...counted, ...(counted.length > 0 ? [] : itself)]) {
    const key = String(setting.fNumber);
    if (!found.has(key)) found.set(key, setting);
  }
  return [...found.values()].sort((a, b) => (a.fNumber ?? 0) - (b.fNumber ?? 0));
}

/**
 * The table.
 * @param situation with the light that was read
 * @returns no columns for a camera that can neither be held open nor times itself
 */
export function longTable(situation: Situation, present: Choice, owned: Stack['filters']): LongTable {
  const settings = longSettings(situation, present);
  const rows = stacksOf(owned).map((stack): LongRow => {
    const now = through(situation, stack);
    return { stack, cells: settings.map((setting) => wholeSeconds(now, setting)) };
  });
  const fNumbers = settings.map((s) => s.fNumber ?? judge(situation, s).exposure.fNumber);
  return { fNumbers, rows: rows.filter((r) => r.cells.some((c) => c !== null)) };
}

/**
 * The longest time that a camera which times itself gives before it closes or stays shut, seconds; null = it times nothing.
 * @param present where the controls stand
 */
export function timerLimitSeconds(camera: Camera, present: Choice): number | null {
  const itself = allSettings(camera, present).filter((s) => s.seconds === null);
  const times = itself.map((s) => respond(camera, s, -Infinity).seconds);
  return times.length === 0 ? null : Math.max(...times);
}

/** A way to a length. */
export interface LengthWay {
  readonly stack: Stack;
  readonly cell: LongCell;
}

/**
 * What gives a length that is wanted, the nearest to right first; only ways that are off by less than a stop.
 * @param seconds > 0
 */
export function waysToLength(
  situation: Situation,
  present: Choice,
  owned: Stack['filters'],
  seconds: number
): readonly LengthWay[] {
  const settings = longSettings(situation, present);
  return stacksOf(owned)
    .flatMap((stack) => {
      const now = through(situation, stack);
      return settings.map((setting): LengthWay => {
        const asked = setting.timedByHand ? held(setting, seconds) : setting;
        return { stack, cell: cellOf(judge(now, asked)) };
      });
    })
    .filter(({ cell }) => Math.abs(cell.offStops) < 1 && Math.abs(Math.log2(cell.seconds / seconds)) < 0.5)
    .sort(
      (a, b) =>
        Math.abs(a.cell.offStops) +
        a.stack.filters.length / 10 -
        Math.abs(b.cell.offStops) -
        b.stack.filters.length / 10
    );
}
