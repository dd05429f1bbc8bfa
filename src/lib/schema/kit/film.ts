// A film as it is stored and sent.
import { array, lazy, number, object, string, type InferType } from 'yup';
import { FILM_KINDS, type Film } from '#core/film/film.ts';
import { FRAME_FORMATS } from '#core/film/formats.ts';
import type { Reciprocity } from '#core/film/reciprocity.ts';
import { kindField, kindOf, keepShapes } from '../reading/kinds.ts';
import { filmTraitFields } from './traits.ts';

const KINDS = ['none', 'exponent', 'table'] as const satisfies readonly Reciprocity['kind'][];
const positive = () => number().positive().required();
const SHAPES = {
  none: object({ kind: kindField('none', KINDS) }).required(),
  exponent: object({
    kind: kindField('exponent', KINDS),
    p: number().min(1).max(3).required(),
    startSeconds: positive()
  }),
  table: object({
    kind: kindField('table', KINDS),
    rows: array(object({ meteredSeconds: positive(), neededSeconds: positive() }).required())
      .min(1)
      .max(100)
      .required()
  })
} as const;

/** Reciprocity as JSON, told apart by `kind`. */
export const reciprocitySchema = lazy((value: unknown) => {
  const kind = kindOf(value);
  return kind === 'exponent' ? SHAPES.exponent : kind === 'table' ? SHAPES.table : SHAPES.none;
});
keepShapes(reciprocitySchema, Object.values(SHAPES));

const stops = (most: number) => number().min(-most).max(most).required();

/** A whole film in a request body. Its range and numbers are looked over by the core. */
export const filmSchema = object({
  id: string().required().max(64),
  name: string().required().max(80),
  kind: string().oneOf(FILM_KINDS).required(),
  iso: number().required(),
  belowStops: stops(20),
  aboveStops: stops(20),
  reciprocity: reciprocitySchema,
  developmentStops: stops(5),
  ageStops: stops(10),
  sdStops: stops(4),
  formats: array(string().oneOf(FRAME_FORMATS).required()).min(1).required(),
  frames: number().integer().min(1).max(999).required(),
  ...filmTraitFields
}).required();

/** The film of a checked body. */
export function filmFrom(body: InferType<typeof filmSchema>): Film {
  return body;
}

/** Reads a stored film. @throws {ValidationError} when it is none */
export function filmFromJson(text: string): Film {
  return filmFrom(filmSchema.validateSync(JSON.parse(text), { strict: true }));
}
