import { describe, expect, test } from 'vitest';
import { MODIFIER_STOPS, NO_MODIFIERS, SAME_VIEW, lightByEye, otherSchool } from '../light/by-eye.ts';
import { lvFromLux } from '../light/lv.ts';
import { METERED, METERED_TONES } from '../light/metering.ts';
import { parseLightReading } from '../light/reading-text.ts';
import { findScenes, knownScene, SCENES } from '../light/scenes.ts';
import { SHADOW_STEPS } from '../light/shadow-edge.ts';
import { SKY_STEPS } from '../light/sky-first.ts';
import { skyLight } from '../sky/sky-light.ts';
import {
  choiceFromFrame,
  choiceFromReading,
  choiceFromScene,
  choiceFromShadow,
  lightKindOf
} from './choice.ts';

const shadow = (clue: 'sharp' | 'soft' | 'leaf', on: Partial<typeof NO_MODIFIERS> = {}) =>
  lightByEye({ school: 'shadow', clue }, { ...NO_MODIFIERS, ...on });
const sky = (clue: 'clear' | 'shade', on: Partial<typeof NO_MODIFIERS> = {}) =>
  lightByEye({ school: 'sky', clue }, { ...NO_MODIFIERS, ...on });

// common practice, no source: clue f-numbers of both schools at 1/ISO
describe('the two schools', () => {
  test.each([
    ['sharp shadow, clear sky', 16, 14.64],
    ['soft shadow, few clouds', 11, 13.64],
    ['barely a shadow, sun peeping through', 8, 12.64],
    ['no shadow, overcast', 5.6, 11.64],
    ['under leaves', 4, 10.64],
    ['deep shade', 2.8, 9.64]
  ])('%s: both say f/%d, LV %d', (_view, fNumber, lv) => {
    const i = SHADOW_STEPS.findIndex((s) => s.markedFNumber === fNumber);
    const [a, b] = [SHADOW_STEPS[i], SKY_STEPS[i]];
    expect(b?.markedFNumber).toBe(fNumber);
    expect(SAME_VIEW[i]).toEqual([a?.clue, b?.clue]);
    expect(a && lightByEye({ school: 'shadow', clue: a.clue }, NO_MODIFIERS).lv).toBeCloseTo(lv, 1);
    expect(b && lightByEye({ school: 'sky', clue: b.clue }, NO_MODIFIERS).lv).toBeCloseTo(lv, 1);
  });
  test('on the shaded side of a sunlit subject they are two stops apart: f/8 and f/4', () => {
    const [a, b] = [shadow('sharp', { shaded: true }), sky('clear', { shaded: true })];
    expect([a.markedFNumber, b.markedFNumber]).toEqual([8, 4]);
    expect(a.lv - b.lv).toBeCloseTo(2, 12);
    expect(a.contrast).toBe('flat');
  });
  test('the same view is found from either side', () => {
    for (const [a, b] of SAME_VIEW) {
      expect(otherSchool({ school: 'shadow', clue: a })).toEqual({ school: 'sky', clue: b });
      expect(otherSchool({ school: 'sky', clue: b })).toEqual({ school: 'shadow', clue: a });
    }
  });
  test('snow a stop more, from behind one less, and a shaded side is not taken off twice', () => {
    expect(shadow('sharp', { bright: true }).lv - shadow('sharp').lv).toBe(1);
    expect(shadow('sharp', { backlit: true }).lv - shadow('sharp').lv).toBe(-1);
    expect(shadow('sharp', { backlit: true, shaded: true }).lv).toBe(shadow('sharp', { shaded: true }).lv);
    expect(shadow('leaf', { shaded: true }).lv).toBe(shadow('leaf').lv);
  });
  // the sun climbs about 10° in the first hour at middle latitudes near the equinox, 5° in the first half
  test.each([
    ['hour', 10.5],
    ['half-hour', 5.3]
  ] as const)('%s after sunrise agrees with the sum of sun and sky within half a stop', (when, altitude) => {
    const moon = { altitude: -30, azimuth: 0 };
    const sum = skyLight(
      { sun: { altitude, azimuth: 100 }, moon, moonPhaseAngle: 90 },
      { sky: 'clear', facing: 'front', ground: 'ground' }
    );
    expect(Math.abs(sum.lv - (14.64 + MODIFIER_STOPS[when]))).toBeLessThan(0.55);
  });
});

