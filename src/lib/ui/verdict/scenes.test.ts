import { expect, test } from 'vitest';
import { SCENES, sceneOf } from './scenes.ts';

test('a picture is of what its light and distance say', () => {
  expect([
    sceneOf(14.6, 'daylight', null),
    sceneOf(14.6, 'daylight', 1.2),
    sceneOf(7, 'lamps', null),
    sceneOf(7, 'daylight', 4),
    sceneOf(11, 'lamps', null),
    sceneOf(3, 'lamps', Infinity),
    sceneOf(null, 'daylight', null),
    sceneOf(14.6, 'daylight', 2.5),
    sceneOf(14.6, 'daylight', 8),
    sceneOf(14.6, 'daylight', Infinity)
  ]).toEqual([
    ...['harbour', 'portrait', 'room', 'room', 'room', 'street', 'harbour'],
    ...['figure', 'harbour', 'view']
  ]);
});

test('every scene has lights and darks, so that it shows where a film ends', () => {
  for (const [name, parts] of Object.entries(SCENES)) {
    const stops = parts.map((p) => p.stops);
    expect(Math.max(...stops) - Math.min(...stops), name).toBeGreaterThan(3);
    expect(new Set(parts.map((p) => p.path)).size, name).toBe(parts.length);
  }
});
