// Reads a phone's picture off the main thread: what it says of its own exposure, and its pixels, as large as they are looked at.
import ExifReader from 'exifreader';
import { pictureExposure, type PictureExposure, type PictureNotes } from '#core/picture/exposure.ts';
import type { Pixels } from '#core/picture/luminance.ts';
import { notesFrom } from '#schema/light/picture-notes.ts';
import { serve } from './serve.ts';

/** A picture. */
export interface PictureQuestion {
  readonly file: Blob;
}

/** What can be wrong with a picture. */
export type PictureTrouble = 'not-a-picture' | 'too-large';

/** What was read: notes and exposure at once, the pixels when they are decoded; or why not. */
export type PictureAnswer =
  | {
      readonly notes: PictureNotes;
      /** Null = the picture says nothing of its exposure. */
      readonly exposure: PictureExposure | null;
      /** Whether its exposure is there but cannot be. */
      readonly isZero: boolean;
    }
  | { readonly pixels: Pixels }
  | { readonly trouble: PictureTrouble };

/** Longest side that is kept, pixels. */
const LONGEST = 768;
/** More pixels than a phone takes: the browser would need gigabytes for them. */
const MOST_PIXELS = 60_000_000;

serve<PictureQuestion, PictureAnswer>(self, async function* ({ file }, progress) {
  const tags = await tagsOf(file);
  const notes = notesFrom(tags);
  const exposure = pictureExposure(notes);
  yield {
    notes,
    exposure: exposure.ok ? exposure.value : null,
    isZero: !exposure.ok && exposure.error === 'exposure-zero'
  };
  progress(0.2);
  const size = sizeOf(tags);
  if (size > MOST_PIXELS) {
    yield { trouble: 'too-large' };
    return;
  }
  const pixels = await decoded(file);
  yield pixels ? { pixels } : { trouble: 'not-a-picture' };
});

/** The tags of a picture; none where it has none, or they cannot be read. */
async function tagsOf(file: Blob): Promise<Readonly<Record<string, unknown>>> {
  try {
    // Exif stands at the start: the rest need not be read for it
    const head = await file.slice(0, 262_144).arrayBuffer();
    return ExifReader.load(head, { expanded: false });
  } catch {
    return {};
  }
}

function sizeOf(tags: Readonly<Record<string, unknown>>): number {
  const of = (name: string): number => {
    const tag = tags[name];
    const value = typeof tag === 'object' && tag !== null && 'value' in tag ? tag.value : null;
    return typeof value === 'number' ? value : 0;
  };
  return of('Image Width') * of('Image Height');
}

/** The picture as it is looked at, turned as it was held; null when the browser cannot decode it. */
async function decoded(file: Blob): Promise<Pixels | null> {
  try {
    const whole = await createImageBitmap(file);
    const scale = Math.min(1, LONGEST / Math.max(whole.width, whole.height));
    const [width, height] = [whole.width, whole.height].map((n) => Math.max(1, Math.round(n * scale))) as [
      number,
      number
    ];
    const canvas = new OffscreenCanvas(width, height);
    const context = canvas.getContext('2d', { willReadFrequently: true, colorSpace: 'srgb', alpha: false });
    context?.drawImage(whole, 0, 0, width, height);
    whole.close();
    const read = context?.getImageData(0, 0, width, height);
    return read ? { width, height, data: read.data } : null;
  } catch {
    return null;
  }
}
