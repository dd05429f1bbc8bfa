import { describe, expect, test } from 'vitest';
import { knownScene } from '#core/light/scenes.ts';
import { choiceFromScene, choiceFromShadow } from '#core/ways/choice.ts';
import { choiceFromSun } from '#core/ways/choice-from-sun.ts';
import { courseAhead } from './course-ahead.ts';
import { hoursApart } from './recent.ts';

const place = { name: 'Out at sea', latitude: 47.5, longitude: -28, zone: 'Etc/GMT+2' };
const EVENING = Date.UTC(2026, 8, 12, 19, 0);

describe('how the light goes on', () => {
  test('it starts from the light now and falls through the evening', () => {
    const light = choiceFromShadow('none');
    const course = courseAhead(light, place, EVENING);
    expect(course[0]?.lv).toBeLessThanOrEqual(light.lv + 1.5);
    expect(Math.min(...course.map((p) => p.lv))).toBeLessThan(0);
    expect(course.at(-1)?.sdStops).toBeGreaterThan(light.sdStops);
  });
  test('a light summed up goes on from its own place and moment', () => {
    const way = { kind: 'sun', place, ms: EVENING, sky: 'clear', facing: 'front', ground: 'ground' } as const;
    const course = courseAhead(choiceFromSun(way), null, 0);
    expect(course[0]?.ms).toBe(EVENING + 20 * 60_000);
    expect(course[2]?.lv).toBeLessThan(course[0]?.lv ?? 0);
  });
  test('under lamps, or without a place, nothing is waited for', () => {
    expect(courseAhead(choiceFromShadow('none'), null, EVENING)).toEqual([]);
    expect(courseAhead(choiceFromScene(knownScene('stage')), place, EVENING)).toEqual([]);
  });
});

test('times of day are apart around midnight too', () => {
  const at = (hours: number) => new Date(2026, 8, 12, hours);
  expect(hoursApart(at(23), at(1))).toBe(2);
  expect(hoursApart(at(6), at(18))).toBe(12);
});
