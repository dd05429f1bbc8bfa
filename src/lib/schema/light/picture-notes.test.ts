import { expect, test } from 'vitest';
import ExifReader from 'exifreader';
import sharp from 'sharp';
import { pictureExposure } from '#core/picture/exposure.ts';
import { notesFrom } from './picture-notes.ts';

test('fractions, lists and plain numbers are read; what is none is not there', () => {
  const notes = notesFrom({
    ...{
      FNumber: { value: [18, 10] },
      ExposureTime: { value: [[1, 120]] },
      ISOSpeedRatings: { value: [64] }
    },
    ...{ BrightnessValue: { value: 'bright' }, FocalLength: { value: [1, 0] }, FocalLengthIn35mmFilm: 26 },
    ...{ Model: { description: ` ${'x'.repeat(200)}` }, Software: 7, CompositeImage: { value: 3 } }
  });
  expect(notes).toEqual({
    ...{ fNumber: 1.8, seconds: 1 / 120, iso: 64, brightness: null, biasStops: null, focalMm: null },
    ...{ focal35Mm: 26, model: 'x'.repeat(80), software: '', isComposite: true }
  });
  expect(notesFrom({}).isComposite).toBe(false);
});

// a second reader and a second writer: sharp puts the tags in, exifreader takes them out
test('a picture written by another program gives its own exposure', async () => {
  const picture = await sharp({ create: { width: 8, height: 8, channels: 3, background: '#777' } })
    .jpeg()
    .withExif({
      IFD0: { Model: 'Pocket 7' },
      IFD2: { FNumber: '4/1', ExposureTime: '1/60', ISOSpeedRatings: '100' }
    })
    .toBuffer();
  const notes = notesFrom(ExifReader.load(picture));
  expect(notes).toMatchObject({ model: 'Pocket 7', fNumber: 4, iso: 100 });
  const exposure = pictureExposure(notes);
  // f/4 at 1/60 s: EV 9.9
  expect(exposure.ok && exposure.value.ev100).toBeCloseTo(9.91, 2);
});
