import { describe, expect, test } from 'vitest';
import { conditionsFromJson, conditionsSchema } from '../engine/conditions.ts';
import {
  answerCameraEye,
  answerEye,
  answerReading,
  answerScene,
  answerSun,
  cameraEyeQuestionSchema,
  lightAnswerSchema,
  readingQuestionSchema,
  sunAnswerSchema,
  sunQuestionSchema
} from './light-question.ts';
import { parseWith } from '../reading/parse.ts';

const place = { name: '', latitude: 47.5, longitude: -28, zone: 'Etc/GMT+2' };
const sun = {
  ...{ place, ms: Date.UTC(2026, 5, 20, 14) },
  ...({ sky: 'clear', facing: 'front', ground: 'ground' } as const)
};

describe('questions about light from other programs', () => {
  test('by eye: the light, and the other school’s word on it', () => {
    const answer = answerEye({ school: 'shadow', clue: 'sharp', shaded: true });
    expect(answer.ok && answer.value.other).toMatchObject({ school: 'sky', clue: 'clear' });
    expect(answer.ok && answer.value.light.lv - answer.value.other.lv).toBeCloseTo(2, 9);
    expect(answer.ok && parseWith(lightAnswerSchema, answer.value).ok).toBe(true);
  });
  test.each([
    [answerEye({ school: 'sky', clue: 'purple' }), 'clue', 'no clue of the sky school'],
    [answerScene({ scene: 'moonbase' }), 'scene', 'There is no scene “moonbase”'],
    [answerReading({ text: 'f/', meter: null }), 'text', 'is not'],
    [answerReading({ text: '0 lux', meter: null }), 'text', 'more than 0']
  ])('what is not understood is named with its field', (answer, field, words) => {
    expect(answer.ok ? [] : answer.error.map((f) => f.field)).toEqual([field]);
    expect(answer.ok ? '' : answer.error[0]?.message).toContain(words);
  });
  test('a reading takes its meter’s error off', () => {
    const meter = { name: 'm', offsetStops: 1, sdStops: 0.5, showsTenths: true };
    const answer = answerReading({ text: 'f/8.7 1/60', of: 'incident', meter });
    // f/8 and 7 tenths at 1/64: 6 + 0.7 + 6 = 12.7 less the stop that the meter is high
    expect(answer.ok && answer.value.light.lv).toBeCloseTo(11.7, 9);
  });
  test('the sun: light, positions, course and the moment of a value', () => {
    const answer = answerSun({ ...sun, hours: 24, passes: 5 });
    expect(answer.ok && parseWith(sunAnswerSchema, answer.value)).toMatchObject({ ok: true });
    if (!answer.ok) return;
    expect(answer.value.course).toHaveLength(145);
    expect(answer.value.events.map((e) => e.kind)).toContain('sunset');
    const at = answer.value.passesAt ?? 0;
    const near = answer.value.course.find((p) => p.ms >= at);
    expect(near?.lv).toBeLessThan(5.5);
  });
  test('the camera’s eye: the compensation that answers what it sees', () => {
    const patch = { id: 'a', name: '', x: -1, y: -1, width: 3, height: 3, lightStops: 1, toneStops: 0.5 };
    const answer = answerCameraEye({ patches: [patch], eye: { x: 0.5, y: 0.5, radius: 0.4 } });
    expect(answer.value.lightenStops).toBeCloseTo(1.5, 9);
  });
  test.each([
    [sunQuestionSchema, { ...sun, place: { ...place, latitude: -91 } }, 'place.latitude'],
    [sunQuestionSchema, { ...sun, place: { ...place, zone: '' } }, 'place.zone'],
    [sunQuestionSchema, { ...sun, ms: Date.UTC(1850, 0, 1) }, 'ms'],
    [sunQuestionSchema, { ...sun, sky: 'purple' }, 'sky'],
    [readingQuestionSchema, { text: 'EV 12', of: 'the moon' }, 'of'],
    [cameraEyeQuestionSchema, { patches: [], eye: { x: 0, y: 0, radius: 1 } }, 'patches'],
    [cameraEyeQuestionSchema, { patches: [{}], eye: { x: 0, y: 0, radius: 0 } }, 'eye.radius']
  ])('bodies out of range are refused by name', (schema, body, field) => {
    const read = parseWith<unknown>(schema, body);
    expect(read.ok ? [] : read.error.map((f) => f.field)).toContain(field);
  });
});

describe('conditions of a frame as JSON', () => {
  test('what was not said is left out', () => expect(conditionsFromJson('{}')).toEqual({}));
  test.each([
    [{ purpose: 'fame' }, 'purpose'],
    [{ motion: { metresPerSecond: -1, way: 'across' } }, 'motion.metresPerSecond'],
    [{ scene: 'odd' }, 'scene'],
    [
      {
        circumstances: {
          ...{ filters: [{ name: '', stops: -3, place: 'lens' }], eyeOffsetStops: 0, exposures: 1 },
          ...{ lightKind: 'daylight', temperatureC: null, subjectM: null, flash: { kind: 'off' } }
        }
      },
      'circumstances.filters[0].stops'
    ]
  ])('%o is refused in its field', (body, field) => {
    const read = parseWith(conditionsSchema, body);
    expect(read.ok ? [] : read.error.map((f) => f.field)).toEqual([field]);
  });
});
