// A camera's definition that cannot work, as data. Looked at before a camera is stored or judged.
import { FILM_SPEED_RANGE } from '../units/film-speed.ts';
import {
  positionCount,
  positionsOf,
  type Camera,
  type Control,
  type ControlActs,
  type Program
} from './camera.ts';

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

/** Looks a definition over (a focus mark nearer than the focal length is a bad value); an empty list means it can be used. */
export function cameraFaults(camera: Camera): readonly CameraFault[] {
  const faults: CameraFault[] = [];
  if (!(camera.focalMm > 0 && Number.isFinite(camera.focalMm))) faults.push({ fault: 'no-focal-length' });
  faults.push(...controlCountFaults(camera), ...nameFaults(camera), ...programFaults(camera.program));
  for (const control of camera.controls) faults.push(...controlFaults(camera, control));
  const count = camera.controls.reduce((n, c) => n * (c.acts === 'focus' ? 1 : positionCount(c)), 1);
  if (count > MAX_SETTINGS) faults.push({ fault: 'too-many', count });
  return faults;
}

/** What each program leaves to the photographer's controls. */
const WANTS: Readonly<Record<Program['kind'], Readonly<Record<'aperture' | 'time', boolean>>>> = {
  manual: { aperture: true, time: true },
  'automatic-time': { aperture: true, time: false },
  'automatic-aperture': { aperture: false, time: true },
  program: { aperture: false, time: false }
};

function controlCountFaults(camera: Camera): readonly CameraFault[] {
  const count = (acts: ControlActs): number => camera.controls.filter((c) => c.acts === acts).length;
  const doubled = (['aperture', 'time', 'focus', 'compensation', 'dial'] as const)
    .filter((acts) => count(acts) > 1)
    .map((acts): CameraFault => ({ fault: 'doubled-control', acts }));
  const wants = WANTS[camera.program.kind];
  const wrong = (['aperture', 'time'] as const).flatMap((acts): readonly CameraFault[] => {
    if (wants[acts] && count(acts) === 0) return [{ fault: 'missing-control', acts }];
    return !wants[acts] && count(acts) > 0 ? [{ fault: 'unwanted-control', acts }] : [];
  });
  return [...doubled, ...wrong];
}

/** Each control has a name of its own, and lighten–darken something to act on. */
function nameFaults({ controls, program }: Camera): readonly CameraFault[] {
  return controls.flatMap((control, i): readonly CameraFault[] => [
    ...(control.id === '' || controls.findIndex((c) => c.id === control.id) !== i
      ? [{ fault: 'doubled-name' as const, control: control.label }]
      : []),
    ...(control.acts === 'compensation' && program.kind === 'manual'
      ? [{ fault: 'nothing-to-lighten' as const, control: control.label }]
      : [])
  ]);
}

function programFaults(program: Program): readonly CameraFault[] {
  if (program.kind === 'manual') return [];
  const { believesIso } = program.eye;
  const faults: CameraFault[] = [];
  if (!(believesIso >= FILM_SPEED_RANGE.min && believesIso <= FILM_SPEED_RANGE.max)) {
    faults.push({ fault: 'bad-speed', iso: believesIso });
  }
  if (program.kind === 'program') return [...faults, ...lineFaults(program.points)];
  const [from, to] =
    program.kind === 'automatic-time'
      ? [program.shortestSeconds, program.longestSeconds]
      : [program.widestFNumber, program.smallestFNumber];
  if (!(from > 0 && to >= from && Number.isFinite(to))) faults.push({ fault: 'limits-reversed' });
  return faults;
}

/** Along a line the aperture may only close and the time only shorten, and one of them must. */
function lineFaults(
  points: readonly { readonly fNumber: number; readonly seconds: number }[]
): readonly CameraFault[] {
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

function controlFaults(camera: Camera, control: Control): readonly CameraFault[] {
  if (positionCount(control) === 0) return [{ fault: 'no-positions', control: control.label }];
  if (control.kind === 'linked') return linkFaults(camera, control);
  return positionsOf(control)
    .filter((p) => !isGoodValue(camera, control.acts, p.value))
    .map((p) => ({ fault: 'bad-value', control: control.label, mark: p.mark }));
}

function linkFaults(camera: Camera, control: Extract<Control, { kind: 'linked' }>): readonly CameraFault[] {
  const other = camera.controls.find((c) => c.id === control.dependsOn && c.id !== control.id);
  if (!other || other.kind === 'linked') return [{ fault: 'unknown-link', control: control.label }];
  const wanted = positionCount(other);
  return control.positions.flatMap((p): readonly CameraFault[] => {
    const { mark } = p;
    if (p.values.length !== wanted || p.values.includes(null)) {
      return [{ fault: 'missing-cell', control: control.label, mark }];
    }
    const good = p.values.every((v) => v !== null && isGoodValue(camera, control.acts, v));
    return good ? [] : [{ fault: 'bad-value', control: control.label, mark }];
  });
}

/** Lighten–darken beyond this many stops is a slip of the pen. */
const MAX_COMPENSATION_STOPS = 6;

function isGoodValue(camera: Camera, acts: ControlActs, value: number): boolean {
  switch (acts) {
    case 'focus':
      return value * 1000 > camera.focalMm;
    case 'compensation':
      return Math.abs(value) <= MAX_COMPENSATION_STOPS;
    case 'dial':
      return value >= FILM_SPEED_RANGE.min && value <= FILM_SPEED_RANGE.max;
    case 'aperture':
    case 'time':
      return value > 0 && Number.isFinite(value);
  }
}
