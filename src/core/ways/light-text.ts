// Light as people write it beside a frame: a clue ("soft", "overcast", "sunny"), a named scene, or a meter reading.
import { findScenes, SCENES } from '../light/scenes.ts';
import { SHADOW_STEPS } from '../light/shadow-edge.ts';
import { SKY_STEPS } from '../light/sky-first.ts';
import { parseLightReading } from '../light/reading-text.ts';
import { NO_MODIFIERS } from '../light/by-eye.ts';
import { clueFromWords } from '../light/clue-words.ts';
import { err, ok, type Result } from '../numeric/result.ts';
import type { QuantityError } from '../units/quantity-error.ts';
import { choiceByEye, choiceFromReading, choiceFromScene, type LightChoice } from './choice.ts';

/** Words that are understood, for a list to choose from: clues of both schools, then scenes. */
export const LIGHT_WORDS: readonly string[] = [
  ...new Set([
    ...SHADOW_STEPS.map((s) => s.clue),
    ...SKY_STEPS.map((s) => s.clue),
    ...SCENES.map((s) => s.name)
  ])
];

/**
 * Reads a light. "deep" is deep shade by its shadow; a scene may be written in part when only one fits.
 * @returns the light, or why a reading was not understood
 */
export function lightFromText(text: string): Result<LightChoice, QuantityError> {
  const words = text.trim().toLowerCase();
  const shadow = SHADOW_STEPS.find((s) => s.clue === words);
  if (shadow) return ok(choiceByEye({ school: 'shadow', clue: shadow.clue }, NO_MODIFIERS));
  const sky = SKY_STEPS.find((s) => s.clue === words);
  if (sky) return ok(choiceByEye({ school: 'sky', clue: sky.clue }, NO_MODIFIERS));
  const clue = clueFromWords(words);
  if (clue) return ok(choiceByEye(clue, NO_MODIFIERS));
  const scene = SCENES.find((s) => s.name.toLowerCase() === words);
  if (scene) return ok(choiceFromScene(scene));
  const reading = parseLightReading(words);
  if (reading.ok) return ok(choiceFromReading(text.trim(), reading.value));
  const [only, ...more] = /[a-z]{3}/.test(words) ? findScenes(words) : [];
  return only && more.length === 0 ? ok(choiceFromScene(only)) : err(reading.error);
}
