// Which lights the sky has a part in.
import type { LightWay } from '#core/ways/choice.ts';

const OUTDOORS: readonly LightWay['kind'][] = ['shadow', 'sky', 'reading', 'sun', 'frame'];

/** Whether the sky has a part in a light: under lamps nothing is waited for. */
export function isOutdoors({ kind }: LightWay): boolean {
  return OUTDOORS.includes(kind);
}
