// Scenes that prints are drawn of, each in its own tones: what stands in a picture differs with its light and distance.
import type { LightKind } from '#core/film/traits.ts';
import type { Hue } from './print-colour.ts';

/** A part of a scene: its outline in a box of 90 by 84, its tone in stops from mid grey, its colour as shares of red, green, blue. */
export interface ScenePart {
  readonly path: string;
  readonly stops: number;
  readonly hue: Hue;
}

const GREY: Hue = [1, 1, 1];
const SKIN: Hue = [1.18, 0.97, 0.84];
const part = (path: string, stops: number, hue: Hue = GREY): ScenePart => ({ path, stops, hue });
/** A disc as a path. */
const disc = (x: number, y: number, r: number): string =>
  `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0Z`;

/** The scenes, back to front. */
export const SCENES = {
  /** A harbour shed, a boat and a person in plain daylight. */
  harbour: [
    part('M0 0h90v84H0Z', 1.9, [0.93, 0.99, 1.06]),
    part('M0 40 14 33l14 5 18-8 22 7 22-4v20H0Z', -0.4, [0.92, 1.03, 0.98]),
    part('M0 42h90v20H0Z', 0.2, [0.72, 1, 1.16]),
    part('M24 45V18l14 26Z', 2.1),
    part('M10 46h32l-6 8H15Z', -1.6, [0.85, 1, 1.15]),
    part('M0 62 90 55v29H0Z', 0.8, [1.05, 1, 0.9]),
    part('M52 34h32v30H52Z', 1.3, [1.06, 1, 0.92]),
    part('M48 35 68 21l20 14Z', -1.1, [1.45, 0.86, 0.66]),
    part('M63 46h10v18H63Z', -2, [0.8, 1, 1.2]),
    part('M27 80c0-11 2-17 8-17s8 6 8 17Z', -1.3, [1.3, 1.02, 0.5]),
    part(disc(35, 58, 5), 0.6, SKIN)
  ],
  /** A view: hills, water, a lighthouse. */
  view: [
    part('M0 0h90v84H0Z', 2, [0.92, 0.99, 1.07]),
    part('M0 44 12 36l16 6 20-16 18 12 24-8v22H0Z', -0.2, [0.92, 1.02, 1]),
    part('M0 50h90v34H0Z', 0.4, [0.72, 1, 1.16]),
    part('M0 84V66c14-6 24-2 36-4s10 8 26 8 14 4 28 4v10Z', -1.4, [0.95, 1.08, 0.75]),
    part('M66 50l2-24h6l2 24Z', 1.6, [1.03, 1, 0.95]),
    part('M66.500 36h9l.5 6h-10Z', -0.6, [1.6, 0.8, 0.7]),
    part('M67 21h8v5h-8Z', -2)
  ],
  /** Somebody standing before a wall. */
  figure: [
    part('M0 0h90v84H0Z', 0.9, [1.06, 1, 0.9]),
    part('M8 10h20v26H8Z', -2.4, [0.8, 1, 1.2]),
    part('M17 10h2v26h-2ZM8 22h20v2H8Z', 1.5),
    part('M0 66h90v18H0Z', 0.1, [1, 1, 0.96]),
    part('M60 46h20v22H60Z', -1.2, [1.2, 0.95, 0.7]),
    part('M40 76V56h12v20h-4V60h-4v16Z', -2, [0.85, 0.95, 1.2]),
    part('M36 58c0-16 2-24 10-24s10 8 10 24Z', -0.4, [1.35, 0.9, 0.75]),
    part(disc(46, 27, 6), 0.7, SKIN),
    part('M39.500 25c0-6 3-8 6.500-8s6.500 2 6.500 8Z', -1.8)
  ],
  /** Somebody close by, before trees. */
  portrait: [
    part('M0 0h90v84H0Z', 1.2, [0.95, 1, 1.03]),
    part(disc(10, 40, 22), -0.9, [0.85, 1.1, 0.7]),
    part(disc(82, 36, 26), -1.4, [0.85, 1.1, 0.7]),
    part('M0 56h90v28H0Z', -0.3, [0.9, 1.08, 0.75]),
    part('M17 84c1-20 11-28 28-28s27 8 28 28Z', -1.5, [0.8, 0.95, 1.25]),
    part('M39 46h12v14H39Z', 0.3, SKIN),
    part('M45 20c-11 0-14 8-14 17s6 18 14 18 14-9 14-18-3-17-14-17Z', 0.8, SKIN),
    part('M30 36c-2-16 6-22 15-22s18 6 15 22c-3-8-7-10-15-10s-12 2-15 10Z', -2.2, [1.1, 0.98, 0.9])
  ],
  /** A room by a lamp, a window gone dark. */
  room: [
    part('M0 0h90v84H0Z', -0.6, [1.1, 1, 0.88]),
    part('M8 14h20v30H8Z', -3.2, [0.8, 0.95, 1.25]),
    part('M17 14h2v30h-2ZM8 28h20v2H8Z', 0.2),
    part('M0 62h90v22H0Z', -1.6, [1.2, 0.98, 0.8]),
    part('M62 20h16l5 16H57Z', 2.4, [1.15, 1.02, 0.8]),
    part('M69 36h2.500v28H69ZM62 63h16v2.500H62Z', -1.8),
    part('M26 66c0-16 3-26 16-26s16 10 16 26v12H26Z', -1.9, [0.85, 1.05, 0.95]),
    part('M31 74c0-14 3-22 11-22s11 8 11 22Z', -0.9, [1.3, 0.9, 0.75]),
    part(disc(42, 44, 7), 0.5, SKIN)
  ],
  /** A street at night, its lamps and a lit window. */
  street: [
    part('M0 0h90v84H0Z', -3.2, [0.85, 0.95, 1.25]),
    part('M0 16h24v52H0Z', -2.3, [1.1, 0.98, 0.9]),
    part('M64 10h26v58H64Z', -2.6),
    part('M70 34h12v14H70Z', 1.6, [1.2, 1.02, 0.7]),
    part('M0 66 34 54h24l32 14v16H0Z', -1.2, [1.12, 1, 0.85]),
    part('M36 22h2v36h-2ZM54 30h1.500v26H54Z', -2.9),
    part(disc(37, 20, 4), 3, [1.12, 1.02, 0.8]),
    part(disc(54.75, 29, 2.6), 2.6, [1.12, 1.02, 0.8]),
    part('M44 74c0-9 1-13 5-13s5 4 5 13Z', -2.7),
    part(disc(49, 58, 3), -1.1, SKIN)
  ]
} as const satisfies Readonly<Record<string, readonly ScenePart[]>>;

/** @see SCENES */
export type SceneName = keyof typeof SCENES;

/** Up to these distances, metres, a subject is a face, somebody standing, and a place; beyond, a view. */
const [FACE_M, FIGURE_M, PLACE_M] = [1.8, 4, 30];
/** Below this LV a picture under lamps is of a street, and below the other of a room. Common practice, no source. */
const [STREET_LV, ROOM_LV] = [4.5, 9];

/** The scene that a picture is likest to. @param lv null = the light was not told @param subjectM null = the distance was not */
export function sceneOf(lv: number | null, kind: LightKind, subjectM: number | null): SceneName {
  if (subjectM !== null && subjectM <= FACE_M) return 'portrait';
  if (lv !== null && lv < STREET_LV) return 'street';
  if (lv !== null && (lv < ROOM_LV || kind === 'lamps')) return 'room';
  if (subjectM === null) return 'harbour';
  if (subjectM <= FIGURE_M) return 'figure';
  return subjectM <= PLACE_M ? 'harbour' : 'view';
}
