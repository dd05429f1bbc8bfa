import { describe, expect, test } from 'vitest';
import { moment } from '#core/sky/moment.ts';
import { frameEditSchema } from '#schema/log/frame.ts';
import { readBody } from './json-body.ts';
import { logProblem, otherForm } from './problem.ts';

const post = (body: string, type = 'application/json') =>
  new Request('http://localhost/', { method: 'POST', body, headers: { 'content-type': type } });
const refused = async (request: Request) => {
  const read = await readBody(request, frameEditSchema);
  if (!(read instanceof Response)) throw new Error('it was taken');
  expect(read.headers.get('content-type')).toBe('application/problem+json');
  const body: unknown = await read.json();
  return { status: read.status, body };
};

describe('bodies', () => {
  test('a good one is read', async () =>
    expect(await readBody(post('{"number":3,"note":"x"}'), frameEditSchema)).toEqual({
      number: 3,
      note: 'x'
    }));
  test('brackets in a text are a text', async () => {
    const note = `"${'[{'.repeat(50)}\\`;
    expect(await readBody(post(JSON.stringify({ number: 3, note })), frameEditSchema)).toMatchObject({
      note
    });
  });
  test.each([
    ['a form', post('number=3', 'application/x-www-form-urlencoded'), 415, 'application/json'],
    ['broken JSON', post('{'), 400, 'not readable'],
    ['120,000 levels', post(`${'['.repeat(120_000)}${']'.repeat(120_000)}`), 400, '24 deep'],
    [
      'brackets in brackets behind a text',
      post(`{"note":"\\"[[","x":${'[{"a":'.repeat(20)}`),
      400,
      '24 deep'
    ],
    ['a text for a number', post('{"number":"3","note":""}'), 422, 'number'],
    ['half a frame', post('{"number":1.5,"note":""}'), 422, 'whole number'],
    ['null', post('null'), 422, '']
  ])('%s is refused', async (_what, request, status, words) => {
    const answer = await refused(request);
    expect(answer.status).toBe(status);
    expect(JSON.stringify(answer.body)).toContain(words);
  });
});

describe('what the log refuses, in words', () => {
  test.each([
    [{ reason: 'taken', number: 6, next: 7 }, 409, 'The next free one is 7'],
    [{ reason: 'taken', number: 12, next: null }, 409, 'side one of the film is full now'],
    [
      { reason: 'before-load', loadedAt: moment('2026-05-01T10:00Z', 'Europe/Oslo') },
      409,
      'was loaded on 2026-05-01 12:00 (Europe/Oslo)'
    ],
    [{ reason: 'finished' }, 409, 'was finished'],
    [{ reason: 'no-load' }, 404, 'not in the kit'],
    [{ reason: 'no-frame' }, 404, 'not in the log'],
    [{ reason: 'in-future' }, 409, 'has not come yet'],
    [{ reason: 'no-such-revision' }, 409, 'is not kept'],
    [{ reason: 'no-such-position' }, 422, 'no such position']
  ] as const)('%j', async (refusal, status, words) => {
    const answer = logProblem(refusal);
    expect(answer.status).toBe(status);
    expect(JSON.stringify(await answer.json())).toContain(words);
  });
});

describe('a phone of another version', () => {
  test.each([
    [{ form: 2 }, 409, /This phone runs a newer version.*Nothing is lost/],
    [{ form: 0 }, 409, /The server runs a newer version.*take the new version up/],
    [{ form: 'x' }, 409, /Nothing is lost/]
  ])('%j is told so, and keeps its queue', async (body, status, words) => {
    const answer = otherForm(1)(body);
    expect(answer?.status).toBe(status);
    expect(await answer?.text()).toMatch(words);
  });
  test('one of the same is not stopped', () => {
    expect(otherForm(1)({ form: 1 })).toBeNull();
    expect(otherForm(1)({})).toBeNull();
  });
});
