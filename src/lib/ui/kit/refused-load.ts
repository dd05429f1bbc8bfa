// What the server answers when a film was not loaded.

/** Why a film was not loaded, with what was asked for. */
export interface RefusedLoad {
  readonly cameraId?: string | undefined;
  readonly filmId?: string | undefined;
  readonly frames?: string | undefined;
  readonly message: string;
  /** Whether it can be loaded all the same. */
  readonly anyway?: boolean | undefined;
}
