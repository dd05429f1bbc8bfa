// Place data in scans goes or stays as asked, in every form and every block. Written and read by exiftool, a program from outside.
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { afterAll, describe, expect, test } from 'vitest';
import { exifOrientation, withExif } from '../../files/exif.ts';
import { exifOf, withSegment } from './jpeg.ts';
import { plainPng } from './png.ts';
import { gpsTags, plainTiff } from './tiff.ts';
import { plainWebp } from './webp.ts';

const folder = mkdtempSync(join(tmpdir(), 'just-enough-metadata-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const ABOUT = {
  ...{ seconds: 1 / 60, fNumber: 8, iso: 100, ms: Date.UTC(2026, 8, 12), zone: 'UTC' },
  description: '3. The quay'
};

const picture = () =>
  sharp({ create: { width: 64, height: 48, channels: 3, background: '#486' } })
    .composite([{ input: Buffer.from('<svg><rect x="9" y="5" width="30" height="20" fill="#c63"/></svg>') }])
    .withIccProfile('p3');
const FORMS = {
  jpg: () => picture().jpeg(),
  png: () => picture().png(),
  webp: () => picture().webp({ lossless: true }),
  tif: () => picture().tiff({ compression: 'lzw' })
} as const;

function exiftool(...words: readonly string[]): string {
  return execFileSync('exiftool', [...words], { encoding: 'utf8', stdio: ['ignore', 'pipe', 'ignore'] });
}
/** A picture with its place in every block that the form can hold, in both byte orders where there are two. */
async function placed(form: keyof typeof FORMS, order: 'II' | 'MM' = 'MM'): Promise<Buffer> {
  const path = join(folder, `${form}-${order}.${form}`);
  writeFileSync(path, await FORMS[form]().toBuffer());
  exiftool(
    ...[
      '-overwrite_original',
      '-q',
      '-m',
      `-ExifByteOrder=${order}`,
      '-GPSLatitude=54.5',
      '-GPSLatitudeRef=N'
    ],
    ...['-GPSLongitude=8.25', '-GPSLongitudeRef=E', '-GPSAltitude=3', '-XMP:City=Northhaven'],
    ...['-XMP:GPSLatitude=54.5', '-XMP-iptcCore:Location=The quay'],
    ...(form === 'jpg' || form === 'tif' ? ['-IPTC:City=Northhaven'] : []),
    ...(form === 'jpg' || form === 'png' ? ['-Comment=At Northhaven'] : []),
    path
  );
  return readFileSync(path);
}
/** What exiftool finds in a file. */
function found(file: Buffer, form: string): Readonly<Record<string, unknown>> {
  const path = join(folder, `found.${form}`);
  writeFileSync(path, file);
  const [all] = JSON.parse(exiftool('-json', '-n', '-G', '-ee', path)) as readonly Record<string, unknown>[];
  return all ?? {};
}
const places = (all: Readonly<Record<string, unknown>>): readonly string[] =>
  Object.entries(all)
    .filter(
      ([name, value]) => /GPS|City|Location|Comment/.test(name) || /Northhaven|quay/.test(String(value))
    )
    .map(([name]) => name);
const pixels = (file: Buffer) => sharp(file).raw().toBuffer();
const plain = {
  jpg: (file: Buffer) => withSegment(file, exifOrientation(1), false),
  ...{ png: plainPng, webp: plainWebp },
  tif: (file: Buffer) => plainTiff(file) ?? Buffer.alloc(0)
};

describe.each(['jpg', 'png', 'webp', 'tif'] as const)('a .%s', (form) => {
  test.each(['II', 'MM'] as const)('says no place any more (%s), and shows what it showed', async (order) => {
    const file = await placed(form, order);
    expect(places(found(file, form)).length).toBeGreaterThan(3);
    const bare = plain[form](file);
    expect(places(found(bare, form))).toEqual([]);
    expect(found(bare, form)['ExifTool:Warning']).toBeUndefined();
    // not only out of sight
    expect(bare.includes('Northhaven')).toBe(false);
    expect(await pixels(bare)).toEqual(await pixels(file));
    // its colours are what they were
    expect((await sharp(bare).metadata()).icc).toEqual((await sharp(file).metadata()).icc);
  });

  test('without any stays as it is, to the pixel', async () => {
    const file = await FORMS[form]().toBuffer();
    expect(await pixels(plain[form](file))).toEqual(await pixels(file));
  });
});

describe('a JPEG with what is known written in', () => {
  test.each(['II', 'MM'] as const)('keeps its place where that is asked (%s)', async (order) => {
    const file = await placed('jpg', order);
    const kept = found(withExif(file, ABOUT, 1, 'kept'), 'jpg');
    expect(kept).toMatchObject({
      ...{ 'EXIF:GPSLatitude': 54.5, 'EXIF:GPSLongitude': 8.25, 'EXIF:GPSAltitude': 3 },
      ...{ 'XMP:City': 'Northhaven', 'IPTC:City': 'Northhaven', 'EXIF:FNumber': 8 }
    });
    expect(kept['ExifTool:Warning']).toBeUndefined();
    const out = found(withExif(file, ABOUT, 1, 'taken-out'), 'jpg');
    expect(places(out)).toEqual(['EXIF:ImageDescription']);
    expect(out).toMatchObject({ 'EXIF:FNumber': 8, 'EXIF:ImageDescription': '3. The quay' });
  });

  test('loses the pictures that hang behind it, which have a place of their own', async () => {
    const file = await placed('jpg');
    const two = Buffer.concat([await FORMS.jpg().toBuffer(), file]);
    expect(withExif(two, ABOUT, 1, 'taken-out').includes('Northhaven')).toBe(false);
    expect(withExif(two, ABOUT, 1, 'kept').includes('Northhaven')).toBe(true);
  });
});

test('what is broken off has no place that can be read, and is no TIFF', async () => {
  const exif = exifOf(await placed('jpg'));
  if (!exif) throw new Error('no Exif');
  expect(gpsTags(exif).length).toBeGreaterThan(3);
  for (let length = 0; length < exif.length; length += 7) {
    expect(() => gpsTags(exif.subarray(0, length))).not.toThrow();
    expect(() => plainTiff(exif.subarray(0, length))).not.toThrow();
  }
  expect(gpsTags(Buffer.from('no TIFF at all'))).toEqual([]);
  expect(plainTiff(Buffer.from('no TIFF at all'))).toBeNull();
});
