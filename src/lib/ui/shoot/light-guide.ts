// What to set and how likely it is in each light that can be told with one press: the answer while nobody has told the light.
import { bestSetting } from '#core/advice/rank.ts';
import type { Verdict } from '#core/chance/verdict.ts';
import { NO_MODIFIERS, type School } from '#core/light/by-eye.ts';
import { knownScene } from '#core/light/scenes.ts';
import { SHADOW_STEPS } from '#core/light/shadow-edge.ts';
import { SKY_STEPS } from '#core/light/sky-first.ts';
import {
  choiceByEye,
  choiceFromScene,
  lightKindOf,
  type LightChoice,
  type NamedPlace
} from '#core/ways/choice.ts';
import { circumstancesOf } from '#core/error/situation.ts';
import type { Choice } from '#core/camera/setting.ts';
import { withFocus, type Reached } from '../current-judge.ts';
import { CLUE_WORDS, SKY_WORDS } from '../text/say-light.ts';

/** A light that can be told with one press, and what it asks for. */
export interface GuideRow {
  readonly name: string;
  readonly more: string;
  readonly light: LightChoice;
  readonly verdict: Verdict;
}

/** Indoors, where shadows tell little: scenes that people meet most. */
const INDOORS = ['by-window', 'room-evening'] as const;

/** How long a light by the clock stands, ms: the sun goes a tenth of a stop at most but for the last hour. Common practice, no source. */
const STANDS_MS = 300_000;

/** Whether a light by the clock is of a place and still good. @param nowMs milliseconds since 1970 */
export function isNow(light: LightChoice | null, place: NamedPlace | null, nowMs: number): boolean {
  if (!place || light?.way.kind !== 'sun') return false;
  const { way } = light;
  const isThere = way.place.latitude === place.latitude && way.place.longitude === place.longitude;
  return isThere && way.place.name === place.name && Math.abs(nowMs - way.ms) < STANDS_MS;
}

type Named = Omit<GuideRow, 'verdict'>;

function lightsOf(school: School, outdoors: LightChoice | null): readonly Named[] {
  const byClock: readonly Named[] =
    outdoors?.way.kind === 'sun'
      ? [
          {
            name: `Outdoors now at ${outdoors.way.place.name}`,
            ...{ more: 'by the clock, under any sky', light: outdoors }
          }
        ]
      : [];
  const steps: readonly Named[] =
    school === 'shadow'
      ? SHADOW_STEPS.map(({ clue }) => ({
          ...{ name: CLUE_WORDS[clue].edge, more: CLUE_WORDS[clue].sky },
          light: choiceByEye({ school, clue }, NO_MODIFIERS)
        }))
      : SKY_STEPS.map(({ clue }) => ({
          ...{ name: SKY_WORDS[clue].edge, more: SKY_WORDS[clue].sky },
          light: choiceByEye({ school, clue }, NO_MODIFIERS)
        }));
  const indoors = INDOORS.map((id): Named => ({
    name: knownScene(id).name,
    more: '',
    light: choiceFromScene(knownScene(id))
  }));
  return [...byClock, ...steps, ...indoors];
}

/**
 * The lights, brightest first but for the one by the clock, each with what to set in it.
 * @param outdoors by the clock, where the light was last summed up; null = nobody said where
 */
export function guideRows(
  reached: Reached,
  asked: {
    readonly school: School;
    readonly outdoors: LightChoice | null;
    readonly leftAt: Choice;
  }
): readonly GuideRow[] {
  const { pair, dark } = reached;
  const present = withFocus(pair.camera, pair.present, asked.leftAt);
  return lightsOf(asked.school, asked.outdoors).flatMap((row) => {
    const { light } = row;
    const circumstances = { ...circumstancesOf(dark), lightKind: lightKindOf(light.way) };
    const situation = { ...dark, light, contrast: light.contrast, circumstances };
    const verdict = bestSetting(situation, present);
    return verdict ? [{ ...row, verdict }] : [];
  });
}
