// What the server answers when a film was not loaded, and what the film before says of the next one.
import type { PackFilter } from '#core/log/load.ts';

/** Why a film was not loaded, with what was asked for. */
export interface RefusedLoad {
  readonly cameraId?: string | undefined;
  readonly filmId?: string | undefined;
  readonly frames?: string | undefined;
  readonly message: string;
  /** Whether it can be loaded all the same. */
  readonly anyway?: boolean | undefined;
}

/** What the film before says of the next one. */
export interface NextLoad {
  readonly firstNumber: number;
  /** The filter that lay on the last pack; null = none. */
  readonly packFilter: PackFilter | null;
  /** What was noticed on the last film; '' = nothing. */
  readonly remark: string;
}
