// Checks of what an address says in JSON.
import { conditionsFrom, conditionsSchema } from '../engine/conditions.ts';
import { byRecordSchema, meterErrorSchema, pictureWaySchema, sunWaySchema } from '../light/light.ts';
import { parseWith } from '../reading/parse.ts';
import type { NoteReaders } from './notes.ts';
import type { Schema } from 'yup';

const readWith =
  <T>(schema: Schema<T>) =>
  (value: unknown): T | null => {
    const read = parseWith(schema, value);
    return read.ok ? read.value : null;
  };
const conditions = readWith(conditionsSchema.required());

/** All checks. */
export const NOTE_READERS: NoteReaders = {
  eye: readWith(byRecordSchema),
  meter: readWith(meterErrorSchema),
  picture: readWith(pictureWaySchema),
  sun: readWith(sunWaySchema),
  with: (value) => {
    const asked = conditions(value);
    return asked && conditionsFrom(asked);
  }
};
