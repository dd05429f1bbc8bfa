// What stands on the border of a print beside the setting: each thing where it is so, and nothing else.
import { expect, test } from 'vitest';
import { PLAIN } from '../error/circumstances.ts';
import type { Conditions } from '../error/situation.ts';
import { borderExtras } from './border-note.ts';

type Noted = Parameters<typeof borderExtras>[0];
const note = (more: Partial<Noted> = {}): readonly string[] =>
  borderExtras({
    ...{ light: null, conditions: {}, timedSeconds: null, heardSeconds: null, series: null, place: '' },
    ...more
  });
const under = (circumstances: Partial<typeof PLAIN>): Conditions => ({
  circumstances: { ...PLAIN, ...circumstances }
});
const grey = { name: 'Smoke', stops: 2, place: 'lens' } as const;
const unit = { name: '', guideNumber: 12, powers: [0], seconds: 1 / 1000, angleDegrees: null };

test.each<[string, Partial<Noted>, readonly string[]]>([
  ['nothing to tell', {}, []],
  ['nor of plain circumstances', { conditions: under({}) }, []],
  ['a time that was counted', { timedSeconds: 4.24 }, ['held open 4.2 s']],
  ['a time that was heard', { heardSeconds: 0.25 }, ['heard 1/4 s']],
  [
    'flash',
    { conditions: under({ flash: { kind: 'fired', unit, powerStops: 0, lossStops: 0 } }) },
    ['flash']
  ],
  ['flash kept off', { conditions: under({ flash: { kind: 'off' } }) }, ['flash kept off']],
  ['a filter', { conditions: under({ filters: [grey] }) }, ['filter on']],
  ['two filters', { conditions: under({ filters: [grey, grey] }) }, ['2 filters on']],
  ['a support', { conditions: { support: 'standing' } }, ['on a support']],
  ['leaning', { conditions: { support: 'leaning' } }, ['leaning']],
  ['in the hand', { conditions: { support: 'hand' } }, []],
  ['a bracket', { series: 'b' }, ['of a bracket']],
  ['a place', { place: 'Quay' }, ['Quay']]
])('%s', (_, more, words) => {
  expect(note(more)).toEqual(words);
});
