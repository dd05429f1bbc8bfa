import { expect, test } from 'vitest';
import { SHADOW_STEPS } from '#core/light/shadow-edge.ts';
import { SKY_STEPS } from '#core/light/sky-first.ts';
import { cluePicture } from './clue-pictures.ts';

test('every clue of both schools has a drawing of its own', () => {
  const pictures = [
    ...SHADOW_STEPS.map(({ clue }) => cluePicture({ school: 'shadow', clue })),
    ...SKY_STEPS.map(({ clue }) => cluePicture({ school: 'sky', clue }))
  ];
  for (const picture of pictures) expect(picture).toMatch(/^url\("data:image\/svg\+xml[,;]/);
  expect(new Set(pictures).size).toBe(SHADOW_STEPS.length + SKY_STEPS.length);
});
