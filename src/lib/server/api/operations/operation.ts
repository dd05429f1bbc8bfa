// What an operation of the API is.
import type { SCHEMAS } from '../schemas.ts';

/** The name of a schema. */
export type Schemas = keyof typeof SCHEMAS;

/** A method of the API on a path. */
export interface Operation {
  readonly method: 'get' | 'post' | 'put' | 'patch' | 'delete';
  readonly path: string;
  readonly id: string;
  readonly summary: string;
  /** Name of the body's schema. */
  readonly body?: Schemas;
  readonly answer: Schemas | `${Schemas}[]` | 'any';
  readonly status: 200 | 201;
  /** Names in the address after the question mark; all must be there. */
  readonly query?: readonly string[];
  /** Those that may be left out. */
  readonly optional?: readonly string[];
  /** Whether the revision it is made on must be sent as If-Match. */
  readonly based?: boolean;
}
