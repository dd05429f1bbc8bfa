// The description of the API, OpenAPI 3.1, made from the same Yup schemas that check what comes in.
import { biasSchema, judgementSchema } from '#schema/judgement.ts';
import { carriedSchema } from '#schema/carried.ts';
import { syncAnswerSchema, syncSchema } from '#schema/change.ts';
import { array, number, object, string } from 'yup';
import { matchAnswerSchema, reachAnswerSchema, remediesAnswerSchema } from '#schema/answers.ts';
import { standsSchema } from '#schema/choice.ts';
import { cameraSchema } from '#schema/camera.ts';
import { filmSchema } from '#schema/film.ts';
import { frameEditSchema, newFrameSchema } from '#schema/frame.ts';
import { jsonSchemaOf, type Json } from '#schema/json-schema.ts';
import {
  cameraEyeAnswerSchema,
  cameraEyeQuestionSchema,
  eyeQuestionSchema,
  lightAnswerSchema,
  readingQuestionSchema,
  sceneQuestionSchema,
  sunAnswerSchema,
  sunQuestionSchema
} from '#schema/light-question.ts';
import { loadEditSchema, newLoadSchema } from '#schema/load.ts';
import { questionSchema } from '#schema/question.ts';
import { settingsEditSchema, settingsSchema } from '#schema/settings.ts';
import { thingSchema } from '#schema/thing.ts';

/** A method of the API on a path. */
export interface Operation {
  readonly method: 'get' | 'post' | 'put' | 'patch' | 'delete';
  readonly path: string;
  readonly id: string;
  readonly summary: string;
  /** Name of the body's schema. */
  readonly body?: keyof typeof SCHEMAS;
  readonly answer: keyof typeof SCHEMAS | `${keyof typeof SCHEMAS}[]` | 'any';
  readonly status: 200 | 201;
  /** Names in the address after the question mark. */
  readonly query?: readonly string[];
}

const loadSchema = object({
  id: string().required(),
  cameraId: string().required(),
  filmId: string().required(),
  framesTotal: number().integer().required(),
  loadedAt: string().required(),
  finishedAt: string().nullable().defined(),
  side: number().oneOf([1, 2]).nullable().defined()
}).required();
const problemSchema = object({
  type: string().required(),
  title: string().required(),
  status: number().integer().required(),
  detail: string().required(),
  errors: array(object({ field: string().defined(), message: string().required() }).required()).optional()
}).required();

const SCHEMAS = {
  Camera: cameraSchema,
  Film: filmSchema,
  Thing: thingSchema,
  Load: loadSchema,
  NewLoad: newLoadSchema,
  LoadEdit: loadEditSchema,
  NewFrame: newFrameSchema,
  FrameEdit: frameEditSchema,
  Question: questionSchema,
  MatchAnswer: matchAnswerSchema,
  ReachAnswer: reachAnswerSchema,
  RemediesAnswer: remediesAnswerSchema,
  EyeQuestion: eyeQuestionSchema,
  SceneQuestion: sceneQuestionSchema,
  ReadingQuestion: readingQuestionSchema,
  SunQuestion: sunQuestionSchema,
  CameraEyeQuestion: cameraEyeQuestionSchema,
  LightAnswer: lightAnswerSchema,
  SunAnswer: sunAnswerSchema,
  CameraEyeAnswer: cameraEyeAnswerSchema,
  Stands: standsSchema,
  Settings: settingsSchema,
  SettingsEdit: settingsEditSchema,
  Judgement: judgementSchema,
  Bias: biasSchema,
  Carried: carriedSchema,
  Sync: syncSchema,
  SyncAnswer: syncAnswerSchema,
  Problem: problemSchema
} as const;

