import { describe, expect, test } from 'vitest';
import { readThing, textsFromThing, TYPICAL_THING } from './thing-entry.ts';

const read = (texts: Readonly<Record<string, string>>) =>
  readThing({ ...TYPICAL_THING, name: 'Two', kind: 'developer', minutes: '11', ...texts }, 'two');
const faultOf = (texts: Readonly<Record<string, string>>): string => {
  const found = read(texts);
  return found.ok ? '' : found.error.map((f) => `${f.field}: ${f.message}`).join(' ');
};

describe('a developer', () => {
  test('as it is typed, and back', () => {
    const found = read({
      ...{ stocks: 'A: sulphite 10, pyro 2,5 g; B: carbonate 75', dilution: '1+1+100' },
      ...{ minutes: '9–13 min', atC: '20', loss: '1', agitation: 'gentle' }
    });
    expect(found.ok && found.value.data).toEqual({
      ...{ kind: 'developer', dilution: [1, 1, 100], fromMinutes: 9, toMinutes: 13, atC: 20 },
      stocks: [
        {
          name: 'A',
          parts: [
            { name: 'sulphite', gramsPerLitre: 10 },
            { name: 'pyro', gramsPerLitre: 2.5 }
          ]
        },
        { name: 'B', parts: [{ name: 'carbonate', gramsPerLitre: 75 }] }
      ],
      ...{ lossStops: 1, agitation: 'gentle' }
    });
    const again = found.ok ? readThing(textsFromThing(found.value), 'two') : found;
    expect(again).toEqual(found);
  });
  test.each([
    ['1+31', [1, 31]],
    ['1:9', [1, 9]],
    ['1', [1]]
  ])('diluted %s', (dilution, parts) => {
    const found = read({ dilution });
    expect(found.ok && found.value.data.kind === 'developer' && found.value.data.dilution).toEqual(parts);
  });
  test.each([
    [{ dilution: 'strong' }, 'dilution: “strong” is no dilution'],
    [{ dilution: '1+0' }, 'dilution: “1+0” is no dilution'],
    [{ minutes: '13–9' }, 'minutes: “13–9” are no minutes'],
    [{ minutes: '' }, 'minutes: “” are no minutes'],
    [{ minutes: '9-11-13' }, 'minutes: “9-11-13” are no minutes'],
    [{ stocks: 'A: sulphite' }, 'stocks: “A: sulphite” cannot be read'],
    [{ stocks: 'sulphite 10' }, 'stocks: “sulphite 10” cannot be read'],
    [{ atC: 'warm' }, 'atC:']
  ])('%o is told', (texts, words) => expect(faultOf(texts)).toContain(words));
});
