import { expect, test } from 'vitest';
import { parseCoordinates } from './coordinates.ts';

test.each([
  ['47.5 -28', 47.5, -28],
  ['47,5; −28,25', 47.5, -28.25],
  ['47.5N 28.2W', 47.5, -28.2],
  ["47°30' N, 28°15' W", 47.5, -28.25],
  ['-33.9, 151.2', -33.9, 151.2],
  ['33°54′36″ S 18°25′12″ E', -33.91, 18.42],
  ['0 0', 0, 0],
  ['  12.5 7  ', 12.5, 7],
  ['90 180', 90, 180],
  ['-90 -180', -90, -180]
])('%s', (text, latitude, longitude) => {
  const place = parseCoordinates(text);
  expect(place.ok && place.value.latitude).toBeCloseTo(latitude, 6);
  expect(place.ok && place.value.longitude).toBeCloseTo(longitude, 6);
});
test.each([
  ['91 0', { problem: 'off-the-earth', which: 'latitude', value: 91 }],
  ['45 -190', { problem: 'off-the-earth', which: 'longitude', value: -190 }],
  ['somewhere', { problem: 'not-coordinates' }],
  ['47.5', { problem: 'not-coordinates' }]
])('%s is refused', (text, error) => expect(parseCoordinates(text)).toEqual({ ok: false, error }));
