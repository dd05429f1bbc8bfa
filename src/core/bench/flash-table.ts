// A flash at each of its powers: from how near to how far it serves a camera and film, which power for a distance, and the guide
// number it really has. Guide numbers: ISO 1230:2007 (definition GN = N·d at ISO 100).
import type { FlashRange } from '../advice/flash-range.ts';
import { bestSetting } from '../advice/rank.ts';
import type { FlashUnit } from '../camera/traits.ts';
import { settingOf, type Choice, type Setting } from '../camera/setting.ts';
import { judge, POSSIBLE, type Verdict } from '../chance/verdict.ts';
import type { FlashOnFrame } from '../error/delta.ts';
import { circumstancesOf, type Situation } from '../error/situation.ts';
import { sampleOf } from '../numeric/sample.ts';
import { withFocusAt } from '../focus/focused.ts';
import type { FlashUse } from '../flash/flash.ts';

/** A power with where it serves. */
export interface PowerRow {
  readonly use: FlashUse;
  /** Distances at which a usable frame is at least as likely as not; null where there are none. */
  readonly range: FlashRange | null;
}

/**
 * The situation with a flash fired.
 * @param subjectM metres, > 0, taken as measured; null = nobody said
 * @returns a new situation
 */
export function fired(situation: Situation, use: FlashUse, subjectM: number | null): Situation {
  const flash = { kind: 'fired', ...use } as const;
  const circumstances = { ...circumstancesOf(situation), flash, subjectM };
  return { ...situation, distanceBy: 'measured', circumstances };
}

/** Where flashes are used, metres; steps of a third of a stop of light are as fine as anybody judges a distance. */
const [NEAREST_M, FURTHEST_M, STEP] = [0.4, 30, 2 ** (1 / 6)];

/**
 * Every power of a unit at a setting, full first.
 * @param setting of the camera @param lossStops what a diffuser or a ceiling takes, ≥ 0
 */
export function powerRows(
  situation: Situation,
  setting: Setting,
  unit: FlashUnit,
  lossStops: number
): readonly PowerRow[] {
  const nearest = Math.max(NEAREST_M, (situation.camera.focalMm * 1.2) / 1000);
  const count = Math.floor(Math.log(FURTHEST_M / nearest) / Math.log(STEP)) + 1;
  const distances = Array.from({ length: count }, (_, i) => nearest * STEP ** i);
  return [...unit.powers]
    .sort((a, b) => a - b)
    .map((powerStops) => {
      const use = { unit, powerStops, lossStops };
      const good = distances.filter((m) => {
        // whoever stands there is focused on
        const at = settingOf(situation.camera, withFocusAt(situation.camera, setting.choice, m)) ?? setting;
        return judge(fired(situation, use, m), at).pUsable >= POSSIBLE;
      });
      const [fromM] = good;
      return { use, range: fromM === undefined ? null : { fromM, toM: good.at(-1) ?? fromM } };
    });
}

/** A power with what it makes of a frame. */
export interface PowerWay {
  readonly use: FlashUse;
  readonly verdict: Verdict;
}

/** The powers for a distance, likeliest first. @param subjectM > 0 */
export function powersFor(
  situation: Situation,
  present: Choice,
  unit: FlashUnit,
  lossStops: number,
  subjectM: number
): readonly PowerWay[] {
  return unit.powers
    .flatMap((powerStops): readonly PowerWay[] => {
      const use = { unit, powerStops, lossStops };
      const verdict = bestSetting(
        fired(situation, use, subjectM),
        withFocusAt(situation.camera, present, subjectM)
      );
      return verdict ? [{ use, verdict }] : [];
    })
    .sort((a, b) => b.verdict.pUsable - a.verdict.pUsable);
}

/** A frame of a guide-number test: the flash alone, at full power. */
export interface FlashTestFrame {
  readonly distanceM: number;
  readonly fNumber: number;
  /** How it came out, stops, + = light. */
  readonly outStops: number;
}

/** What a test says. */
export interface GuideNumber {
  /** Metres at ISO 100. */
  readonly guideNumber: number;
  /** Of one frame, one sd in stops; null for one alone. */
  readonly spreadStops: number | null;
}

/**
 * The guide number that frames show: N·d lightened by what came out too light, brought to ISO 100.
 * @param frames at least one @param iso of the film, > 0
 * @throws {RangeError} without a frame
 */
export function guideNumberFrom(frames: readonly FlashTestFrame[], iso: number): GuideNumber {
  const logs = frames.map(
    ({ distanceM, fNumber, outStops }) =>
      Math.log2(distanceM * fNumber) + outStops / 2 - Math.log2(iso / 100) / 2
  );
  const { mean, sd } = sampleOf(logs);
  // a guide number goes by the square root of the light
  return { guideNumber: 2 ** mean, spreadStops: sd === null ? null : 2 * sd };
}

/**
 * What is behind the subject against it, stops, − = darker: the flash loses two stops with every doubling of the distance, the other
 * light is the same there. Inverse square law.
 * @param flash what flash and other light do for the subject @param subjectM metres @param wallM metres, further away
 */
export function behindStops(
  { stops, ambientStops }: Pick<FlashOnFrame, 'stops' | 'ambientStops'>,
  subjectM: number,
  wallM: number
): number {
  const both = (flash: number): number => Math.log2(2 ** flash + 2 ** ambientStops);
  return both(stops - 2 * Math.log2(wallM / subjectM)) - both(stops);
}
