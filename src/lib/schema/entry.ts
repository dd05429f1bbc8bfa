// The first form: a camera by what it has, and the film in it. Texts in, a camera and a film out, or a fault per field.
import type { Camera } from '#core/camera/camera.ts';
import { cameraFaults } from '#core/camera/faults.ts';
import { enterCamera, type EnteredControls } from '#core/camera/enter.ts';
import { FILM_KINDS, FRAME_FORMATS, TYPICAL_RANGE, type Film } from '#core/film/film.ts';
import { PLAIN_FILM_TRAITS } from '#core/film/traits.ts';
import { err, ok, type Result } from '#core/numeric/result.ts';
import { parseDecimal } from '#core/units/decimal.ts';
import { parseFilmSpeed } from '#core/units/film-speed.ts';
import type { FieldFault } from './parse.ts';
import { explainCameraFault, explainQuantity } from './words.ts';

/** What the form comes to. */
export interface Entry {
  readonly camera: Camera;
  readonly film: Film;
  readonly frames: number;
}

/** Starting answers for what a camera has. Common practice, no source; each is there to be changed. */
export const TYPICAL_ENTRY = {
  nothing: { name: 'My box camera', format: 'roll-6x9', focal: '100', aperture: 'f/14', time: '1/40' },
  symbols: {
    name: 'My toy camera',
    format: 'roll-6x6',
    focal: '60',
    sun: 'f/13',
    cloud: 'f/9',
    time: '1/90'
  },
  scales: {
    name: 'My meterless camera',
    format: '135',
    focal: '45',
    apertures: '2.8 4 5.6 8 11 16',
    times: '1 2 4 8 15 30 60 125 250 500'
  },
  timed: {
    name: 'My automatic camera',
    format: 'instant-square',
    focal: '100',
    openings: 'f/10',
    shortest: '1/200',
    longest: '1s',
    believes: '640',
    lighten: '-⅔ 0 +⅔'
  }
} as const;

/** What a camera can have, in the form. */
export type EntryKind = keyof typeof TYPICAL_ENTRY;

/** Reads the form. @param newId makes ids */
export function readEntry(
  texts: Readonly<Record<string, string>>,
  newId: () => string
): Result<Entry, readonly FieldFault[]> {
  const faults: FieldFault[] = [];
  const text = (field: string): string => (texts[field] ?? '').trim();
  const fault = (field: string, message: string): void => void faults.push({ field, message });

  const name = text('name');
  if (name === '' || name.length > 80) fault('name', 'Give the camera a name of 1 to 80 letters.');
  const format = FRAME_FORMATS.find((f) => f === text('format'));
  if (!format) fault('format', 'Choose the size of the pictures from the list.');
  const focalMm = parseDecimal(text('focal'));
  const focalGood = focalMm !== null && focalMm >= 1 && focalMm <= 2000;
  if (!focalGood)
    fault('focal', `“${text('focal')}” is no focal length. Give millimetres from 1 to 2000, such as 60.`);
  const controls = controlsFrom(text);
  if (!controls) fault('has', 'Choose what the camera has.');

  const kind = FILM_KINDS.find((k) => k === text('kind'));
  if (!kind) fault('kind', 'Choose the kind of film from the list.');
  const speed = parseFilmSpeed(text('iso'));
  if (!speed.ok) fault('iso', explainQuantity(speed.error));
  const frames = Number(text('frames'));
  if (!(Number.isInteger(frames) && frames >= 1 && frames <= 200)) {
    fault('frames', `“${text('frames')}” is no number of frames. Give a whole number from 1 to 200.`);
  }

  const camera =
    controls && enterCamera({ id: newId(), name, format: format ?? '135', focalMm: focalMm ?? 50, controls });
  if (camera?.ok === false) for (const f of camera.error) fault(f.field, explainQuantity(f.error));
  if (camera?.ok === true && focalGood) {
    for (const f of cameraFaults(camera.value)) fault('has', explainCameraFault(f));
  }
  if (faults.length > 0 || camera?.ok !== true || !kind || !speed.ok || !format) return err(faults);
  const film: Film = {
    id: newId(),
    name: text('film') === '' ? `Film ISO ${speed.value}` : text('film').slice(0, 80),
    kind,
    iso: speed.value,
    belowStops: TYPICAL_RANGE[kind].below,
    aboveStops: TYPICAL_RANGE[kind].above,
    reciprocity: { kind: 'none' },
    developmentStops: 0,
    ageStops: 0,
    sdStops: 0.2,
    formats: [format],
    frames,
    ...PLAIN_FILM_TRAITS
  };
  return ok({ camera: camera.value, film, frames });
}

function controlsFrom(text: (field: string) => string): EnteredControls | null {
  switch (text('has')) {
    case 'nothing':
      return { has: 'nothing', aperture: text('aperture'), time: text('time') };
    case 'symbols':
      return { has: 'symbols', sun: text('sun'), cloud: text('cloud'), time: text('time') };
    case 'scales':
      return { has: 'scales', apertures: text('apertures'), times: text('times') };
    case 'timed':
      return {
        has: 'timed',
        openings: text('openings'),
        shortest: text('shortest'),
        longest: text('longest'),
        believes: text('believes'),
        lighten: text('lighten')
      };
    default:
      return null;
  }
}
