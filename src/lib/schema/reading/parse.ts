// One way to check what comes from outside with Yup: a typed value, or a list of named faults.
import { ValidationError, type Schema } from 'yup';
import { err, ok, type Result } from '#core/numeric/result.ts';

/** A fault with the field it belongs to (a path like `light.lv`; empty = the whole). */
export interface FieldFault {
  readonly field: string;
  readonly message: string;
}

/** Checks a value against a schema without changing its type quietly: "5" is no number. */
export function parseWith<T>(schema: Schema<T>, value: unknown): Result<T, readonly FieldFault[]> {
  try {
    return ok(schema.validateSync(value, { strict: true, abortEarly: false }));
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    const inner = error.inner.length > 0 ? error.inner : [error];
    return err(inner.map((e) => ({ field: e.path ?? '', message: e.message })));
  }
}
