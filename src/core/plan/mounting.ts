// What goes on which camera: filters by their threads, tripod and cable release by what the camera takes.
import type { Camera } from '../camera/camera.ts';
import type { Thing } from '../kit/thing.ts';
import type { StopWay } from './stop-ways.ts';

/** What to mind when something is packed for a camera. */
export type MountNote =
  /** A step-up ring goes between lens and filter. */
  | { readonly kind: 'ring'; readonly filter: string; readonly lensMm: number; readonly filterMm: number }
  /** The filter is smaller than the lens: it cuts the corners of the picture. */
  | {
      readonly kind: 'too-small';
      readonly filter: string;
      readonly lensMm: number;
      readonly filterMm: number;
    }
  /** A thread is not known: it is tried at home. */
  | { readonly kind: 'try-filter'; readonly filter: string }
  | { readonly kind: 'stand-adapter' }
  /** It has no socket: something level to lay it on. */
  | { readonly kind: 'lay-flat' }
  | { readonly kind: 'release' }
  | { readonly kind: 'release-adapter' };

/** What to mind when a way is packed for. @param things of the kit, for the threads of its filters */
export function mountNotes(
  { support, steps, verdict }: StopWay,
  { mounts }: Pick<Camera, 'mounts'>,
  things: readonly Thing[]
): readonly MountNote[] {
  const lensMm = mounts?.filterMm ?? null;
  const filters = steps.flatMap((s) => (s.kind === 'filter' ? [s.filter] : []));
  const stand = support === 'standing' ? (mounts?.stand ?? null) : null;
  // only a time that is held open is worth a cable
  const release = support === 'standing' && verdict.setting.timedByHand ? (mounts?.release ?? null) : null;
  return [
    ...filters.flatMap(({ name, stops }): readonly MountNote[] => {
      const owned = things.find(
        ({ name: own, data }) => own === name && data.kind === 'filter' && data.stops === stops
      );
      const filterMm = owned?.data.kind === 'filter' ? (owned.data.sizeMm ?? null) : null;
      if (filterMm === null || lensMm === null) return [{ kind: 'try-filter', filter: name }];
      if (filterMm === lensMm) return [];
      return [{ kind: filterMm > lensMm ? 'ring' : 'too-small', filter: name, lensMm, filterMm }];
    }),
    ...(stand === 'adapter' ? [{ kind: 'stand-adapter' } as const] : []),
    ...(stand === 'flat' ? [{ kind: 'lay-flat' } as const] : []),
    ...(release === 'socket' ? [{ kind: 'release' } as const] : []),
    ...(release === 'adapter' ? [{ kind: 'release-adapter' } as const] : [])
  ];
}
