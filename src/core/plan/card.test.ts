import { expect, test } from 'vitest';
import { atHandFrom } from '../advice/at-hand.ts';
import { BOX_B, colour, FLASH_UNIT, METERLESS, mono, REUSABLE, slide } from '../error/panel.test.fixtures.ts';
import type { Situation } from '../error/situation.ts';
import { choiceFromScene, choiceFromShadow } from '../ways/choice.ts';
import { knownScene, SCENES } from '../light/scenes.ts';
import { cardFlashes, cardLights, cardSeconds } from './card.ts';

const asked = (camera: Situation['camera'], film: Situation['film']): Situation => ({
  ...{ camera, film, light: { lv: 0, sdStops: 0 }, contrast: 'normal' }
});
const HAND = atHandFrom([], []);

test('sunny sixteen on the card: 100 in full sun, and what it comes to under a cloud (common practice, no source)', () => {
  const [sun, cloud] = cardLights(
    asked(METERLESS, slide(100)),
    {},
    [choiceFromShadow('sharp'), choiceFromShadow('none')],
    HAND
  );
  expect(sun?.verdict.exposure).toMatchObject({ fNumber: 16, seconds: 1 / 128 });
  expect(cloud?.verdict.exposure).toMatchObject({ fNumber: 2 ** 2.5, seconds: 1 / 128 });
});

test('where a frame is not likely the card names what helps, and only what it can', () => {
  const room = choiceFromScene(knownScene('room-evening'));
  const [row] = cardLights(asked(REUSABLE, colour(400)), {}, [room], HAND);
  expect(row?.verdict.pUsable).toBeLessThan(0.5);
  expect(row?.help?.steps.map((s) => s.kind)).toEqual(['flash']);
  const [sunny] = cardLights(asked(REUSABLE, colour(400)), {}, [choiceFromShadow('sharp')], HAND);
  expect(sunny?.help).toBeNull();
});

test('whole seconds by light and filter: a stop more of filter is a stop more of time', () => {
  const [dusk] = cardSeconds(asked(BOX_B, mono(125)), {}, [4], [0, 2, 12]);
  const [bare, dark, tooMuch] = dusk?.seconds ?? [];
  expect((dark?.exposure.seconds ?? 0) / (bare?.exposure.seconds ?? 1)).toBeCloseTo(4, 0);
  expect(tooMuch).toBeNull();
  // by day the shutter is too quick for a count
  expect(cardSeconds(asked(REUSABLE, colour(400)), {}, [14], [0])[0]?.seconds).toEqual([null]);
});

test('the reach of a flash at full power: its guide number over the aperture, for the film’s speed', () => {
  // guide number 12 at ISO 100 is 24 at 400: by f/9 right at 2.7 m
  const [row] = cardFlashes(asked(REUSABLE, colour(400)), {}, [FLASH_UNIT]);
  expect(row?.range?.fromM).toBeLessThan(2.7);
  expect(row?.range?.toM).toBeGreaterThan(2.7);
});

test('what is likely needs no help, and a step that cannot be told on a card, or does too little, is none', () => {
  // a light that nobody read: reading it would help most, and a card cannot
  const unsure = { ...choiceFromShadow('none'), sdStops: 1.6 };
  const rows = cardLights(asked(METERLESS, slide(100)), {}, [unsure, choiceFromShadow('sharp')], HAND);
  const [first, second] = rows;
  expect(first?.verdict.pUsable).toBeLessThan(0.75);
  expect(first?.help?.steps.map((s) => s.kind) ?? []).not.toContain('reading');
  expect(second?.verdict.pUsable).toBeGreaterThanOrEqual(0.75);
  expect(second?.help).toBeNull();
  // a slide of ISO 25 in a box: whatever is named in the evening reaches an even chance
  const dim = cardLights(asked(BOX_B, slide(25)), {}, SCENES.map(choiceFromScene), HAND);
  const named = dim.flatMap((row) => (row.help ? [row.help] : []));
  expect(named.length).toBeGreaterThan(0);
  for (const { verdict: after, steps } of named) {
    expect(after.pUsable).toBeGreaterThanOrEqual(0.5);
    for (const { kind } of steps) expect(['reading', 'test', 'move', 'measure', 'wait']).not.toContain(kind);
  }
});

test('through a filter that takes nothing the seconds are those without one', () => {
  const [row] = cardSeconds(asked(BOX_B, mono(125)), {}, [3], [0, 0]);
  const [a, b] = row?.seconds ?? [];
  expect(a?.exposure.seconds).toBe(b?.exposure.seconds);
  expect(a?.terms.map((t) => t.term)).not.toContain('filter');
});
