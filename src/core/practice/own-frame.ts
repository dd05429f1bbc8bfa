// A frame of one's own log that was not to come out, asked about: what would have saved it? The engine knows, from what was noted.
import type { Camera } from '../camera/camera.ts';
import { bestSetting, rankSettings } from '../advice/rank.ts';
import { judge } from '../chance/verdict.ts';
import { POSSIBLE } from '../chance/verdict.ts';
import { PLAIN } from '../error/circumstances.ts';
import type { Film } from '../film/film.ts';
import { isEvidence, settingOfFrame, situationOfFrame } from '../log/exposed.ts';
import type { Frame } from '../log/frame.ts';
import { seeded } from '../numeric/seeded.ts';
import { sceneOf } from '../scene/scene.ts';
import { groupOf, type LightGroup } from '../ways/light-group.ts';
import { kindsIn, oneOf, shuffled, type Option, type Question } from './question.ts';

/** A logged frame with its camera and film as they were, the film as it was developed. */
export interface OwnFrame {
  readonly frame: Frame;
  readonly camera: Camera;
  readonly film: Film;
}

/** So much better, as a share of frames, that one way is right and another is not. */
const CLEARLY = 0.15;
/** So far apart, in stops, that a setting is another one. */
const APART_STOPS = 0.9;

/** The kind of light of a frame; null = nobody told it. */
export const groupOfFrame = ({ light }: Frame): LightGroup | null => light && groupOf(light);

/**
 * What would have saved a frame; null where it was to come out, its light was not told, or two ways would have done as well.
 * @param seed a whole number, for the scene and the order of the answers
 */
export function ownQuestion({ frame, camera, film }: OwnFrame, seed: number): Question | null {
  const situation = situationOfFrame(camera, film, frame);
  const taken = settingOfFrame(camera, frame);
  const group = groupOfFrame(frame);
  if (!situation || !taken || !group || !isEvidence(frame)) return null;
  const was = judge(situation, taken);
  if (was.pUsable >= POSSIBLE) return null;
  const circumstances = situation.circumstances ?? PLAIN;
  const bare =
    circumstances.filters.length > 0
      ? judge({ ...situation, circumstances: { ...circumstances, filters: [] } }, taken).pUsable
      : 0;
  const best = bestSetting(situation, frame.choice);
  const bySetting = best?.pUsable ?? 0;
  const saved = Math.max(bare, bySetting);
  if (saved >= POSSIBLE && Math.abs(bare - bySetting) < CLEARLY) return null;
  const random = seeded(seed);
  const settings = best ? [best] : [];
  for (const verdict of shuffled(rankSettings(situation, frame.choice), random)) {
    const isOther = [...settings, was].every(
      (v) => Math.abs(v.deltaStops - verdict.deltaStops) >= APART_STOPS
    );
    if (isOther && verdict.pUsable < saved - CLEARLY && settings.length < 3) settings.push(verdict);
  }
  const options: readonly Option[] = [
    ...settings.map(({ setting, deltaStops }): Option => {
      return { kind: 'setting', choice: setting.choice, deltaStops };
    }),
    ...(circumstances.filters.length > 0 ? [{ kind: 'bare' } as const] : []),
    { kind: 'nothing' }
  ];
  const isRight = (option: Option): boolean => {
    if (saved < POSSIBLE) return option.kind === 'nothing';
    if (bare > bySetting) return option.kind === 'bare';
    return option.kind === 'setting' && option.choice === best?.setting.choice;
  };
  const asks = oneOf(options, isRight, random);
  const scene = sceneOf(seed, random.oneOf(kindsIn(group)));
  const own = { frame, camera, film, savedChance: saved };
  return asks && { drill: 'mistake', group, seed, scene, printStops: was.deltaStops, asks, own };
}