const kit = (
  noun: 'camera' | 'film' | 'thing',
  schema: 'Camera' | 'Film' | 'Thing'
): readonly Operation[] => [
  {
    ...{ method: 'get', path: `/${noun}s`, id: `list-${noun}s`, answer: `${schema}[]`, status: 200 },
    summary: `The ${noun}s of the kit`
  },
  {
    ...{ method: 'post', path: `/${noun}s`, id: `add-${noun}`, body: schema, answer: schema, status: 201 },
    summary: `Stores a ${noun}`
  },
  {
    ...{ method: 'get', path: `/${noun}s/{id}`, id: `get-${noun}`, answer: schema, status: 200 },
    summary: `One ${noun}`
  },
  {
    ...{ method: 'delete', path: `/${noun}s/{id}`, id: `remove-${noun}`, answer: schema, status: 200 },
    summary: `Takes a ${noun} out of the kit`
  }
];
const replace = (noun: 'camera' | 'film', schema: 'Camera' | 'Film'): Operation => ({
  ...{ method: 'put', path: `/${noun}s/{id}`, id: `replace-${noun}`, body: schema, answer: schema },
  ...{ summary: `Replaces a ${noun}`, status: 200 }
});
const ask = (
  name: 'match' | 'reach' | 'remedies',
  answer: 'MatchAnswer' | 'ReachAnswer' | 'RemediesAnswer',
  summary: string
): Operation => ({
  ...{ method: 'post', path: `/${name}`, id: name, body: 'Question', answer, status: 200 },
  summary
});

type Schemas = keyof typeof SCHEMAS;
const light = (path: string, body: Schemas, answer: Schemas, summary: string): Operation => ({
  ...{ method: 'post', path: `/light/${path}`, id: `light-${path}`, body, answer, status: 200 },
  summary
});
const look = (path: string, id: string, summary: string, query: readonly string[] = []): Operation => ({
  ...{ method: 'get', path, id, summary, answer: 'any', status: 200, query }
});

/** Every operation there is. A test compares the list with the routes. */
export const OPERATIONS: readonly Operation[] = [
  ...kit('camera', 'Camera'),
  replace('camera', 'Camera'),
  {
    ...{
      method: 'put',
      path: '/cameras/{id}/stands',
      id: 'leave-controls',
      body: 'Stands',
      answer: 'Stands'
    },
    ...{ summary: 'Remembers where a camera’s controls stand', status: 200 }
  },
  ...kit('film', 'Film'),
  replace('film', 'Film'),
  ...kit('thing', 'Thing'),
  {
    ...{ method: 'get', path: '/loads', id: 'list-loads', answer: 'Load[]', status: 200 },
    summary: 'Which film is, or was, in which camera'
  },
  {
    ...{ method: 'post', path: '/loads', id: 'load-film', body: 'NewLoad', answer: 'Load', status: 201 },
    summary: 'Loads a film into a camera'
  },
  {
    ...{ method: 'get', path: '/loads/{id}', id: 'get-load', answer: 'Load', status: 200 },
    summary: 'One load'
  },
  {
    ...{ method: 'patch', path: '/loads/{id}', id: 'change-load', body: 'LoadEdit', answer: 'Load' },
    ...{ summary: 'Finishes a film, or turns it over', status: 200 }
  },
  {
    ...{ method: 'post', path: '/frames', id: 'log-frame', body: 'NewFrame', answer: 'any', status: 201 },
    summary: 'Logs a frame'
  },
  {
    ...{ method: 'patch', path: '/frames/{id}', id: 'change-frame', body: 'FrameEdit', answer: 'any' },
    ...{ summary: 'Changes a frame’s number, note and light', status: 200 }
  },
  {
    ...{ method: 'delete', path: '/frames/{id}', id: 'remove-frame', answer: 'any', status: 200 },
    summary: 'Moves a frame to the trash'
  },
  {
    ...{ method: 'post', path: '/frames/{id}/restore', id: 'restore-frame', answer: 'any', status: 200 },
    summary: 'Takes a deletion back'
  },
  ask('match', 'MatchAnswer', 'What to set, with chance and reasons; nothing is stored'),
  ask('reach', 'ReachAnswer', 'In which light a pair comes out; nothing is stored'),
  ask('remedies', 'RemediesAnswer', 'What would help; nothing is stored'),
  light('eye', 'EyeQuestion', 'LightAnswer', 'Light by a clue of either school'),
  light('scene', 'SceneQuestion', 'LightAnswer', 'Light of a named scene'),
  light('reading', 'ReadingQuestion', 'LightAnswer', 'Light of a reading as people type it'),
  light('sun', 'SunQuestion', 'SunAnswer', 'Light of sun, moon and sky, its course and events'),
  light('camera-eye', 'CameraEyeQuestion', 'CameraEyeAnswer', 'What a camera’s eye sees of a scene'),
  look('/light/scenes', 'list-scenes', 'The named scenes'),
  look('/light/places', 'find-places', 'Places by name, offline', ['q']),
  look('/light/zone', 'find-zone', 'The time zone of coordinates', ['latitude', 'longitude']),
  {
    ...{ method: 'get', path: '/settings', id: 'get-settings', answer: 'Settings', status: 200 },
    summary: 'What is remembered of the person'
  },
  {
    ...{ method: 'patch', path: '/settings', id: 'change-settings', body: 'SettingsEdit' },
    ...{ answer: 'Settings', summary: 'Changes what is named', status: 200 }
  },
  {
    ...{ method: 'put', path: '/frames/{id}/judgement', id: 'judge-frame', body: 'Judgement' },
    ...{ answer: 'any', summary: 'Says how a frame came out', status: 200 }
  },
  {
    ...{ method: 'delete', path: '/frames/{id}/judgement', id: 'unjudge-frame', answer: 'any', status: 200 },
    summary: 'Takes a judgement back'
  },
  {
    ...{ method: 'put', path: '/cameras/{id}/bias', id: 'take-up-bias', body: 'Bias', answer: 'any' },
    ...{ summary: 'Takes a camera’s bias up', status: 200 }
  },
  {
    ...{ method: 'get', path: '/carried', id: 'carry', answer: 'Carried', status: 200 },
    summary: 'What a phone carries: the kit, open loads and their frames'
  },
  {
    ...{ method: 'post', path: '/sync', id: 'sync', body: 'Sync', answer: 'SyncAnswer', status: 200 },
    summary: 'Does what a phone did while it was away, each change once'
  },
  {
    ...{ method: 'get', path: '/openapi.json', id: 'describe', answer: 'any', status: 200 },
    summary: 'This description'
  }
];

