// A camera as it is stored and sent: Yup shapes for its controls. In JSON, null stands for an infinite distance.
import { array, lazy, number, object, string, type InferType } from 'yup';
import type { Control, ControlActs, ControlShape, MarkSymbol, Position } from '#core/camera/camera.ts';
import type { Choice } from '#core/camera/setting.ts';
import { FRAME_FORMATS, type FrameFormat } from '#core/film/film.ts';

const SYMBOLS = [
  'sun',
  'cloud',
  'person',
  'people',
  'group',
  'mountain'
] as const satisfies readonly MarkSymbol[];
const ACTS = ['aperture', 'time', 'focus'] as const satisfies readonly ControlActs[];
const SHAPES = ['lever', 'ring', 'wheel'] as const satisfies readonly ControlShape[];

const position = object({
  mark: string().defined().max(20),
  symbol: string().oneOf(SYMBOLS).nullable().defined(),
  value: number().nullable().defined()
});
const common = {
  id: string().required().max(40),
  label: string().required().max(40),
  acts: string().oneOf(ACTS).required()
};
const fixedControl = object({
  kind: string()
    .oneOf(['fixed'] as const)
    .required(),
  ...common,
  position: position.required()
});
const markedControl = object({
  kind: string()
    .oneOf(['marked'] as const)
    .required(),
  ...common,
  shape: string().oneOf(SHAPES).required(),
  positions: array(position.required()).required()
});

function kindOf(value: unknown): unknown {
  return typeof value === 'object' && value !== null && 'kind' in value ? value.kind : undefined;
}

/** A camera's controls as JSON. */
export const controlsSchema = array(
  lazy((value: unknown) => (kindOf(value) === 'fixed' ? fixedControl : markedControl))
).required();

/** Frame formats as JSON. */
export const formatsSchema = array(string().oneOf(FRAME_FORMATS).required()).required();

/** Reads stored controls. @throws {ValidationError} when they are not controls */
export function controlsFromJson(text: string): readonly Control[] {
  const controls = controlsSchema.validateSync(JSON.parse(text), { strict: true });
  return controls.map((c): Control => {
    const { id, label, acts } = c;
    return c.kind === 'fixed'
      ? { kind: 'fixed', id, label, acts, position: positionFrom(c.position) }
      : { kind: 'marked', id, label, acts, shape: c.shape, positions: c.positions.map(positionFrom) };
  });
}

/** Reads stored formats. @throws {ValidationError} when they are not formats */
export function formatsFromJson(text: string): readonly FrameFormat[] {
  return formatsSchema.validateSync(JSON.parse(text), { strict: true });
}

function positionFrom(p: InferType<typeof position>): Position {
  return { mark: p.mark, symbol: p.symbol, value: p.value ?? Infinity };
}

/** Checks a choice: whole position numbers from 0 by control id. */
export const choiceSchema = lazy((value: unknown) =>
  object(
    Object.fromEntries(
      Object.keys(typeof value === 'object' && value !== null ? value : {}).map((key) => [
        key,
        number().integer().min(0).required()
      ])
    )
  ).required()
);

/** Reads a stored choice. */
export function choiceFromJson(text: string): Choice {
  const value: Record<string, unknown> = choiceSchema.validateSync(JSON.parse(text), { strict: true });
  return Object.fromEntries(Object.entries(value).map(([k, v]) => [k, Number(v)]));
}
