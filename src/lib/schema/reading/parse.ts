// One way to check what comes from outside with Yup: a typed value, or a list of named faults.
import { ArraySchema, LazySchema, ObjectSchema, ValidationError, type Schema } from 'yup';
import { err, ok, type Result } from '#core/numeric/result.ts';

/** A fault with the field it belongs to (a path like `light.lv`; empty = the whole). */
export interface FieldFault {
  readonly field: string;
  readonly message: string;
}

/** Items of a list whose schema names no end. */
const MOST_ITEMS = 5000;

/** The most items that a list may have, and the words where there are more. */
function mostItems({ tests }: Schema): readonly [most: number, words: string] {
  const asked = tests.find(({ OPTIONS }) => OPTIONS?.name === 'max')?.OPTIONS;
  const max: unknown = asked?.params?.['max'];
  const most = typeof max === 'number' ? max : MOST_ITEMS;
  return [most, typeof asked?.message === 'string' ? asked.message : `may have at most ${most} entries`];
}

/**
 * The first list that is longer than its schema allows: found before any of its items is looked at, as thousands of them cost
 * seconds.
 */
function overlong(schema: unknown, value: unknown, field: string): FieldFault | null {
  if (typeof value !== 'object' || value === null) return null;
  if (schema instanceof LazySchema) return overlong(schema.resolve({ value }), value, field);
  if (schema instanceof ArraySchema && Array.isArray(value)) {
    const [most, message] = mostItems(schema);
    if (value.length > most) return { field, message };
    for (const [i, item] of value.entries()) {
      const fault = overlong(schema.innerType, item, `${field}[${i}]`);
      if (fault) return fault;
    }
  }
  if (schema instanceof ObjectSchema)
    for (const [name, item] of Object.entries(value)) {
      const inner: unknown = Object.hasOwn(schema.fields, name) ? schema.fields[name] : undefined;
      const fault = overlong(inner, item, field === '' ? name : `${field}.${name}`);
      if (fault) return fault;
    }
  return null;
}

/** Checks a value against a schema without changing its type quietly: "5" is no number. */
export function parseWith<T>(schema: Schema<T>, value: unknown): Result<T, readonly FieldFault[]> {
  const fault = overlong(schema, value, '');
  if (fault) return err([fault]);
  try {
    return ok(schema.validateSync(value, { strict: true, abortEarly: false }));
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const inner = error.inner.length > 0 ? error.inner : [error];
    return err(inner.map((e) => ({ field: e.path ?? '', message: e.message })));
  }
}
