// The places of the program, in one list: the links above and below every page, their keys, what works without the server, and
// the checks over every page are all made from it. Nothing here may reach for the page: the service worker reads it too.

/** A place to go to. */
export interface Place {
  readonly path: string;
  readonly name: string;
  /** The key that leads there; null = none. */
  readonly key: string | null;
  /** The name of its icon in the set; null where it has no link of its own on every page. */
  readonly icon: 'camera' | 'sunset' | 'backpack' | 'ruler' | 'notebook' | 'lightbulb' | null;
  /** Whether it fills itself from what the phone carries when the server is out of reach. */
  readonly offline: boolean;
  /** Whether the light is what it is about: the light rule stands there unfolded. */
  readonly light: boolean;
  /** Whether digits mean something of its own there: they lead nowhere then. */
  readonly ownDigits?: true;
}

/** Every place, in the order of its keys. */
export const PLACES: readonly Place[] = [
  { path: '/shoot', name: 'Shoot', key: '1', icon: 'camera', offline: true, light: true },
  { path: '/plan', name: 'Plan', key: '7', icon: 'sunset', offline: true, light: false },
  { path: '/kit', name: 'Kit', key: '2', icon: 'backpack', offline: false, light: false },
  { path: '/bench', name: 'Bench', key: '8', icon: 'ruler', offline: true, light: false },
  { path: '/log', name: 'Log', key: '3', icon: 'notebook', offline: false, light: false },
  { path: '/learn', name: 'Learn', key: '9', icon: 'lightbulb', offline: true, light: false },
  { path: '/plan/card', name: 'Pocket card', key: null, icon: null, offline: true, light: false },
  { path: '/plan/outings', name: 'Outings', key: null, icon: null, offline: true, light: false },
  { path: '/plan/film', name: 'Which film?', key: null, icon: null, offline: true, light: false },
  { path: '/bench/opening', name: 'Measure the opening', key: null, icon: null, offline: true, light: false },
  { path: '/bench/shutter', name: 'Shutter test', key: null, icon: null, offline: true, light: false },
  { path: '/bench/eye', name: 'Is the eye alive?', key: null, icon: null, offline: true, light: false },
  { path: '/bench/phone', name: 'Your phone as a meter', key: null, icon: null, offline: true, light: false },
  { path: '/bench/long', name: 'Long exposures', key: null, icon: null, offline: true, light: false },
  { path: '/bench/same', name: 'Keep this exposure', key: null, icon: null, offline: true, light: false },
  { path: '/bench/sharp', name: 'Sharp from, to', key: null, icon: null, offline: true, light: false },
  { path: '/bench/flash', name: 'Flash', key: null, icon: null, offline: true, light: false },
  {
    path: '/bench/mismatch',
    name: 'Converted or mismatched',
    key: null,
    icon: null,
    offline: true,
    light: false
  },
  { path: '/bench/lamp', name: 'Lamp', key: null, icon: null, offline: true, light: false },
  { path: '/bench/develop', name: 'Develop', key: null, icon: null, offline: true, light: false },
  { path: '/bench/routine', name: 'Routine', key: null, icon: null, offline: true, light: false },
  { path: '/bench/reel', name: 'Reel', key: null, icon: null, offline: true, light: false },
  { path: '/learn/drills', name: 'Drills', key: null, icon: null, offline: true, light: false },
  { path: '/learn/days', name: 'Seven days', key: null, icon: null, offline: true, light: false },
  { path: '/learn/eye', name: 'Your eye', key: null, icon: null, offline: true, light: false },
  { path: '/learn/tables', name: 'Tables', key: null, icon: null, offline: true, light: false },
  { path: '/kit/pairs', name: 'Pairs', key: '4', icon: null, offline: false, light: true },
  { path: '/log/judge', name: 'Judge', key: '5', icon: null, offline: false, light: false, ownDigits: true },
  { path: '/log/numbers', name: 'Numbers', key: '6', icon: null, offline: false, light: false },
  { path: '/log/files', name: 'Import and export', key: null, icon: null, offline: false, light: false },
  { path: '/log/copies', name: 'Copies', key: null, icon: null, offline: false, light: false },
  { path: '/log/roll', name: 'Write a film up', key: null, icon: null, offline: false, light: false },
  { path: '/log/scans', name: 'Scans', key: null, icon: null, offline: false, light: false },
  { path: '/log/compare', name: 'Compare', key: null, icon: null, offline: false, light: false },
  { path: '/log/labels', name: 'Labels', key: null, icon: null, offline: false, light: false },
  { path: '/kit/camera', name: 'Add a camera', key: null, icon: null, offline: false, light: true },
  { path: '/kit/film', name: 'Add a film', key: null, icon: null, offline: false, light: false },
  { path: '/kit/thing', name: 'Add to the bag', key: null, icon: null, offline: false, light: false },
  { path: '/offline', name: 'Offline', key: null, icon: null, offline: true, light: false }
];

/** The places with a link on every page. */
export const MAIN_PLACES = PLACES.filter((place) => place.icon !== null);

/** The place that a path lies in: the longest that it begins with. */
export function placeOf(path: string): Place | null {
  const inside = PLACES.filter((p) => path === p.path || path.startsWith(`${p.path}/`));
  return inside.reduce<Place | null>(
    (best, p) => (p.path.length > (best?.path.length ?? 0) ? p : best),
    null
  );
}
