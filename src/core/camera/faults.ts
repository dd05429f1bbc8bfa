// A camera's definition that cannot work, as data. Looked at before a camera is stored or judged.
import { positionCount, setsItself, type Camera } from './camera.ts';
import { kindOfControl, type Control } from './kinds/controls.ts';
import { kindOfProgram } from './kinds/programs.ts';
import { CONTROL_ACTS, isLeftAlone, type ControlActs } from './position.ts';

/** What is wrong with a camera. */
export type CameraFault =
  | { readonly fault: 'missing-control'; readonly acts: 'aperture' | 'time' }
  | { readonly fault: 'unwanted-control'; readonly acts: 'aperture' | 'time' }
  | { readonly fault: 'doubled-control'; readonly acts: ControlActs }
  | { readonly fault: 'no-positions'; readonly control: string }
  | { readonly fault: 'bad-value'; readonly control: string; readonly mark: string }
  | { readonly fault: 'missing-cell'; readonly control: string; readonly mark: string }
  | { readonly fault: 'unknown-link'; readonly control: string }
  | { readonly fault: 'limits-reversed' }
  | { readonly fault: 'line-runs-backwards'; readonly point: number }
  | { readonly fault: 'bad-speed'; readonly iso: number }
  | { readonly fault: 'too-many'; readonly count: number }
  | { readonly fault: 'no-focal-length' }
  | { readonly fault: 'doubled-name'; readonly control: string }
  /** Lighten–darken on a camera that sets nothing by itself. */
  | { readonly fault: 'nothing-to-lighten'; readonly control: string };

/** Faults that a camera can be judged with: it was entered before they were looked for. */
export const HARMLESS_FAULTS: readonly CameraFault['fault'][] = ['nothing-to-lighten'];

/** More combinations than this are refused. */
export const MAX_SETTINGS = 2000;

/**
 * Looks a definition over (a focus mark nearer than the focal length is a bad value); an empty list means it can be used.
 * @returns one for each field that cannot be
 */
export function cameraFaults(camera: Camera): readonly CameraFault[] {
  const faults: CameraFault[] = [];
  if (!(camera.focalMm > 0 && Number.isFinite(camera.focalMm))) faults.push({ fault: 'no-focal-length' });
  faults.push(
    ...controlCountFaults(camera),
    ...nameFaults(camera),
    ...kindOfProgram(camera.program).faults(camera.program)
  );
  for (const control of camera.controls) faults.push(...controlFaults(camera, control));
  const count = camera.controls.reduce((n, c) => n * (isLeftAlone(c.acts) ? 1 : positionCount(c)), 1);
  if (count > MAX_SETTINGS) faults.push({ fault: 'too-many', count });
  return faults;
}

function controlCountFaults(camera: Camera): readonly CameraFault[] {
  const count = (acts: ControlActs): number => camera.controls.filter((c) => c.acts === acts).length;
  const doubled = CONTROL_ACTS.filter((acts) => count(acts) > 1).map((acts): CameraFault => ({
    fault: 'doubled-control',
    acts
  }));
  const sets = kindOfProgram(camera.program).sets;
  const wrong = (['aperture', 'time'] as const).flatMap((acts): readonly CameraFault[] => {
    if (!sets[acts] && count(acts) === 0) return [{ fault: 'missing-control', acts }];
    const unwanted = camera.controls.some((c) => c.acts === acts && !kindOfControl(c).overrides);
    return sets[acts] && unwanted ? [{ fault: 'unwanted-control', acts }] : [];
  });
  return [...doubled, ...wrong];
}

/** Each control has a name of its own, and lighten–darken something to act on. */
function nameFaults({ controls, program }: Camera): readonly CameraFault[] {
  return controls.flatMap((control, i): readonly CameraFault[] => [
    ...(control.id === '' || controls.findIndex((c) => c.id === control.id) !== i
      ? [{ fault: 'doubled-name' as const, control: control.label }]
      : []),
    ...(control.acts === 'compensation' && !setsItself({ program })
      ? [{ fault: 'nothing-to-lighten' as const, control: control.label }]
      : [])
  ]);
}

function controlFaults(camera: Camera, control: Control): readonly CameraFault[] {
  if (positionCount(control) === 0) return [{ fault: 'no-positions', control: control.label }];
  return kindOfControl(control).faults(control, camera, positionCount);
}
