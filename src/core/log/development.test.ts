import { expect, test } from 'vitest';
import { developmentLine, isPoured, isSameDevelopment } from './development.ts';
import type { Development } from './load.ts';

const POURED: Development = {
  ...{ developer: 'Umber', dilution: '1+31', minutes: 9.5, temperatureC: 20, shiftStops: 1 }
};
const NOTHING: Development = {
  ...{ developer: '', dilution: '', minutes: null, temperatureC: null, shiftStops: 0 }
};

test.each<[Partial<Development>, string]>([
  [{}, 'Umber 1+31, 9.5 min, 20 °C, +1 stop'],
  [{ shiftStops: -1 / 3 }, 'Umber 1+31, 9.5 min, 20 °C, −⅓ stop'],
  [{ minutes: null, temperatureC: null, shiftStops: 0 }, 'Umber 1+31'],
  [{ developer: '', dilution: '', minutes: null, temperatureC: null, shiftStops: 2 }, '+2 stops'],
  [NOTHING, 'as the film says']
])('%j is told as “%s”', (part, line) => expect(developmentLine({ ...POURED, ...part })).toBe(line));

test.each<Partial<Development>>([
  ...[{ developer: 'Sepia' }, { dilution: '1+15' }, { minutes: null }],
  ...[{ temperatureC: 21 }, { shiftStops: 0 }]
])('%j makes another development of it', (part) => {
  expect(isSameDevelopment(POURED, { ...POURED })).toBe(true);
  expect(isSameDevelopment(POURED, { ...POURED, ...part })).toBe(false);
});

test.each<[Partial<Development>, boolean]>([
  [{ developer: 'Umber' }, true],
  [{ minutes: 9 }, true],
  [{ temperatureC: 20 }, true],
  [{ shiftStops: 1, dilution: '1+31' }, false]
])('%j: poured %s', (part, poured) => expect(isPoured({ ...NOTHING, ...part })).toBe(poured));
