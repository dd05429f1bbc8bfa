// What a picture says of itself, from tags as an Exif reader gives them. Nothing of it is trusted: what is no number is not there.
import { object, string } from 'yup';
import type { PictureNotes } from '#core/picture/exposure.ts';

/** A value in a tag: a number, a fraction as two, or a list of one. */
function numberIn(tag: unknown): number | null {
  const value = typeof tag === 'object' && tag !== null && 'value' in tag ? tag.value : tag;
  if (typeof value === 'number') return Number.isFinite(value) ? value : null;
  if (!Array.isArray(value)) return null;
  const list: readonly unknown[] = value;
  const [first, second] = list;
  if (Array.isArray(first)) return numberIn(first);
  if (typeof first !== 'number') return null;
  if (list.length === 1) return first;
  return typeof second === 'number' && second !== 0 ? first / second : null;
}

const wordsSchema = object({ description: string().required() });

function wordsIn(tag: unknown): string {
  try {
    return wordsSchema.validateSync(tag, { strict: true }).description.trim().slice(0, 80);
  } catch {
    return '';
  }
}

/**
 * The notes of a picture.
 * @param tags by their Exif names
 */
export function notesFrom(tags: Readonly<Record<string, unknown>>): PictureNotes {
  const of = (name: string): number | null => numberIn(tags[name]);
  const composite = of('CompositeImage');
  return {
    ...{ fNumber: of('FNumber'), seconds: of('ExposureTime'), iso: of('ISOSpeedRatings') },
    ...{ brightness: of('BrightnessValue'), biasStops: of('ExposureBiasValue') },
    ...{ model: wordsIn(tags['Model']), software: wordsIn(tags['Software']) },
    ...{ focalMm: of('FocalLength'), focal35Mm: of('FocalLengthIn35mmFilm') },
    // Exif 2.32, CompositeImage: 2 = made of several, 3 = of several taken while it was exposed
    isComposite: composite === 2 || composite === 3
  };
}