describe('named scenes', () => {
  test('ids are unique, lights lie on the scale, spreads are said', () => {
    expect(new Set(SCENES.map((s) => s.id)).size).toBe(SCENES.length);
    expect(SCENES.every((s) => s.lv >= -8 && s.lv <= 18 && s.sdStops >= 1)).toBe(true);
  });
  test('a search takes every word, and nothing found is an empty list', () => {
    expect(findScenes('street lamps').map((s) => s.id)).toEqual(
      expect.arrayContaining(['street', 'street-bright'])
    );
    expect(findScenes('MOON snow').map((s) => s.id)).toEqual(['full-moon-snow']);
    expect(findScenes('submarine')).toEqual([]);
    expect(findScenes(' ')).toHaveLength(SCENES.length);
  });
  // 0.164 lx on level ground from a full moon at 45°: USNO Circular 171 (1987)
  test('the field under a full moon agrees with the published light of the moon within a stop', () => {
    const field = SCENES.find((s) => s.id === 'full-moon');
    expect(Math.abs((field?.lv ?? 0) - lvFromLux(0.164))).toBeLessThan(1);
  });
  test('lamps are told from daylight', () => {
    const way = (id: string) => choiceFromScene(knownScene(id)).way;
    expect(lightKindOf(way('stage'))).toBe('lamps');
    expect(lightKindOf(way('full-moon'))).toBe('daylight');
  });
});

describe('readings', () => {
  const read = (text: string) => {
    const reading = parseLightReading(text);
    if (!reading.ok) throw new Error(text);
    return reading.value;
  };
  const from = (text: string, of: (typeof METERED)[number], more = {}) =>
    choiceFromReading(text, read(text), { of, elsewhere: false, meter: null, ...more });
  // common practice, no source: what meters make of what they are pointed at
  test.each([
    ['incident', 12, 0.25],
    ['card', 11.8, 0.3],
    ['palm', 11, 0.3],
    ['scene', 12, 0.6],
    ['snow', 10.5, 0.6],
    ['sand', 11, 0.6],
    ['woods', 13, 0.6]
  ] as const)('EV 12 of %s is LV %d, give or take %d', (of, lv, sd) => {
    const light = from('EV 12', of);
    expect(light.lv).toBeCloseTo(lv, 9);
    expect(light.sdStops).toBeCloseTo(sd, 9);
  });
  test('a meter that reads high is taken down, and its own spread counts', () => {
    const meter = { name: 'm', offsetStops: 0.5, sdStops: 0.4, showsTenths: false };
    expect(from('EV 12', 'incident', { meter })).toMatchObject({ lv: 11.5, sdStops: 0.4 });
    expect(from('EV 12', 'scene', { meter }).sdStops).toBeCloseTo(Math.hypot(0.6, 0.4), 12);
  });
  test('held in another light than the subject’s, it is a stop less sure', () =>
    expect(from('EV 12', 'incident', { elsewhere: true }).sdStops).toBeCloseTo(Math.hypot(0.25, 1), 12));
  test('cd/m² is reflected light, whatever was said', () =>
    expect(from('512 cd/m²', 'incident').way).toMatchObject({ of: 'scene' }));
  // EV at ISO 100 against lux (C = 250) and cd/m² (K = 12.5): E = 2.5·2^EV, L = 2^EV/8, as in tables after ISO 2720:1974
  test.each([-2, 0, 5, 10, 15])('EV %d in lux and in cd/m²', (ev) => {
    expect(read(`${2.5 * 2 ** ev} lux`).lv).toBeCloseTo(ev, 9);
    expect(read(`${2 ** ev / 8} cd/m2`).lv).toBeCloseTo(ev, 9);
  });
  test('every kind of metering has its numbers', () =>
    expect(Object.keys(METERED_TONES).sort()).toEqual([...METERED].sort()));
});

test('the light of an earlier frame is a little less sure than it was', () => {
  const light = choiceFromShadow('soft');
  const again = choiceFromFrame({ id: 'f', light }, 'frame 7');
  expect(again.lv).toBe(light.lv);
  expect(again.sdStops).toBeCloseTo(Math.hypot(0.5, 0.3), 12);
});
