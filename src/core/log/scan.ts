// Scans of prints and negatives, and which frame each shows.
import type { ScanShown } from './scan-shown.ts';

/** Kinds of picture files that are taken. */
export const SCAN_TYPES = ['jpeg', 'png', 'tiff', 'webp'] as const;
/** @see SCAN_TYPES */
export type ScanType = (typeof SCAN_TYPES)[number];

/** What was measured on a scan, on lightness as it is shown (sRGB), 0 = black … 1 = white. */
export interface ScanTones {
  /** The middle of all lightnesses (the median). */
  readonly middle: number;
  /** Share of the picture that is as good as black (lightness under 0.02). */
  readonly darkShare: number;
  /** Share that is as good as white (lightness over 0.98). */
  readonly lightShare: number;
}

/** A scan. */
export interface Scan {
  readonly id: string;
  readonly loadId: string;
  /** The frame it shows; null = not known yet. */
  readonly frameId: string | null;
  /** As the file was called. */
  readonly name: string;
  readonly type: ScanType;
  readonly bytes: number;
  /** As it is looked at, turned by what the file says, pixels. */
  readonly width: number;
  readonly height: number;
  readonly tones: ScanTones;
  /** How it is looked at; not there = as it came. */
  readonly shown?: ScanShown | undefined;
  /** UTC, ISO 8601. */
  readonly addedAt: string;
}

/** A scan and the frame it is given. */
export interface Assignment {
  readonly scanId: string;
  readonly frameId: string | null;
}

const names = new Intl.Collator('en', { numeric: true, sensitivity: 'base' });

/**
 * Scans in the order of their names: 9 before 10.
 * @returns a new list
 */
export function byName<T extends Pick<Scan, 'name' | 'id'>>(scans: readonly T[]): readonly T[] {
  return [...scans].sort((a, b) => names.compare(a.name, b.name) || (a.id < b.id ? -1 : 1));
}

/** The last whole number of a name without its ending; null = it has none. */
function numberIn(name: string): number | null {
  const found = name
    .replace(/\.[^.]*$/, '')
    .match(/\d+/g)
    ?.at(-1);
  return found === undefined ? null : Number(found);
}

/**
 * Gives scans without a frame to the frames whose numbers their names end in; several may show the same one.
 * @returns what is new; [] where a name has no number, or one that is no frame's: the numbers mean something else then
 */
export function matchedByNumber(
  scans: readonly Pick<Scan, 'id' | 'name' | 'frameId'>[],
  frames: readonly { readonly id: string; readonly number: number }[]
): readonly Assignment[] {
  const open = scans.filter((s) => s.frameId === null);
  const matched = open.flatMap(({ id, name }) => {
    const number = numberIn(name);
    const frame = frames.find((f) => f.number === number);
    return frame ? [{ scanId: id, frameId: frame.id }] : [];
  });
  return matched.length === open.length ? matched : [];
}

/**
 * Gives scans without a frame to frames without a scan, one after the other: names in their order, frames by number.
 * @returns what is new; scans that are left over get none
 */
export function matchedByName(
  scans: readonly Pick<Scan, 'id' | 'name' | 'frameId'>[],
  frames: readonly { readonly id: string; readonly number: number }[]
): readonly Assignment[] {
  const taken = new Set(scans.map((s) => s.frameId));
  const free = [...frames].sort((a, b) => a.number - b.number).filter((f) => !taken.has(f.id));
  return byName(scans.filter((s) => s.frameId === null)).flatMap((scan, i) => {
    const frame = free[i];
    return frame ? [{ scanId: scan.id, frameId: frame.id }] : [];
  });
}
