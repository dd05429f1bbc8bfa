import { describe, expect, test } from 'vitest';
import { cameraWith, marked } from '../error/pairs.test.fixtures.ts';
import type { LensControl } from '../camera/kinds/lens/control.ts';
import { finderFrames, frameOfLens } from './finder-frames.ts';

const TURRET: LensControl = {
  ...{ kind: 'lens', id: 'lens', label: 'lens', acts: 'lens' },
  lenses: [
    { mark: '13 mm', focalMm: 13, opens: null },
    { mark: '38 mm', focalMm: 38, opens: null, finderFrame: 'the red frame' },
    { mark: '6.5 mm', focalMm: 6.5, opens: null }
  ]
};
const CAMERA = cameraWith([marked('aperture', [2, 8]), TURRET], { focalMm: 13 });

describe('frames of a turret’s finder', () => {
  // similar triangles: at twice the focal length half as wide a picture
  test('the widest lens has all of the finder, the others their share', () => {
    expect(finderFrames(CAMERA).map((f) => [f.mark, f.share, f.frame])).toEqual([
      ['6.5 mm', 1, ''],
      ['13 mm', 0.5, ''],
      ['38 mm', 6.5 / 38, 'the red frame']
    ]);
  });
  test('the lens that is on says its frame', () => {
    expect(frameOfLens(CAMERA, { lens: 1 })).toEqual({ mark: '38 mm', frame: 'the red frame' });
    expect(frameOfLens(CAMERA, {})).toBeNull();
    expect(frameOfLens(CAMERA, { lens: 2 })).toBeNull();
  });
  test('a camera with one lens has none', () => {
    expect(finderFrames(cameraWith([marked('aperture', [2, 8])], {}))).toEqual([]);
    expect(frameOfLens(cameraWith([marked('aperture', [2, 8])], {}), {})).toBeNull();
  });
});
