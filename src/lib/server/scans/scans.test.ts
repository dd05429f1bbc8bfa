// Scans taken in byte for byte, or refused with the reason and nothing left behind. The bad files are made by a general
// picture library, or by cutting and renaming good ones.
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { zlibSync } from 'fflate';
import sharp from 'sharp';
import { afterEach, describe, expect, test } from 'vitest';
import { AS_IT_CAME, type ScanShown } from '#core/log/scan-shown.ts';
import { seededDatabase } from '../demo/seeded.test.fixtures.ts';
import { scanIntake } from './intake.ts';
import { explainScanRefusal } from './problem.ts';
import { scanRepository } from './repository.ts';

const [FILM, OTHER] = ['demo-load-marigold', 'demo-load-corvane'];
const folders: string[] = [];
afterEach(() => {
  for (const folder of folders.splice(0)) rmSync(folder, { recursive: true, force: true });
});

function workroom() {
  const folder = mkdtempSync(join(tmpdir(), 'just-enough-scans-'));
  folders.push(folder);
  const db = seededDatabase();
  const scans = scanRepository(db);
  const intake = scanIntake(folder, scans, () => '2026-10-01T12:00:00Z');
  const take = (name: string, data: Uint8Array) =>
    intake.take(
      FILM,
      name,
      (async function* () {
        yield data;
        await Promise.resolve();
      })()
    );
  return { folder, scans, intake, take };
}

const grey = (width = 60, height = 40) =>
  sharp({ create: { width, height, channels: 3, background: '#777777' } });

/** A PNG that says it has many pixels, in few bytes. */
async function bomb(): Promise<Buffer> {
  const png = await grey().png().toBuffer();
  const crcOf = (data: Buffer): number => {
    let crc = ~0;
    for (const byte of data) {
      crc ^= byte;
      for (let k = 0; k < 8; k++) crc = (crc >>> 1) ^ (0xedb88320 & -(crc & 1));
    }
    return ~crc >>> 0;
  };
  png.writeUInt32BE(60_000, 16);
  png.writeUInt32BE(60_000, 20);
  png.writeUInt32BE(crcOf(png.subarray(12, 29)), 29);
  return Buffer.concat([png, Buffer.from(zlibSync(new Uint8Array(1000)))]);
}

describe('taken in', () => {
  test.each([
    ['a.jpg', () => grey().jpeg().toBuffer()],
    ['a.png', () => grey().png().toBuffer()],
    ['a.tif', () => grey().tiff().toBuffer()],
    ['a.webp', () => grey().webp().toBuffer()],
    ['deep.png', () => grey().toColourspace('rgb16').png().toBuffer()],
    ['deep.tif', () => grey().toColourspace('rgb16').tiff({ compression: 'lzw' }).toBuffer()],
    [
      'deep grey.png',
      () =>
        sharp(new Uint16Array(60 * 40).fill(0x7777), { raw: { width: 60, height: 40, channels: 1 } })
          .toColourspace('grey16')
          .png()
          .toBuffer()
    ],
    ['grey.jpeg', () => grey().greyscale().jpeg().toBuffer()],
    ['no ending', () => grey().jpeg().toBuffer()]
  ])('%s is kept byte for byte, with two small pictures', async (name, make) => {
    const { intake, take } = workroom();
    const data = await make();
    const taken = await take(name, data);
    if (!taken.ok) throw new Error(explainScanRefusal(name, taken.error));
    expect(readFileSync(intake.pathOf(taken.value, 'original')).equals(data)).toBe(true);
    for (const size of ['thumb', 'view'] as const)
      expect((await sharp(intake.pathOf(taken.value, size)).metadata()).format).toBe('jpeg');
    expect(taken.value).toMatchObject({ width: 60, height: 40, bytes: data.length });
    if (name.startsWith('deep')) expect((await sharp(data).metadata()).depth).toBe('ushort');
    // #777777 is 0.467 of white
    expect(taken.value.tones.middle).toBeCloseTo(0.467, 1);
  });

  test('turned as its Exif says', async () => {
    const { intake, take } = workroom();
    const taken = await take('a.jpg', await grey().withMetadata({ orientation: 6 }).jpeg().toBuffer());
    if (!taken.ok) throw new Error(taken.error.fault);
    expect([taken.value.width, taken.value.height]).toEqual([40, 60]);
    const { width, height } = await sharp(intake.pathOf(taken.value, 'thumb')).metadata();
    expect(height).toBeGreaterThan(width);
  });

  test('black and white are told as lost', async () => {
    const { take } = workroom();
    const data = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#000000' } })
      .composite([
        {
          input: await sharp({ create: { width: 60, height: 10, channels: 3, background: '#ffffff' } })
            .png()
            .toBuffer(),
          top: 0,
          left: 0
        }
      ])
      .png()
      .toBuffer();
    const taken = await take('a.png', data);
    if (!taken.ok) throw new Error(taken.error.fault);
    expect(taken.value.tones.darkShare).toBeCloseTo(0.75, 1);
    expect(taken.value.tones.lightShare).toBeCloseTo(0.25, 1);
  });
});

