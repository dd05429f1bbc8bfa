// Which frame of a finder belongs to which lens of a turret: the picture of a longer lens is a smaller part of the widest one's.
import type { Camera } from '../camera/camera.ts';
import { controlFor, type Choice } from '../camera/setting.ts';
import type { LensControl } from '../camera/kinds/lens/control.ts';

/** A frame of the finder. */
export interface FinderFrame {
  /** Of the lens. */
  readonly mark: string;
  readonly focalMm: number;
  /** What its owner calls the frame; '' = nobody said. */
  readonly frame: string;
  /** Its width as a share of the widest lens's frame, 0…1. */
  readonly share: number;
}

const lensesOf = (camera: Camera): LensControl | null => {
  const control = controlFor(camera, 'lens');
  return control?.kind === 'lens' ? control : null;
};

/**
 * The frames of a camera's finder, the widest first. A lens of f millimetres takes in w/f of the distance (similar triangles), so
 * the frames are to each other as the focal lengths upside down.
 * @returns none for a camera with one lens
 */
export function finderFrames(camera: Camera): readonly FinderFrame[] {
  const lenses = [...(lensesOf(camera)?.lenses ?? [])].sort((a, b) => a.focalMm - b.focalMm);
  const widest = lenses[0]?.focalMm ?? 1;
  return lenses.map(({ mark, focalMm, finderFrame = '' }) => ({
    ...{ mark, focalMm, frame: finderFrame, share: widest / focalMm }
  }));
}

/**
 * The frame of the lens that is on; null where nobody said one.
 * @param choice where the controls stand
 * @returns the mark of the lens, and the frame of the finder to look through
 */
export function frameOfLens(
  camera: Camera,
  choice: Choice
): { readonly mark: string; readonly frame: string } | null {
  const control = lensesOf(camera);
  const lens = control?.lenses[choice[control.id] ?? 0];
  return lens?.finderFrame === undefined ? null : { mark: lens.mark, frame: lens.finderFrame };
}
