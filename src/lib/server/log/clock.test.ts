// A clock that is behind is told, one that may be right is not.
import { expect, test } from 'vitest';
import { moment } from '#core/sky/moment.ts';
import { sayClock } from './clock.ts';

const newest = { takenAt: moment('2026-09-12T13:15:00Z', 'Pacific/Auckland') };
test.each([
  ['a machine that begins in 1970', '1970-01-01T00:00:00Z', true],
  ['two days behind', '2026-09-10T13:00:00Z', true],
  ['a day behind: zones', '2026-09-11T13:00:00Z', false],
  ['after it', '2026-11-29T00:00:00Z', false]
])('%s', (_, now, told) => {
  const said = sayClock(newest, Date.parse(now));
  expect(said !== null).toBe(told);
  if (told)
    expect(said).toMatch(
      /clock says .*but the newest frame was taken on 2026-09-12 13:15 UTC\. Set the clock/
    );
});
test('a log without frames says nothing of the clock', () => expect(sayClock(undefined, 0)).toBeNull());
