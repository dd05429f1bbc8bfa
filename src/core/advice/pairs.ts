// Every camera against every film that fits it, in one light: which film for which camera today?
import type { Camera } from '../camera/camera.ts';
import { withUsualFocus } from '../focus/focused.ts';
import type { Film } from '../film/film.ts';
import type { Contrast } from '../light/contrast.ts';
import type { LightValue } from '../light/lv.ts';
import { sharedFormat } from '../chance/conditions.ts';
import { bestSetting } from './rank.ts';
import type { Verdict } from '../chance/verdict.ts';

/** A camera with a film that fits it, and what comes of the best setting. */
export interface PairVerdict {
  readonly camera: Camera;
  readonly film: Film;
  readonly verdict: Verdict;
}

/**
 * All pairs that fit, most likely first; equal chances stay in the order of the kit.
 * @param cameras each with every film @param light at the subject @param contrast of the subject
 * @returns the best setting of each pair
 */
export function pairVerdicts(
  cameras: readonly Camera[],
  films: readonly Film[],
  light: LightValue,
  contrast: Contrast
): readonly PairVerdict[] {
  const pairs = cameras.flatMap((camera) =>
    films
      .filter((film) => sharedFormat(camera, film) !== null)
      .flatMap((film): PairVerdict[] => {
        const verdict = bestSetting({ camera, film, light, contrast }, withUsualFocus(camera, {}));
        return verdict ? [{ camera, film, verdict }] : [];
      })
  );
  return pairs.sort((a, b) => rankOf(b.verdict) - rankOf(a.verdict));
}

/** Chance in whole points. */
function rankOf(verdict: Verdict): number {
  return Math.round(verdict.pUsable * 100);
}
