// The first visit: a camera's sheet and its film in one form.
import type { Camera } from '#core/camera/camera.ts';
import { FILM_KINDS, TYPICAL_RANGE, type Film } from '#core/film/film.ts';
import { PLAIN_FILM_TRAITS } from '#core/film/traits.ts';
import { err, ok, type Result } from '#core/numeric/result.ts';
import { parseFilmSpeed } from '#core/units/film-speed.ts';
import type { FieldFault } from '../reading/parse.ts';
import { readSheet } from './sheet-read.ts';
import { SHEET_ENTRIES } from '#core/camera/kinds/entries.ts';
import type { Sheet } from '#core/camera/kinds/sheet-texts.ts';
import { typicalSheet } from './sheet.ts';
import { explainQuantity } from '../reading/words.ts';

/** What the form comes to. */
export interface Entry {
  readonly camera: Camera;
  readonly film: Film;
  readonly frames: number;
}

/** A sheet with the typical answers where nothing was said: the short form asks for a few texts only. */
export function filledSheet(texts: Sheet): Sheet {
  const known = SHEET_ENTRIES.some(({ name }) => name === texts['has']);
  return known ? { ...typicalSheet(texts['has'] ?? ''), ...texts } : texts;
}

/** Reads the form. @param newId makes ids */
export function readEntry(texts: Sheet, newId: () => string): Result<Entry, readonly FieldFault[]> {
  const camera = readSheet(filledSheet(texts), newId());
  const faults: FieldFault[] = camera.ok ? [] : [...camera.error];
  const text = (field: string): string => (texts[field] ?? '').trim();
  const fault = (field: string, message: string): void => void faults.push({ field, message });
  const kind = FILM_KINDS.find((k) => k === text('kind'));
  if (!kind) fault('kind', 'Choose the kind of film from the list.');
  const speed = parseFilmSpeed(text('iso'));
  if (!speed.ok) fault('iso', explainQuantity(speed.error));
  const frames = Number(text('frames'));
  if (!(Number.isInteger(frames) && frames >= 1 && frames <= 200)) {
    fault('frames', `“${text('frames')}” is no number of frames. Give a whole number from 1 to 200.`);
  }
  if (faults.length > 0 || !camera.ok || !kind || !speed.ok) return err(faults);
  const film: Film = {
    id: newId(),
    name: text('film') === '' ? `Film ISO ${speed.value}` : text('film').slice(0, 80),
    kind,
    iso: speed.value,
    belowStops: TYPICAL_RANGE[kind].below,
    aboveStops: TYPICAL_RANGE[kind].above,
    reciprocity: { kind: 'none' },
    ...{ developmentStops: 0, ageStops: 0, sdStops: 0.2, frames },
    ...PLAIN_FILM_TRAITS,
    // what runs the camera came with the film that is in it
    ...{ formats: camera.value.formats.slice(0, 1), packBattery: camera.value.needsPackBattery }
  };
  return ok({ camera: camera.value, film, frames });
}
