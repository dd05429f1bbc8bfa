// The formats that are read, in the order in which they are looked for.
import { CSV } from './csv/read.ts';
import type { Format } from './format.ts';
import { LINES } from './lines/read.ts';
import { ZIP } from './zip/read.ts';

/** Every format. */
export const FORMATS: readonly Format[] = [ZIP, LINES, CSV];

/** The format of a file; null = it is none of them. @param head its first bytes */
export const formatOf = (head: Buffer): Format | null => FORMATS.find((f) => f.detects(head)) ?? null;
