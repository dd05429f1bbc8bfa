// What holds a frame back, by name: a remedy answers a trouble.
import type { Verdict } from '../chance/verdict.ts';
import { normalBetween } from '../numeric/normal.ts';

/** What can hold a frame back. `unsure`: a better aim would not help, knowing more would. */
export type Trouble = 'over' | 'under' | 'unsure' | 'shake' | 'motion' | 'too-near' | 'too-far' | 'sync';

/** A trouble with the chance that the frame escapes it. */
export interface Troubled {
  readonly trouble: Trouble;
  readonly chance: number;
}

/** A better aim has to gain this much before a frame counts as over or under. */
const CENTRE_GAIN = 0.1;

/**
 * What holds a frame back, the worst first; what is likely to hold is left out, unless nothing else is wrong.
 * @returns with the chance that each leaves, 0…1
 */
export function troublesOf(verdict: Verdict): readonly Troubled[] {
  const all = verdict.factors.flatMap(({ kind, chance }): readonly Troubled[] => {
    switch (kind) {
      case 'exposure':
        return [{ trouble: exposureTrouble(verdict), chance }];
      case 'lock':
        return [{ trouble: 'under', chance }];
      case 'hand':
      case 'counted':
        return [{ trouble: 'shake', chance }];
      case 'subject':
        return [{ trouble: 'motion', chance }];
      case 'sync':
        return [{ trouble: 'sync', chance }];
      case 'focus':
        return [{ trouble: focusTrouble(verdict), chance }];
    }
  });
  const sorted = [...all].sort((a, b) => a.chance - b.chance);
  return sorted.filter((t, i) => i === 0 || t.chance < LIKELY_ENOUGH);
}

/** A factor at or above this needs no answer. */
export const LIKELY_ENOUGH = 0.75;

function exposureTrouble({ window, sdStops, deltaStops, aimStops, pExposure }: Verdict): Trouble {
  const { lo, hi } = window.usable;
  const centred = normalBetween((lo + hi) / 2, sdStops, lo, hi);
  if (centred - pExposure < CENTRE_GAIN) return 'unsure';
  return deltaStops > aimStops ? 'over' : 'under';
}

function focusTrouble({ failures }: Verdict): Trouble {
  const found = failures.find((f) => f.condition === 'too-near' || f.condition === 'too-far');
  return found?.condition === 'too-far' ? 'too-far' : 'too-near';
}
