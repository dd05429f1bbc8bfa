import { describe, expect, it } from 'vitest';
import { readMarks, writeMarks } from './marks.ts';
import { measuredSd, readMeasured } from './measured.ts';

const value = (acts: 'aperture' | 'time', text: string) => {
  const read = readMeasured(acts, text);
  return read.ok ? read.value : read.error.problem;
};

describe('what was measured beside a mark', () => {
  it('one value is taken at its word', () => {
    expect(value('aperture', '12.3')).toEqual({ value: 12.3, sdStops: 0 });
    expect(value('time', '1/85')).toEqual({ value: 1 / 85, sdStops: 0 });
  });

  it('two ends in every spelling: the middle in stops, spread as anywhere between them (uniform: width/√12)', () => {
    for (const text of ['16–22', '16-22', '16..22', 'f/16–f/22', 'between 16 and 22', '22–16', '16 – 22']) {
      const read = readMeasured('aperture', text);
      expect(read.ok && read.value.value, text).toBeCloseTo(2 ** 4.25, 6);
      expect(read.ok && read.value.sdStops, text).toBeCloseTo(1 / Math.sqrt(12), 6);
    }
    const time = readMeasured('time', 'between 1/30 and 1/125');
    expect(time.ok && time.value.value).toBeCloseTo(1 / 64, 6);
    expect(time.ok && time.value.sdStops).toBeCloseTo(2 / Math.sqrt(12), 6);
  });

  it('an opening behind a filter lets through as little as one smaller by its factor: ×2 is a stop, ×8 three', () => {
    for (const text of ['8×2', '8x2', 'f/8 × 2', '8*2,0'])
      expect(value('aperture', text), text).toEqual({ value: 8 * Math.SQRT2, sdStops: 0 });
    const nd = readMeasured('aperture', '5.6×8');
    expect(nd.ok && 2 * Math.log2(nd.value.value)).toBeCloseTo(8, 9);
    expect(value('aperture', '8×0.5')).toBe('out-of-range');
    expect(value('aperture', 'eight×2')).toBe('unreadable');
    expect(value('time', '1/60×2')).toBe('unreadable');
    const lever = readMarks('aperture', 'sun=16 cloud=8 yellow=8×2');
    expect(lever.ok && lever.value.map((p) => p.mark)).toEqual(['sun', 'cloud', 'yellow']);
  });

  it('an end that is nothing is refused with the whole text', () => {
    const read = readMeasured('aperture', '16–0');
    expect(!read.ok && read.error.text).toBe('16–0');
    expect(value('aperture', 'sixteen')).toBe('unreadable');
  });

  it('stands behind a mark, and is written back as the value that it came to', () => {
    const read = readMarks('aperture', 'sun=16–22 cloud=9');
    if (!read.ok) throw new Error('must be read');
    expect(read.value[0]?.value).toBeCloseTo(2 ** 4.25, 6);
    const back = readMarks('aperture', writeMarks('aperture', read.value));
    expect(back.ok && back.value[0]?.value).toBeCloseTo(2 ** 4.25, 3);
  });
});

it('the widest of several spreads counts; single values have none', () => {
  expect(measuredSd('aperture', 'sun=16–22 cloud=between 8 and 16')).toBeCloseTo(2 / Math.sqrt(12), 6);
  expect(measuredSd('time', 'N=1/85 B')).toBe(0);
  expect(measuredSd('aperture', '2.8 4 5.6')).toBe(0);
});
