// The description of the API, OpenAPI 3.1.
import { jsonSchemaOf, type Json } from '#schema/files/json-schema.ts';
import { OPERATIONS } from './operations.ts';
import type { Operation } from './operations/operation.ts';
import { SCHEMAS } from './schemas.ts';

const ref = (name: string): Json => ({ $ref: `#/components/schemas/${name}` });

function answerSchema(answer: Operation['answer']): Json {
  if (answer === 'any') return { type: 'object' };
  return answer.endsWith('[]') ? { type: 'array', items: ref(answer.slice(0, -2)) } : ref(answer);
}

/** RFC 9110 §13.1.1. */
const IF_MATCH: Json = {
  ...{ name: 'If-Match', in: 'header', required: true, schema: { type: 'string' } },
  description: 'The ETag of the last answer, so that nobody’s change is undone unseen; * overwrites'
};

function describeOperation(operation: Operation): Json {
  const { id, summary, body, answer, status, path, query = [], optional = [] } = operation;
  const inPath = [...path.matchAll(/\{(\w+)\}/g)].map((match) => match[1] ?? '');
  const parameter =
    (place: 'path' | 'query', required: boolean) =>
    (name: string): Json => ({ name, in: place, required, schema: { type: 'string' } });
  const parameters: readonly Json[] = [
    ...inPath.map(parameter('path', true)),
    ...query.map(parameter('query', true)),
    ...optional.map(parameter('query', false)),
    ...(operation.based === true ? [IF_MATCH] : [])
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