describe('looked at otherwise', () => {
  test('turned, cropped and as a positive: the small pictures and the tones change, the file does not', async () => {
    const { intake, take, scans } = workroom();
    // dark left half, light right half
    const data = await sharp({ create: { width: 80, height: 40, channels: 3, background: '#202020' } })
      .composite([
        {
          input: { create: { width: 40, height: 40, channels: 3, background: '#e0e0e0' } },
          ...{ left: 40, top: 0 }
        }
      ])
      .png()
      .toBuffer();
    const taken = await take('a.png', data);
    if (!taken.ok) throw new Error('not taken');
    const stored = scans.find(taken.value.id);
    if (!stored) throw new Error('not there');
    const middleOf = async (shown: ScanShown): Promise<number> => {
      const done = await intake.show(stored, shown);
      if (!done.ok) throw new Error('not shown');
      expect(scans.find(stored.id)).toMatchObject({ shown, tones: done.value.tones });
      return done.value.tones.middle;
    };
    const cutRight = { ...AS_IT_CAME.cut, right: 0.5 };
    // what stays is the dark half; its negative is light
    expect(await middleOf({ ...AS_IT_CAME, cut: cutRight })).toBeCloseTo(0x20 / 255, 1);
    expect(await middleOf({ ...AS_IT_CAME, cut: cutRight, negative: true })).toBeCloseTo(1 - 0x20 / 255, 1);
    // a quarter turn to the right: what was left is at the top
    const top = { ...AS_IT_CAME, turn: 90, cut: { ...AS_IT_CAME.cut, bottom: 0.5 } };
    expect(await middleOf(top)).toBeCloseTo(0x20 / 255, 1);
    const { width, height } = await sharp(intake.pathOf(stored, 'view')).metadata();
    expect([width, height]).toEqual([40, 40]);
    expect(readFileSync(intake.pathOf(stored, 'original')).equals(data)).toBe(true);
  });

  test('moved to another film it shows no frame; not to one that is not there, or has the same file', async () => {
    const { take, scans } = workroom();
    const data = await grey().png().toBuffer();
    const taken = await take('a.png', data);
    if (!taken.ok) throw new Error('not taken');
    expect(scans.move(taken.value.id, 'nothing')).toBe(false);
    expect(scans.move(taken.value.id, OTHER)).toBe(true);
    expect(scans.find(taken.value.id)).toMatchObject({ loadId: OTHER, frameId: null });
    const again = await take('b.png', data);
    expect(again.ok && scans.move(again.value.id, OTHER)).toBe(false);
  });
});

describe('refused, with nothing left', () => {
  test.each([
    [
      'cut.jpg',
      async () => (await grey(900, 700).jpeg().toBuffer()).subarray(0, 900),
      /ends before the picture does/
    ],
    [
      'cut.png',
      async () => (await grey(900, 700).png().toBuffer()).subarray(0, 400),
      /ends before the picture does/
    ],
    ['press.jpg', () => grey().toColourspace('cmyk').jpeg().toBuffer(), /in CMYK/],
    [
      'parts.tif',
      () => grey().toColourspace('scrgb').tiff({ compression: 'lzw' }).toBuffer(),
      /has 32 bits a colour/
    ],
    ['png as.jpg', () => grey().png().toBuffer(), /is a PNG by its contents/],
    [
      'draw.svg',
      () =>
        Promise.resolve(
          Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>')
        ),
      /JPEG, PNG, TIFF and WebP are taken/
    ],
    ['film.gif', () => grey().gif().toBuffer(), /of the kind gif/],
    ['text.jpg', () => Promise.resolve(Buffer.from('no picture at all')), /no picture that is known here/],
    ['bomb.png', bomb, /more than 120 million pixels/],
    ['empty.jpg', () => Promise.resolve(Buffer.alloc(0)), /is empty/],
    [
      'moves.webp',
      async () =>
        sharp(
          await sharp(Buffer.alloc(60 * 80 * 3, 90).fill(200, 0, 60 * 40 * 3), {
            raw: { width: 60, height: 80, channels: 3, pageHeight: 40 }
          })
            .gif()
            .toBuffer(),
          { animated: true }
        )
          .webp()
          .toBuffer(),
      /moves, or has several pages/
    ]
  ])('%s', async (name, make, why) => {
    const { folder, scans, take } = workroom();
    const taken = await take(name, await make());
    expect(taken.ok ? 'taken' : explainScanRefusal(name, taken.error)).toMatch(why);
    expect(readdirSync(folder)).toEqual([]);
    expect(scans.list()).toEqual([]);
  });

  test('the same file twice on a film; after it went to the trash it may come again', async () => {
    const { scans, take } = workroom();
    const data = await grey().jpeg().toBuffer();
    const first = await take('a.jpg', data);
    if (!first.ok) throw new Error(first.error.fault);
    const again = await take('b.jpg', data);
    expect(again.ok ? '' : explainScanRefusal('b.jpg', again.error)).toBe(
      '“b.jpg” is here already, as “a.jpg”.'
    );
    scans.remove(first.value.id, '2026-10-02T00:00:00Z');
    expect((await take('b.jpg', data)).ok).toBe(true);
    expect(scans.restore(first.value.id)).toBe(false);
  });
});

test('scans are given to frames of their own film only, all or none', async () => {
  const { scans, take } = workroom();
  const taken = await take('a.jpg', await grey().jpeg().toBuffer());
  if (!taken.ok) throw new Error(taken.error.fault);
  const scanId = taken.value.id;
  expect(scans.assign(FILM, [{ scanId, frameId: 'demo-load-pebble-1' }])).toBe(false);
  expect(
    scans.assign(FILM, [
      { scanId, frameId: `${FILM}-2` },
      { scanId: 'none', frameId: null }
    ])
  ).toBe(false);
  expect(scans.find(scanId)?.frameId).toBeNull();
  expect(scans.assign(FILM, [{ scanId, frameId: `${FILM}-2` }])).toBe(true);
  expect(scans.ofFrames([`${FILM}-2`]).map((s) => s.id)).toEqual([scanId]);
});
