// Drawn scenes as files. Read back by a general Exif reader and a general picture library.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import ExifReader from 'exifreader';
import sharp from 'sharp';
import { expect, test } from 'vitest';
import { pictureExposure } from '#core/picture/exposure.ts';
import { ANY_PHONE } from '#core/picture/phone.ts';
import { lightOfWhole } from '#core/picture/touched.ts';
import { scenesFrom } from '#core/scene/scene.ts';
import { notesFrom } from '#schema/light/picture-notes.ts';
import { DEMO_FILMS } from '../demo/films.ts';
import { seededDatabase } from '../demo/seeded.test.fixtures.ts';
import { seedScans } from '../demo/scans.ts';
import { repositoriesOf } from '../repositories.ts';
import { scanIntake } from '../scans/intake.ts';
import { phoneJpeg, printJpeg } from './scene-jpeg.ts';

const SIZE = { width: 240, height: 160 };

test('a phone’s picture says its exposure (APEX: EV100 = log2 N²/t − log2 ISO/100, Exif 2.32 Annex C), and is as large as asked', async () => {
  for (const scene of scenesFrom(3, 15)) {
    const { file, exposed } = await phoneJpeg(scene, SIZE);
    const notes = notesFrom({ ...ExifReader.load(file) });
    expect(notes.model).toBe('Pocket 7');
    const said = pictureExposure(notes);
    expect(said.ok && Math.abs(said.value.ev100 - exposed.ev100), scene.kind).toBeLessThan(0.01);
    expect(await sharp(file).metadata()).toMatchObject({ format: 'jpeg', ...SIZE });
  }
});

test('most of a hundred scenes have the light that the whole picture says, within what it owns to', async () => {
  // a lit stage in a dark house is no scene for the whole of a picture
  const plain = scenesFrom(11, 100).filter(({ kind }) => kind !== 'stage');
  const off = await Promise.all(
    plain.map(async (scene) => {
      const { exposed } = await phoneJpeg(scene, { width: 120, height: 80 });
      const { lv, sdStops } = lightOfWhole({ ev100: exposed.ev100, doubts: [], doubtStops: 0 }, ANY_PHONE);
      return Math.abs(lv - scene.lv) / sdStops;
    })
  );
  const inside = off.filter((o) => o < 1.645).length / off.length;
  expect(inside).toBeGreaterThan(0.85);
  expect(inside).toBeLessThan(0.99);
});

test('the scan of a slide two stops over is lighter than that of one two stops under', async () => {
  const [scene] = scenesFrom(5, 1);
  const film = DEMO_FILMS.find(({ kind }) => kind === 'reversal');
  if (!scene || !film) throw new Error('no scene or no slide film');
  const lightness = async (delta: number): Promise<number> => {
    const { channels } = await sharp(await printJpeg(scene, SIZE, film, delta)).stats();
    return channels.reduce((sum, { mean }) => sum + mean, 0);
  };
  const [under, right, over] = [await lightness(-2), await lightness(0), await lightness(2)];
  expect(under).toBeLessThan(right);
  expect(right).toBeLessThan(over);
});

test('the demonstration’s summer films get a scan for each frame, once', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'just-enough-scenes-'));
  try {
    const store = repositoriesOf(seededDatabase());
    const intake = scanIntake(folder, store.scans, () => '2026-10-01T12:00:00Z');
    await seedScans(store, intake);
    const scans = store.scans.ofLoad('demo-load-pebble-summer');
    expect(scans).toHaveLength(8);
    expect(new Set(scans.map((s) => s.frameId)).size).toBe(8);
    expect(store.scans.ofLoad('demo-load-thimble-summer')).toHaveLength(12);
    await seedScans(store, intake);
    expect(store.scans.ofLoad('demo-load-pebble-summer')).toHaveLength(8);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
});
