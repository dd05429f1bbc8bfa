// What a format of files is to this program. A further one is a folder beside the others and a line in `formats.ts`.
import type { Findings } from '../findings.ts';
import type { Tell } from '../import-work.ts';

/** A file that came in, and where what is read of it goes. */
export interface Incoming {
  readonly path: string;
  /** A folder of its own, for what it unpacks to. */
  readonly folder: string;
  readonly findings: Findings;
  readonly tell: Tell;
}

/** A format: how its files are told, and how they are read. How they are written stands in its folder too. */
export interface Format {
  readonly name: string;
  /** Whether a file is of this format. @param head its first bytes, some hundred */
  readonly detects: (head: Buffer) => boolean;
  /**
   * Reads a file: stages what it holds, or says what is wrong with it.
   * @throws {TypeError} for what is no UTF-8 @throws {Error} in words
   */
  readonly read: (incoming: Incoming) => Promise<void>;
}
