// A film that the dial does not know: every place of one control against every place of another, with what comes of it. One of
// them comes nearest, one keeps the lens widest, one the time shortest.
import { positionCount, type Camera } from '../../camera/camera.ts';
import type { Control } from '../../camera/kinds/controls.ts';
import { allSettings, type Choice } from '../../camera/setting.ts';
import { judge, type Verdict } from '../../chance/verdict.ts';
import type { Situation } from '../../error/situation.ts';

/** One combination, with lighten–darken where it serves best. */
export interface DialCell {
  readonly verdict: Verdict;
  /** Against the error worth aiming for, stops, + = lighter. */
  readonly offStops: number;
}

/** All combinations of two controls. */
export interface DialTable {
  readonly across: Control;
  /** Null = one control alone. */
  readonly down: Control | null;
  /** Rows by place of `down`, columns by place of `across`; null = the camera lacks it. */
  readonly rows: readonly (readonly (DialCell | null)[])[];
  readonly closest: DialCell;
  /** Widest and shortest of those that are about as good as the best. */
  readonly widest: DialCell;
  readonly shortest: DialCell;
}

/** Controls in the order in which they make the rows. */
const DOWN = ['dial', 'time'] as const;
const ACROSS = ['aperture', 'compensation', 'time'] as const;
/** As good as the best: within this share of its chance. */
const ABOUT_AS_GOOD = 0.85;
/** Combinations this near to each other are equally close, stops. */
const EQUALLY_CLOSE = 0.1;

/**
 * The two controls to lay out; null where the camera has nothing to set its exposure by.
 * @returns `down` is null where there is one control alone
 */
export function crossed({ controls }: Camera): Pick<DialTable, 'across' | 'down'> | null {
  const find = (acts: readonly string[], not?: Control): Control | undefined =>
    acts.flatMap((a) => controls.filter((c) => c.acts === a && c !== not && positionCount(c) > 1)).at(0);
  const down = find(DOWN);
  const across = find(ACROSS, down);
  if (across) return { across, down: down ?? null };
  return down ? { across: down, down: null } : null;
}

const placeOf = (choice: Choice, { id }: Control): number => choice[id] ?? 0;

/**
 * Lays two controls out against each other.
 * @param present where everything else stands
 * @returns null where the camera has nothing to set its exposure by
 */
export function dialTable(situation: Situation, present: Choice): DialTable | null {
  const crossing = crossed(situation.camera);
  if (!crossing) return null;
  const { across, down } = crossing;
  const cells = Array.from({ length: down ? positionCount(down) : 1 }, () =>
    Array.from({ length: positionCount(across) }, (): DialCell | null => null)
  );
  for (const setting of allSettings(situation.camera, present)) {
    const verdict = judge(situation, setting);
    const cell = { verdict, offStops: verdict.deltaStops - verdict.aimStops };
    const row = cells[down ? placeOf(setting.choice, down) : 0];
    const column = placeOf(setting.choice, across);
    const before = row?.[column];
    if (row && (!before || isBetter(cell, before))) row[column] = cell;
  }
  const all = cells.flat().flatMap((cell) => cell ?? []);
  const first = all[0];
  if (!first) return null;
  const closest = all.reduce((best, c) => (isCloser(c, best) ? c : best), first);
  const good = all.filter((c) => c.verdict.pExposure >= ABOUT_AS_GOOD * closest.verdict.pExposure);
  const least = (of: (c: DialCell) => number): DialCell =>
    good.reduce((best, c) => (of(c) < of(best) - 1e-9 ? c : best), closest);
  return {
    ...{ across, down, rows: cells, closest },
    widest: least((c) => c.verdict.exposure.fNumber),
    shortest: least((c) => c.verdict.exposure.seconds)
  };
}

/** Of one combination: nearer, and of equally near ones with less lighten–darken. */
function isBetter(a: DialCell, b: DialCell): boolean {
  const [offA, offB] = [Math.abs(a.offStops), Math.abs(b.offStops)];
  if (Math.abs(offA - offB) > EQUALLY_CLOSE) return offA < offB;
  return Math.abs(a.verdict.setting.compensationStops) < Math.abs(b.verdict.setting.compensationStops) - 1e-9;
}

/** Of all: nearer, and of equally near ones the one of the better chance. */
function isCloser(a: DialCell, b: DialCell): boolean {
  const [offA, offB] = [Math.abs(a.offStops), Math.abs(b.offStops)];
  return Math.abs(offA - offB) > EQUALLY_CLOSE ? offA < offB : a.verdict.pUsable > b.verdict.pUsable + 1e-9;
}
