// Things of the kit beside cameras and films, as JSON.
import { array, boolean, lazy, number, object, string, type InferType } from 'yup';
import { THING_KINDS, type Thing, type ThingData } from '#core/kit/thing.ts';
import { kindField, kindOf, keepShapes } from '../reading/kinds.ts';
import { flashUnitSchema } from './traits.ts';

const kind = <T extends ThingData['kind']>(name: T) => kindField(name, THING_KINDS);
const stops = () => number().min(0).max(30).required();

/** Shapes by kind. */
export const THING_SHAPES = {
  filter: object({
    kind: kind('filter'),
    stops: stops(),
    givenAs: string<'stops' | 'density' | 'factor'>().oneOf(['stops', 'density', 'factor']).required(),
    sizeMm: number().min(5).max(200).optional()
  }),
  flash: flashUnitSchema.omit(['name']).shape({ kind: kind('flash') }),
  meter: object({
    kind: kind('meter'),
    reads: string<'incident-dome' | 'incident-flat' | 'reflected'>()
      .oneOf(['incident-dome', 'incident-flat', 'reflected'])
      .required(),
    constant: number().positive().max(1000).required(),
    showsTenths: boolean().required(),
    offsetStops: number().min(-5).max(5).required(),
    sdStops: number().min(0).max(4).required()
  }),
  support: object({ kind: kind('support') }).required(),
  lamp: object({
    kind: kind('lamp'),
    luxAtOneMetre: number().positive().max(1e7).required(),
    kelvin: number().min(1000).max(20_000).required()
  }),
  modifier: object({ kind: kind('modifier'), stops: stops() }),
  phone: object({
    kind: kind('phone'),
    model: string().defined().max(80),
    focalMm: number().positive().max(200).nullable().defined(),
    offsetStops: number().min(-5).max(5).required(),
    slope: number().min(0.3).max(6).required(),
    readings: number().integer().min(0).max(1000).required(),
    residualStops: number().min(0).max(5).nullable().defined()
  }),
  developer: object({
    kind: kind('developer'),
    dilution: array(number().positive().max(10_000).required()).min(1).max(6).required(),
    stocks: array(
      object({
        name: string().required().max(40),
        parts: array(
          object({ name: string().required().max(60), gramsPerLitre: number().min(0).max(5000).required() })
        )
          .max(20)
          .required()
      })
    )
      .max(5)
      .required(),
    fromMinutes: number().positive().max(1440).required(),
    toMinutes: number().positive().max(1440).required(),
    atC: number().min(0).max(60).required(),
    lossStops: number().min(0).max(5).required(),
    agitation: string<'gentle' | 'ordinary'>().oneOf(['gentle', 'ordinary']).required()
  })
} as const;

/** What a thing is, told apart by `kind`. */
export const thingDataSchema = lazy((value: unknown) => {
  const name = kindOf(value);
  if (name === 'filter') return THING_SHAPES.filter;
  if (name === 'flash') return THING_SHAPES.flash;
  if (name === 'meter') return THING_SHAPES.meter;
  if (name === 'lamp') return THING_SHAPES.lamp;
  if (name === 'developer') return THING_SHAPES.developer;
  if (name === 'phone') return THING_SHAPES.phone;
  return name === 'modifier' ? THING_SHAPES.modifier : THING_SHAPES.support;
});
keepShapes(thingDataSchema, Object.values(THING_SHAPES));

/** A whole thing in a request body. */
export const thingSchema = object({
  id: string().required().max(64),
  name: string().required().max(80),
  data: thingDataSchema
}).required();

/** The thing of a checked body. */
export function thingFrom(body: InferType<typeof thingSchema>): Thing {
  return body;
}

/** Reads a stored thing. @throws {ValidationError} when it is none */
export function thingDataFromJson(text: string): ThingData {
  return thingDataSchema.validateSync(JSON.parse(text), { strict: true });
}
