import { describe, expect, test } from 'vitest';
import { readThing, TYPICAL_THING } from './thing-entry.ts';

const read = (texts: Readonly<Record<string, string>>) =>
  readThing({ ...TYPICAL_THING, name: 'Test', ...texts }, 'id');

describe('the form of a thing', () => {
  test('a guide number in feet becomes metres, powers become stops below full', () => {
    const flash = read({ kind: 'flash', guideNumber: '59', guideUnit: 'ft', powers: 'full 1/2 1/8' });
    expect(flash.ok && flash.value.data).toMatchObject({ powers: [0, 1, 3], seconds: 0.001 });
    expect(flash.ok && flash.value.data.kind === 'flash' && flash.value.data.guideNumber).toBeCloseTo(
      17.98,
      2
    );
  });
  test('a meter starts with the constant of its kind', () => {
    const meter = read({ kind: 'meter', reads: 'reflected' });
    expect(meter.ok && meter.value.data).toMatchObject({ constant: 12.5, sdStops: 0.6, offsetStops: 0 });
  });
  test.each([
    [{ kind: 'filter', strength: 'ND 3' }, 'as', 'could mean 3 stops (stops), or 10 stops (as a density)'],
    [{ kind: 'filter', strength: '-3 stops' }, 'strength', 'is no strength of a filter'],
    [{ kind: 'flash', guideNumber: 'big' }, 'guideNumber', 'is no guide number'],
    [{ kind: 'flash', guideNumber: '18', powers: 'full 2' }, 'powers', 'are no powers'],
    [{ kind: 'flash', guideNumber: '18', duration: '1/0' }, 'duration', 'is no flash duration'],
    [{ kind: 'lamp', lux: '0' }, 'lux', 'is no brightness'],
    [{ kind: 'modifier', takes: 'much' }, 'takes', 'no amount of stops'],
    [{ kind: 'meter', offset: '9' }, 'offset', 'no amount of stops up to 5'],
    [{ kind: 'spaceship' }, 'kind', 'Choose what it is'],
    [{ kind: 'support', name: '' }, 'name', '1 to 80 letters']
  ])('%o is refused in its field', (texts, field, words) => {
    const thing = read(texts);
    const faults = thing.ok ? [] : thing.error;
    expect(faults.map((f) => f.field)).toEqual([field]);
    expect(faults[0]?.message).toContain(words);
  });
});
