// The least code that gives the same error and chance as the engine for a setting made by hand: what the engine's reasons,
// windows and conditions cost is measured against it. Φ is the engine's own.
import { normalCdf } from '../src/core/numeric/normal.ts';

/** Error and chance of one setting; stops, seconds, ISO. */
export function minimalVerdict(
  lv: number,
  iso: number,
  fNumber: number,
  seconds: number,
  sd: number,
  lo: number,
  hi: number
): { readonly delta: number; readonly chance: number } {
  const delta = lv + Math.log2(iso / 100) - Math.log2((fNumber * fNumber) / seconds);
  return { delta, chance: normalCdf((hi - delta) / sd) - normalCdf((lo - delta) / sd) };
}
