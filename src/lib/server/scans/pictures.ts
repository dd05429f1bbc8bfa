// Looks into picture files and makes small ones of them, in the library's own threads: the server answers meanwhile.
import { fileTypeFromFile } from 'file-type';
import sharp, { type OutputInfo } from 'sharp';
import { SCAN_TYPES, type ScanTones, type ScanType } from '#core/log/scan.ts';
import { AS_IT_CAME, partOf, type ScanShown } from '#core/log/scan-shown.ts';
import { err, ok, type Result } from '#core/numeric/result.ts';

/** Most pixels of a picture, so that a small file cannot become a huge one. */
export const MOST_PIXELS = 120_000_000;
/** Longer sides of the small pictures, pixels. */
export const SIZES = { thumb: 320, view: 1000 } as const;

/** Why a file is not taken. */
export type PictureFault =
  | { readonly fault: 'no-picture'; readonly is: string | null }
  | { readonly fault: 'other-name'; readonly is: ScanType }
  | { readonly fault: 'broken' }
  | { readonly fault: 'too-many-pixels' }
  | { readonly fault: 'colours'; readonly is: string }
  | { readonly fault: 'bits' }
  | { readonly fault: 'pages' };

/** A picture that is taken. */
export interface Picture {
  readonly type: ScanType;
  /** As it is looked at. */
  readonly width: number;
  readonly height: number;
  readonly tones: ScanTones;
  /** JPEG files. */
  readonly thumb: Buffer;
  readonly view: Buffer;
}

const TYPE_OF_MIME: Readonly<Record<string, ScanType>> = {
  'image/jpeg': 'jpeg',
  'image/png': 'png',
  'image/tiff': 'tiff',
  'image/webp': 'webp'
};
const ENDINGS: Readonly<Record<ScanType, RegExp>> = {
  ...{ jpeg: /\.jpe?g$/i, png: /\.png$/i, tiff: /\.tiff?$/i, webp: /\.webp$/i }
};
/** Colour spaces of ordinary pictures. */
const SPACES = ['srgb', 'rgb', 'b-w', 'rgb16', 'grey16'];
/** Whole numbers of 8 and of 16 bits a colour. */
const DEPTHS = ['uchar', 'ushort'];

// half of the machine for pictures at a time: the rest goes on answering
sharp.concurrency(1);
// no picture is looked into twice
sharp.cache(false);

/** Shares of lightness, read off the small picture. */
function tonesOf(grey: Uint8Array): ScanTones {
  const counts = new Uint32Array(256);
  for (const value of grey) counts[value] = (counts[value] ?? 0) + 1;
  const share = (from: number, to: number): number =>
    counts.subarray(from, to).reduce((sum, n) => sum + n, 0) / grey.length;
  let [middle, below] = [0, 0];
  while (middle < 255 && below + (counts[middle] ?? 0) < grey.length / 2) below += counts[middle++] ?? 0;
  return { middle: middle / 255, darkShare: share(0, 6), lightShare: share(250, 256) };
}

const rawOf = ({ width, height, channels }: OutputInfo) => ({ raw: { width, height, channels } });

/**
 * Looks into a file.
 * @param path where it lies @param name as it was called: its ending must not say otherwise
 * @param shown how it is looked at: the small pictures and what is measured are of that
 */
export async function lookInto(
  path: string,
  name: string,
  shown: ScanShown = AS_IT_CAME
): Promise<Result<Picture, PictureFault>> {
  const found = await fileTypeFromFile(path);
  const type = TYPE_OF_MIME[found?.mime ?? ''];
  if (!type) return err({ fault: 'no-picture', is: found?.ext ?? null });
  if (SCAN_TYPES.some((t) => t !== type && ENDINGS[t].test(name)))
    return err({ fault: 'other-name', is: type });
  const options = { limitInputPixels: MOST_PIXELS, failOn: 'truncated' as const, sequentialRead: true };
  try {
    const about = await sharp(path, { ...options, limitInputPixels: false }).metadata();
    const { width, height, space, depth, pages = 1, orientation = 1 } = about;
    if (width * height > MOST_PIXELS) return err({ fault: 'too-many-pixels' });
    if (pages > 1) return err({ fault: 'pages' });
    if (!DEPTHS.includes(depth)) return err({ fault: 'bits' });
    if (!SPACES.includes(space)) return err({ fault: 'colours', is: space.toUpperCase() });
    const isUpright = orientation >= 5 === (shown.turn === 90 || shown.turn === 270);
    const part = partOf(shown, isUpright ? width : height, isUpright ? height : width);
    const { data, info } = await sharp(path, options)
      .autoOrient()
      .rotate(shown.turn)
      .extract(part)
      .resize(SIZES.view, SIZES.view, { fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#ffffff' })
      .toColourspace('srgb')
      .negate(shown.negative && { alpha: false })
      .raw()
      .toBuffer({ resolveWithObject: true });
    // one after the other, each from the one before: less memory than side by side, and no more time
    const small = await sharp(data, rawOf(info))
      .resize(SIZES.thumb, SIZES.thumb, { fit: 'inside', withoutEnlargement: true })
      .raw()
      .toBuffer({ resolveWithObject: true });
    const view = await sharp(data, rawOf(info)).jpeg({ quality: 84 }).toBuffer();
    const thumb = await sharp(small.data, rawOf(small.info)).jpeg({ quality: 80 }).toBuffer();
    const grey = await sharp(small.data, rawOf(small.info)).greyscale().raw().toBuffer();
    const turned = orientation >= 5;
    return ok({
      type,
      ...{ width: turned ? height : width, height: turned ? width : height },
      ...{ tones: tonesOf(grey), thumb, view }
    });
  } catch {
    return err({ fault: 'broken' });
  }
}