const ref = (name: string): Json => ({ $ref: `#/components/schemas/${name}` });

function answerSchema(answer: Operation['answer']): Json {
  if (answer === 'any') return { type: 'object' };
  return answer.endsWith('[]') ? { type: 'array', items: ref(answer.slice(0, -2)) } : ref(answer);
}

function describeOperation({ id, summary, body, answer, status, path, query }: Operation): Json {
  const parameters: readonly Json[] = [
    ...(path.includes('{id}')
      ? [{ name: 'id', in: 'path', required: true, schema: { type: 'string' } }]
      : []),
    ...(query ?? []).map((name) => ({ name, in: 'query', required: true, schema: { type: 'string' } }))
  ];
  return {
    ...{ operationId: id, summary, tags: [path.split('/')[1] ?? ''] },
    ...(parameters.length > 0 ? { parameters } : {}),
    ...(body
      ? { requestBody: { required: true, content: { 'application/json': { schema: ref(body) } } } }
      : {}),
    responses: {
      [status]: { description: summary, content: { 'application/json': { schema: answerSchema(answer) } } },
      '4XX': {
        description: 'Refused, with the reason in words (RFC 9457)',
        content: { 'application/problem+json': { schema: ref('Problem') } }
      }
    }
  };
}

/** The whole document. */
export function openApiDocument(): Json {
  const paths: Record<string, Record<string, Json>> = {};
  for (const operation of OPERATIONS) {
    const path = (paths[operation.path] ??= {});
    path[operation.method] = describeOperation(operation);
  }
  return {
    openapi: '3.1.0',
    info: {
      title: 'Just Enough',
      version: '1',
      description:
        'Cameras, films, loads and frames, and the exposure engine. Light is LV (exposure value at ISO 100), errors are stops, + = more light on the film; null stands for what has no end.',
      license: { name: 'MIT', identifier: 'MIT' }
    },
    servers: [{ url: '/api/v1' }],
    security: [],
    tags: [...new Set(OPERATIONS.map((o) => o.path.split('/')[1] ?? ''))].map((name) => ({ name })),
    paths,
    components: {
      schemas: Object.fromEntries(Object.entries(SCHEMAS).map(([name, s]) => [name, jsonSchemaOf(s)]))
    }
  };
}
