// The description of the API against the standard, against the routes, and against what Yup itself accepts.
import { CONTROL_KIND_NAMES } from '#core/camera/kinds/controls.ts';
import { readdirSync, readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { createConfig, lintFromString } from '@redocly/openapi-core';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { describe, expect, test } from 'vitest';
import type { Schema } from 'yup';
import {
  matchAnswerSchema,
  reachAnswer,
  reachAnswerSchema,
  remediesAnswer,
  remediesAnswerSchema,
  verdictAnswer
} from '#schema/engine/answers.ts';
import { cameraSchema } from '#schema/kit/camera.ts';
import { filmSchema } from '#schema/kit/film.ts';
import { jsonSchemaOf } from '#schema/files/json-schema.ts';
import { parseWith } from '#schema/reading/parse.ts';
import { questionFrom, questionSchema } from '#schema/engine/question.ts';
import { thingSchema } from '#schema/kit/thing.ts';
import { atHandFrom } from '#core/advice/at-hand.ts';
import { rankSettings } from '#core/advice/rank.ts';
import { reachBoth, reachOf } from '#core/advice/reach.ts';
import { remediesFor } from '#core/advice/remedies.ts';
import { DEMO_FILMS } from '../demo/films.ts';
import { DEMO_CAMERAS } from '../demo/seed.ts';
import { DEMO_THINGS } from '../demo/things.ts';
import { openApiDocument } from './openapi.ts';
import { OPERATIONS } from './operations.ts';

const asJson = (value: unknown): unknown => JSON.parse(JSON.stringify(value));
const ajv = new Ajv2020({ strict: true, allowUnionTypes: true, discriminator: false });
const valid = (schema: unknown, value: unknown): string => {
  const check = ajv.compile(jsonSchemaOf(schema));
  return check(asJson(value)) ? '' : ajv.errorsText(check.errors);
};

describe('the description', () => {
  test('is a valid OpenAPI 3.1 document (checked by a general linter)', async () => {
    const config = await createConfig({ extends: ['spec'] });
    const problems = await lintFromString({ source: JSON.stringify(openApiDocument()), config });
    expect(problems.filter((p) => p.severity === 'error').map((p) => p.message)).toEqual([]);
  });

  test('names every route and method there is, and no other', () => {
    const root = resolve(import.meta.dirname, '../../../routes/api/v1');
    const found: string[] = [];
    const walk = (folder: string, path: string): void => {
      for (const entry of readdirSync(folder, { withFileTypes: true })) {
        if (entry.isDirectory()) {
          walk(join(folder, entry.name), `${path}/${entry.name.replace('[', '{').replace(']', '}')}`);
        } else if (entry.name === '+server.ts') {
          const text = readFileSync(join(folder, entry.name), 'utf8');
          for (const [, method] of text.matchAll(/export const (GET|POST|PUT|PATCH|DELETE)\b/g)) {
            found.push(`${(method ?? '').toLowerCase()} ${path}`);
          }
        }
      }
    };
    walk(root, '');
    expect(OPERATIONS.map((o) => `${o.method} ${o.path}`).sort()).toEqual(found.sort());
  });
});

describe('schemas say the same in Yup and in JSON Schema', () => {
  const films = DEMO_FILMS.map((f) => [f.name, filmSchema, f] as const);
  const cameras = DEMO_CAMERAS.map((c) => [c.name, cameraSchema, c] as const);
  const things = DEMO_THINGS.map((t) => [t.name, thingSchema, t] as const);
  const good: readonly (readonly [string, Schema<unknown>, unknown])[] = [...films, ...cameras, ...things];
  test.each(good)('%s is taken by both', (_name, schema, value) => {
    expect(valid(schema, value)).toBe('');
    expect(parseWith(schema, asJson(value))).toMatchObject({ ok: true });
  });

  const [film] = DEMO_FILMS;
  const [camera] = DEMO_CAMERAS;
  const bad: readonly (readonly [string, Schema<unknown>, unknown])[] = [
    ['a film of an unknown kind', filmSchema, { ...film, kind: 'glass' }],
    ['a film without a name', filmSchema, { ...film, name: '' }],
    ['half a frame', filmSchema, { ...film, frames: 1.5 }],
    ['an expiry that is no month', filmSchema, { ...film, expires: '2027-13' }],
    ['a reciprocity of an unknown kind', filmSchema, { ...film, reciprocity: { kind: 'guess' } }],
    ['a reciprocity table without rows', filmSchema, { ...film, reciprocity: { kind: 'table', rows: [] } }],
    [
      'a camera with a control of an unknown kind',
      cameraSchema,
      { ...camera, controls: [{ kind: 'slider' }] }
    ],
    ['a camera without a program', cameraSchema, { ...camera, program: undefined }],
    [
      'a filter of −3 stops',
      thingSchema,
      { id: 'a', name: 'a', data: { kind: 'filter', stops: -3, givenAs: 'stops' } }
    ],
    ['a thing of an unknown kind', thingSchema, { id: 'a', name: 'a', data: { kind: 'hat' } }]
  ];
  test.each(bad)('%s is refused by both', (_name, schema, value) => {
    expect(valid(schema, value)).not.toBe('');
    expect(parseWith(schema, asJson(value))).toMatchObject({ ok: false });
  });
  test('an unknown kind is answered with the kinds there are', () => {
    const read = parseWith(cameraSchema, asJson({ ...camera, controls: [{ kind: 'slider' }] }));
    expect(read.ok ? '' : read.error.map((f) => f.message).join(' ')).toContain(
      `The kind must be one of ${CONTROL_KIND_NAMES.join(', ')}.`
    );
  });
});

describe('questions and answers', () => {
  const shelf = {
    camera: (id: string) => DEMO_CAMERAS.find((c) => c.id === id) ?? null,
    film: (id: string) => DEMO_FILMS.find((f) => f.id === id) ?? null
  };
  const ask = (more: object) => {
    const body = { light: { lv: 12.6, sdStops: 0.5 }, contrast: 'normal', present: {}, ...more };
    const parsed = parseWith(questionSchema, asJson(body));
    return parsed.ok ? questionFrom(parsed.value, shelf) : parsed;
  };
  test('every demo pair is answered in the shapes that are described, stored or inline', () => {
    for (const camera of DEMO_CAMERAS) {
      for (const film of DEMO_FILMS.slice(0, 3)) {
        const inline = ask({ camera, film });
        const stored = ask({ cameraId: camera.id, filmId: film.id });
        if (!inline.ok || !stored.ok) throw new Error(`${camera.name} was refused`);
        const { situation, present } = inline.value;
        const verdicts = rankSettings(situation, present);
        expect(valid(matchAnswerSchema, { verdicts: verdicts.map(verdictAnswer) })).toBe('');
        expect(
          valid(reachAnswerSchema, reachAnswer(reachOf(situation, present), reachBoth(situation, present)))
        ).toBe('');
        expect(rankSettings(stored.value.situation, present)[0]?.pUsable).toBe(verdicts[0]?.pUsable);
      }
    }
  });
  test('remedies fit their shape, and the terms of every verdict add up', () => {
    const question = ask({ cameraId: 'demo-pelican', filmId: 'demo-minutepack' });
    if (!question.ok) throw new Error('refused');
    const { situation, present } = question.value;
    const [advice] = rankSettings(situation, present);
    if (!advice) throw new Error('no advice');
    const answer = remediesAnswer(
      advice,
      remediesFor(situation, present, atHandFrom(DEMO_FILMS, DEMO_THINGS))
    );
    expect(valid(remediesAnswerSchema, answer)).toBe('');
    for (const { verdict } of answer.remedies) {
      expect(verdict.terms.reduce((sum, t) => sum + t.stops, 0)).toBeCloseTo(verdict.deltaStops, 9);
    }
  });
  test.each([
    ['nothing at all', {}, 'Give a camera'],
    [
      'a camera that is not there',
      { cameraId: 'x', filmId: 'demo-reel' },
      'There is no camera “x” in the kit'
    ],
    [
      'light off the scale',
      { cameraId: 'demo-heron', filmId: 'demo-reel', light: { lv: 30, sdStops: 1 } },
      '18'
    ],
    [
      'a subject inside the lens',
      {
        ...{ cameraId: 'demo-heron', filmId: 'demo-minutepack' },
        circumstances: {
          ...{ filters: [], eyeOffsetStops: 0, lightKind: 'daylight', temperatureC: null },
          ...{ exposures: 1, subjectM: 0.05, flash: { kind: 'off' } }
        }
      },
      'further away than the focal length'
    ]
  ])('%s is refused by name', (_name, body, words) => {
    const question = ask(body);
    expect(question.ok ? '' : question.error.map((f) => f.message).join(' ')).toContain(words);
  });
});
