import { describe, expect, test } from 'vitest';
import { calibrated, type KnownPatch } from './calibrate.ts';
import { ANY_PHONE, patchStops } from './phone.ts';
import { normals, patchIn, PHONES } from './phones.test.fixtures.ts';
import { readPatch } from './touched.ts';

/** Patches of dark, middle and light tones in pictures of three lights, as a phone of this curve gives them. */
function patchesOf(offset: number, slope: number, stops: readonly number[]): readonly KnownPatch[] {
  return [4, 9, 14].flatMap((ev100) =>
    stops.map((s) => {
      // the curve the other way: patchStops(y) = s
      const odds = (2 ** (s * slope) * 0.18) / 0.82;
      const luminance = odds / (1 + odds);
      return { ev100, luminance, reading: ev100 + offset + s };
    })
  );
}

describe('a phone made a meter', () => {
  test.each([
    [0.4, 1.4],
    [-0.7, 1.1],
    [0, 1.9]
  ])('offset %f and slope %f are found from nine readings', (offset, slope) => {
    const found = calibrated(patchesOf(offset, slope, [-2.5, 0, 1.5]));
    expect(Math.abs(found.offsetStops - offset)).toBeLessThan(0.1);
    expect(Math.abs(found.slope - slope)).toBeLessThan(0.1);
    expect(found).toMatchObject({ known: 'curve', isOneTone: false });
    expect(found.residualStops).toBeLessThan(0.15);
    expect(found.offsetSd).toBeLessThan(0.2);
  });
  test('three equal tones earn an offset and no slope', () => {
    const found = calibrated(patchesOf(0.5, 2, [0]));
    expect(found).toMatchObject({ known: 'offset', isOneTone: true, slope: ANY_PHONE.slope });
    expect(Math.abs(found.offsetStops - 0.5)).toBeLessThan(0.15);
    expect(calibrated(patchesOf(0.5, 2, [0, 0.1])).known).toBe('offset');
  });
  test('nothing, or two readings, leave the phone unknown', () => {
    expect(calibrated([])).toMatchObject({ known: 'not', residualStops: null, isOneTone: true });
    expect(calibrated([]).offsetStops).toBeCloseTo(0, 9);
    expect(calibrated([]).offsetSd).toBeCloseTo(0.6, 1);
    expect(calibrated(patchesOf(1, 1.4, [0]).slice(0, 2)).known).toBe('not');
  });
  test('readings that contradict each other are left over', () => {
    const good = patchesOf(0, 1.4, [-2, 0, 1.5]);
    const wild = good.map((p, i) => ({ ...p, reading: p.reading + (i % 2 === 0 ? 1 : -1) }));
    expect(calibrated(wild).residualStops).toBeGreaterThan(0.8);
  });
});

// Simulated phones of five curves (plain, S, S and brighter, local, of unknown gain), offsets of 0.3 ± 0.3, noise and eight bits, by
// other seeds than the spreads were chosen with: the stated 90 % interval has to hold the truth in 85 to 98 of 100.
describe('what is stated of simulated phones holds', () => {
  const random = normals(20_261);
  const covered = (known: 'not' | 'curve') => {
    let [inside, all] = [0, 0];
    for (let i = 0; i < 200; i++) {
      const phone = PHONES[i % PHONES.length];
      if (!phone) throw new Error('no phone');
      const offset = 0.1 + 0.3 * random();
      const pictures = Array.from({ length: 6 }, (_, p) => ({
        ev100: 3 + 2 * p,
        gain: phone.gainSd * random()
      }));
      const shot = (x: number, picture: { ev100: number; gain: number }) =>
        patchIn(phone, x - offset + picture.gain, random);
      const readings = pictures.slice(0, 3).flatMap((picture) =>
        [-2.5, 0, 1.5].map((x) => ({
          ev100: picture.ev100,
          luminance: shot(x, picture).luminance,
          reading: picture.ev100 + x + 0.2 * random()
        }))
      );
      const meter = known === 'not' ? ANY_PHONE : calibrated(readings);
      for (const picture of pictures.slice(3))
        for (const x of [-3, -2, -1, 0, 1, 1.8]) {
          const read = readPatch(
            { ev100: picture.ev100, doubts: [], doubtStops: 0 },
            shot(x, picture),
            meter
          );
          if (read.bound !== 'exact') continue;
          all += 1;
          if (Math.abs(read.lv - (picture.ev100 + x)) < 1.645 * read.sdStops) inside += 1;
        }
    }
    return inside / all;
  };
  test.each(['not', 'curve'] as const)('known: %s', (known) => {
    const share = covered(known);
    expect(share).toBeGreaterThan(0.85);
    expect(share).toBeLessThan(0.98);
  });
  test('undoing a curve is the inverse of it', () => {
    for (const x of [-3, 0, 2]) expect(patchStops(0.18 * 2 ** (x / 10), { slope: 1.4 })).toBeLessThan(3);
  });
});
