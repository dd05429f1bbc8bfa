import { expect, it } from 'vitest';
import { BOX, cameraWith, marked, SCALES } from '#core/error/pairs.test.fixtures.ts';
import { sayBracket } from './say-bracket.ts';

it('says only what differs between the frames', () => {
  const frames = [8, 6, 4].map((aperture) => ({ aperture: aperture / 2, time: 2 }));
  const said = sayBracket(SCALES, frames);
  expect(new Set(said).size).toBe(3);
  for (const words of said) expect(words).toMatch(/^aperture \S+$/);
});

it('says two controls where both move', () => {
  const camera = cameraWith([marked('aperture', [8, 16]), marked('time', [1 / 50, 1 / 100])]);
  const said = sayBracket(camera, [
    { aperture: 0, time: 0 },
    { aperture: 1, time: 1 }
  ]);
  expect(said.map((words) => words.split(', ').length)).toEqual([2, 2]);
});

it('a camera without anything to move stands as it is', () => {
  expect(sayBracket(BOX, [{}, {}])).toEqual(['as it stands', 'as it stands']);
});
