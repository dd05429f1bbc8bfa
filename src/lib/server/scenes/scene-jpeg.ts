// Drawn scenes as JPEG files: as a phone takes them, with what its Exif would say; and as scans of a film's prints.
import sharp, { type Sharp } from 'sharp';
import { isColour, type Film } from '#core/film/film.ts';
import { printTone } from '#core/film/print.ts';
import { filmWindow } from '#core/film/window.ts';
import { printInto, printTables } from '#core/picture/as-printed.ts';
import type { Pixels } from '#core/picture/luminance.ts';
import { ANY_PHONE } from '#core/picture/phone.ts';
import { drawScene } from '#core/scene/draw.ts';
import { exposeScene, type Exposed } from '#core/scene/expose.ts';
import type { DrawnScene } from '#core/scene/scene.ts';

/** How large, pixels. */
export interface PictureSize {
  readonly width: number;
  readonly height: number;
}

/** A phone, as its pictures name it, and the length of its lens in mm. */
const PHONE = { model: 'Pocket 7', focalMm: 5.4, focal35Mm: 26 } as const;

function jpegOf({ width, height, data }: Pixels): Sharp {
  return sharp(data, { raw: { width, height, channels: 4 } })
    .removeAlpha()
    .jpeg({ quality: 88 });
}

/** A time as Exif writes it: one over a whole number, or hundredths. */
const timeOf = (seconds: number): string =>
  seconds < 0.3 ? `1/${Math.round(1 / seconds)}` : `${Math.round(seconds * 100)}/100`;

/**
 * A scene as a phone takes it.
 * @param slope of the phone's curve, > 0
 * @returns the file, and the exposure that its Exif says
 */
export async function phoneJpeg(
  scene: DrawnScene,
  { width, height }: PictureSize,
  slope = ANY_PHONE.slope
): Promise<{ readonly file: Buffer; readonly exposed: Exposed }> {
  const exposed = exposeScene(drawScene(scene, width, height), slope);
  const { fNumber, seconds, iso, pixels } = exposed;
  const file = await jpegOf(pixels)
    .withExif({
      IFD0: { Model: PHONE.model },
      IFD2: {
        ...{ FNumber: `${Math.round(fNumber * 10)}/10`, ExposureTime: timeOf(seconds) },
        ...{ ISOSpeedRatings: String(iso), FocalLength: `${Math.round(PHONE.focalMm * 10)}/10` },
        FocalLengthIn35mmFilm: String(PHONE.focal35Mm)
      }
    })
    .toBuffer();
  return { file, exposed };
}

/** A scene as the scan of a print. @param deltaStops the frame's error, + = over */
export async function printJpeg(
  scene: DrawnScene,
  { width, height }: PictureSize,
  film: Film,
  deltaStops: number
): Promise<Buffer> {
  const { pixels, ev100 } = exposeScene(drawScene(scene, width, height));
  const data = new Uint8ClampedArray(pixels.data.length);
  const isBlackAndWhite = !isColour(film.kind);
  const tables = printTables({
    ...{ tone: printTone(film, filmWindow(film, scene.contrast).usable), deltaStops, isBlackAndWhite },
    // the frame was exposed for the light on the subject
    ...{ subjectStops: scene.lv - ev100, phone: ANY_PHONE, cast: [1, 1, 1] as const }
  });
  printInto(pixels.data, data, tables, isBlackAndWhite);
  return jpegOf({ width, height, data }).toBuffer();
}
