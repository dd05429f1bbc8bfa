// The camera moves aperture and time along a line, from the widest and longest point to the smallest and shortest.
import { evFromSetting } from '../../../light/lv.ts';
import type { CameraFault } from '../../faults.ts';
import { eyeFaults, type Eye } from '../eye.ts';
import type { ProgramKind, ProgramPoint } from '../program-kind.ts';

/** Aperture and time move along a line. */
export interface LineProgram {
  readonly kind: 'program';
  readonly points: readonly ProgramPoint[];
  readonly eye: Eye;
}

const evOf = ({ fNumber, seconds }: ProgramPoint): number => evFromSetting(fNumber, seconds);

/** @see LineProgram */
export const line: ProgramKind<LineProgram> = {
  sets: { aperture: true, time: true },
  eye: ({ eye }) => eye,
  range({ points }) {
    const evs = points.map(evOf);
    return { min: evs[0] ?? NaN, max: evs.at(-1) ?? NaN };
  },
  at: ({ points }, _, ev) => alongLine(points, ev),
  evAtSeconds({ points }, _, seconds) {
    for (const [i, b] of points.entries()) {
      const a = points[i - 1];
      if (!a || !(seconds < a.seconds && seconds > b.seconds)) continue;
      const share = Math.log(seconds / a.seconds) / Math.log(b.seconds / a.seconds);
      return evFromSetting(a.fNumber * (b.fNumber / a.fNumber) ** share, seconds);
    }
    return null;
  },
  bends: ({ points }) => points.map(evOf),
  locksBeyond: () => null,
  widest: ({ points }) => Math.min(...points.map((p) => p.fNumber)),
  smallest: ({ points }) => Math.max(...points.map((p) => p.fNumber)),
  faults: ({ eye, points }) => [...eyeFaults(eye), ...lineFaults(points)]
};

/** Between two points both aperture and time move by equal stops. */
function alongLine(points: readonly ProgramPoint[], ev: number): ProgramPoint {
  for (const [i, b] of points.entries()) {
    const a = points[i - 1];
    const evB = evOf(b);
    if (ev > evB || !a) {
      if (!a && ev <= evB) return b;
      continue;
    }
    const share = (ev - evOf(a)) / (evB - evOf(a));
    return {
      fNumber: a.fNumber * (b.fNumber / a.fNumber) ** share,
      seconds: a.seconds * (b.seconds / a.seconds) ** share
    };
  }
  return points.at(-1) ?? { fNumber: NaN, seconds: NaN };
}

/** Along a line the aperture may only close and the time only shorten, and one of them must. */
function lineFaults(points: readonly ProgramPoint[]): readonly CameraFault[] {
  if (points.length < 2) return [{ fault: 'line-runs-backwards', point: 0 }];
  const bad = points.findIndex((p, i) => {
    if (!(p.fNumber > 0 && p.seconds > 0 && Number.isFinite(p.fNumber) && Number.isFinite(p.seconds)))
      return true;
    const before = points[i - 1];
    if (!before) return false;
    const falls = p.fNumber < before.fNumber || p.seconds > before.seconds;
    return falls || (p.fNumber === before.fNumber && p.seconds === before.seconds);
  });
  return bad === -1 ? [] : [{ fault: 'line-runs-backwards', point: bad }];
}
