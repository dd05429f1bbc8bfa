// Yup schemas as JSON Schema 2020-12, for the description of the API. Written here because the registry's converter
// redeclares Yup's own types (every lazy schema becomes `any`) and knows neither kinds nor null beside an object.
import { ArraySchema, ObjectSchema, Schema, type AnySchema } from 'yup';
import { choiceSchema } from '../kit/choice.ts';
import { shapesFor } from '../reading/kinds.ts';

/** A JSON Schema. */
export type Json = Readonly<Record<string, unknown>>;

/** A Yup schema as JSON Schema. @throws {TypeError} for what is no schema that can be described */
export function jsonSchemaOf(schema: unknown): Json {
  if (schema === choiceSchema) {
    return { type: 'object', additionalProperties: { type: 'integer', minimum: 0 } };
  }
  if (typeof schema !== 'object' || schema === null) throw new TypeError('not a schema');
  const shapes = shapesFor(schema);
  if (shapes) return { oneOf: shapes.map(jsonSchemaOf) };
  if (schema instanceof ObjectSchema) return orNull(schema, objectSchema(Object.entries(schema.fields)));
  if (schema instanceof ArraySchema) {
    const items: unknown = schema.innerType;
    return orNull(schema, { type: 'array', items: jsonSchemaOf(items), ...limitsOf(schema) });
  }
  if (!isLeaf(schema)) throw new TypeError('a lazy schema was given no shapes');
  return orNull(schema, leaf(schema));
}

function isLeaf(schema: unknown): schema is AnySchema {
  return schema instanceof Schema;
}

/** Tests that say the same in JSON Schema, by Yup's name of the test. */
const KEYWORDS: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  number: { min: 'minimum', max: 'maximum', more: 'exclusiveMinimum', less: 'exclusiveMaximum' },
  string: { min: 'minLength', max: 'maxLength' }
};

function leaf(schema: AnySchema): Json {
  const { type, oneOf, tests } = schema.describe();
  const allowed = oneOf.filter((value) => value !== null);
  const whole = tests.some((t) => t.name === 'integer');
  const json: Record<string, unknown> = { type: whole ? 'integer' : type };
  if (allowed.length > 0) json['enum'] = allowed;
  for (const { name, params } of tests) {
    // Yup calls "more than" and "less than" by the names of the plain limits
    const limit = params?.['more'] !== undefined ? 'more' : params?.['less'] !== undefined ? 'less' : name;
    const keyword = KEYWORDS[type]?.[limit ?? ''];
    if (keyword !== undefined) json[keyword] = params?.[limit ?? ''];
    if (name === 'matches' && params?.['regex'] instanceof RegExp) json['pattern'] = params['regex'].source;
  }
  // Yup's "required" refuses the empty text too
  const required = type === 'string' && !schema.spec.optional && tests.some((t) => t.name === 'required');
  return required && allowed.length === 0 ? { minLength: 1, ...json } : json;
}

function objectSchema(fields: readonly (readonly [string, unknown])[]): Json {
  const required = fields.filter(([, field]) => !(field instanceof Schema && field.spec.optional));
  return {
    type: 'object',
    properties: Object.fromEntries(fields.map(([name, field]) => [name, jsonSchemaOf(field)])),
    ...(required.length > 0 ? { required: required.map(([name]) => name) } : {})
  };
}

function limitsOf(schema: AnySchema): Json {
  return Object.fromEntries(
    schema.tests.flatMap(({ OPTIONS }) =>
      OPTIONS?.name === 'min' || OPTIONS?.name === 'max'
        ? [[`${OPTIONS.name}Items`, OPTIONS.params?.[OPTIONS.name]]]
        : []
    )
  );
}

function orNull(schema: AnySchema, json: Json): Json {
  if (!schema.spec.nullable) return json;
  const { type } = json;
  return typeof type === 'string' && !('enum' in json)
    ? { ...json, type: [type, 'null'] }
    : { anyOf: [json, { type: 'null' }] };
}
