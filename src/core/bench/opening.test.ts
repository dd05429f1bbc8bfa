import { describe, expect, test } from 'vitest';
import { cameraWith, fixed, marked, SCALES } from '../error/pairs.test.fixtures.ts';
import { measurable, withMeasured } from './measured-control.ts';
import { openingOf, readOpening } from './opening.ts';

describe('an opening measured with a rule', () => {
  test('a box of 95 mm with an opening of 5.9 mm is about f/16', () => {
    // common practice, no source: owners of such boxes measure them so
    const { fNumber, mark, sdStops } = openingOf(95, 5.9);
    expect(fNumber).toBeCloseTo(16.1, 1);
    expect(mark).toBe(16);
    // half a millimetre either way on 5.9 is a seventh of a stop, one sd
    expect(sdStops).toBeCloseTo(
      (2 / Math.LN2) * Math.hypot(0.5 / Math.sqrt(3) / 95, 0.5 / Math.sqrt(3) / 5.9),
      9
    );
    expect(sdStops).toBeGreaterThan(0.1);
    expect(sdStops).toBeLessThan(0.16);
    // a finer rule says more
    expect(openingOf(95, 5.9, 0.1).sdStops).toBeLessThan(sdStops / 4);
  });
  test.each([
    ['95 / 5.9', null, 95 / 5.9],
    ['95mm/5,9 mm', null, 95 / 5.9],
    ['95 ÷ 5.9', 50, 95 / 5.9],
    ['5.9', 95, 95 / 5.9],
    [' 12 ', 24, 2]
  ])('“%s”', (text, focal, fNumber) => {
    const read = readOpening(text, focal);
    expect(read.ok && read.value.fNumber).toBeCloseTo(fNumber, 9);
  });
  test.each([
    ['5.9', null, 'no-focal-length'],
    ['', 95, 'unreadable'],
    ['wide', 95, 'unreadable'],
    ['95 / 5 / 9', 95, 'unreadable'],
    ['95 / x', 95, 'unreadable'],
    ['95 / 0', 95, 'not-positive'],
    ['-95 / 6', 95, 'not-positive'],
    ['10 / 95', 95, 'wider-than-long']
  ] as const)('“%s” is refused: %s', (text, focal, error) =>
    expect(readOpening(text, focal)).toEqual({ ok: false, error })
  );
});

describe('what was measured goes to the camera', () => {
  test('the marks stay, their values change, and nothing else', () => {
    const changed = withMeasured(SCALES, 'aperture', new Map([[1, 6.1]]));
    expect(measurable(changed, 'aperture').map((p) => p.mark)).toEqual(
      measurable(SCALES, 'aperture').map((p) => p.mark)
    );
    expect(measurable(changed, 'aperture').map((p) => p.value)).toEqual([4, 6.1, 8, 2 ** 3.5, 16]);
    expect(changed.controls[1]).toBe(SCALES.controls[1]);
    expect({ ...changed, controls: [] }).toEqual({ ...SCALES, controls: [] });
  });
  test('a fixed opening, plates and gears are measured too, what is counted is not', () => {
    const box = cameraWith([fixed('aperture', '16', 16)]);
    expect(measurable(withMeasured(box, 'aperture', new Map([[0, 15.2]])), 'aperture')[0]?.value).toBe(15.2);
    const gears = cameraWith([
      {
        ...{ kind: 'geared', id: 'time', label: 'wheel', acts: 'time', shape: 'wheel' },
        gears: [30, 60].map((n) => ({
          label: `${n}`,
          positions: [{ mark: `${n}`, symbol: null, value: 1 / n }]
        }))
      }
    ]);
    const times = measurable(withMeasured(gears, 'time', new Map([[1, 1 / 50]])), 'time');
    expect(times.map((p) => p.value)).toEqual([1 / 30, 1 / 50]);
    const bulb = cameraWith([
      {
        ...{ kind: 'marked', id: 'time', label: 'wheel', acts: 'time', shape: 'wheel' },
        positions: [
          { mark: 'B', symbol: null, value: 1, byHand: true },
          { mark: 'I', symbol: null, value: 1 / 25 }
        ]
      }
    ]);
    expect(measurable(bulb, 'time').map((p) => p.mark)).toEqual(['I']);
    const after = withMeasured(bulb, 'time', new Map([[0, 1 / 40]]));
    expect(after.controls[0]).toMatchObject({ positions: [{ value: 1 }, { value: 1 / 40 }] });
  });
  test('without such a control there is nothing to measure', () => {
    expect(measurable(cameraWith([marked('aperture', [4])]), 'time')).toEqual([]);
    expect(withMeasured(SCALES, 'dial', new Map([[0, 100]]))).toEqual(SCALES);
  });
});
