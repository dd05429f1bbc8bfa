// Fills an empty database with the demonstration kit and its first frames.
import type { Database } from 'better-sqlite3';
import type { Camera } from '#core/camera/camera.ts';
import type { Choice } from '#core/camera/setting.ts';
import { NOTHING_ABOUT } from '#core/log/frame.ts';
import { moment, type Moment } from '#core/sky/moment.ts';
import { choiceFromShadow, type LightChoice } from '#core/ways/choice.ts';
import type { ShadowClue } from '#core/light/shadow-edge.ts';
import { cameraRepository } from '../kit/cameras.ts';
import { filmRepository } from '../kit/films.ts';
import { loadRepository } from '../kit/loads.ts';
import { logbook } from '../log/logbook.ts';
import { CAMERAS_BY_HAND } from './by-hand.ts';
import { CAMERAS_BY_THEMSELVES } from './by-themselves.ts';
import { thingRepository } from '../kit/things.ts';
import { DEMO_FILMS } from './films.ts';
import { seedHistory } from './history.ts';
import { outingRepository } from '../plan/outings.ts';
import { exerciseRepository } from '../practice/exercises.ts';
import { DEMO_OUTINGS } from './outings.ts';
import { DEMO_EXERCISES } from './practice.ts';
import { DEMO_THINGS } from './things.ts';

/** Cameras of the demonstration: one of each of twelve kinds. */
export const DEMO_CAMERAS: readonly Camera[] = [...CAMERAS_BY_HAND, ...CAMERAS_BY_THEMSELVES];

/** The clocks of the demonstration. */
export const DEMO_ZONE = 'Europe/Lisbon';
const DAY = '2026-09-12T';
const at = (time: string): Moment => moment(DAY + time, DEMO_ZONE);

interface DemoFrame {
  readonly time: string;
  readonly light: LightChoice;
  readonly choice: Choice;
  readonly note: string;
}

const frame = (
  time: string,
  clue: ShadowClue,
  choice: Choice,
  note: string,
  on: 'backlit' | 'bright' | '' = ''
): DemoFrame => ({
  time,
  light: choiceFromShadow(clue, { bright: on === 'bright', backlit: on === 'backlit' }),
  choice,
  note
});

const TOY_FRAMES = [
  frame('08:52:00Z', 'soft', { aperture: 1, focus: 3 }, 'Breakwater from the slip, sea mist lifting'),
  frame('09:20:00Z', 'sharp', { aperture: 0, focus: 2 }, 'Three rowers carrying the boat'),
  frame('09:24:00Z', 'sharp', { aperture: 0, focus: 1 }, 'Net mender, sun behind him', 'backlit'),
  frame('11:05:00Z', 'barely', { aperture: 1, focus: 1 }, 'Ferry steps, cloud over the sun'),
  frame('12:40:00Z', 'none', { aperture: 1, focus: 0 }, 'Lantern glass, close')
];
const BOX_FRAMES = [
  frame('09:02:00Z', 'soft', {}, 'Lighthouse road'),
  frame('09:41:00Z', 'sharp', {}, 'Drying sails'),
  frame('13:15:00Z', 'none', {}, 'Rope store, grey sky')
];

/** What is in which camera: camera, film, frames. */
const LOADED = [
  ['corvane', 'heliodor', 36],
  ['thimble', 'lantern', 27],
  ['arclight', 'tidewater', 20],
  ['farrier', 'soot', 10],
  ['ticker', 'reel', 30],
  ['lathe', 'lantern', 12],
  ['heron', 'minutepack', 8],
  ['pelican', 'slowpack', 8],
  ['brisk', 'minutepack', 8],
  ['gemel', 'minutepack', 8],
  ['pebble', 'saltmarsh', 8],
  ['marigold', 'tidewater', 12]
] as const;

/** Stores the kit, loads each camera and logs the first frames; leaves a database that has cameras alone. */
export function seedDemo(db: Database): void {
  const cameras = cameraRepository(db);
  if (cameras.list().length > 0) return;
  const films = filmRepository(db);
  const loads = loadRepository(db);
  const things = thingRepository(db);
  db.transaction(() => {
    DEMO_CAMERAS.forEach((camera, i) => cameras.add(camera, at(`06:00:${String(i).padStart(2, '0')}Z`)));
    DEMO_FILMS.forEach((film, i) => films.add(film, at(`06:01:${String(i).padStart(2, '0')}Z`)));
    const outings = outingRepository(db);
    DEMO_OUTINGS.forEach((outing) => outings.put(outing, `${DAY}06:03:00Z`));
    const exercises = exerciseRepository(db);
    DEMO_EXERCISES.forEach((exercise) => exercises.put(exercise));
    DEMO_THINGS.forEach((thing, i) => things.put(thing, `${DAY}06:02:0${i}Z`));
    const load = (id: string, cameraId: string, filmId: string, framesTotal: number): void =>
      loads.add({
        ...{ id, cameraId, filmId, framesTotal, firstNumber: 1, loadedAt: at('07:00:00Z'), finishedAt: null },
        ...{ packFilter: null, development: null, lab: null, reel: null, remark: '', revision: 1 },
        side: cameraId === 'demo-ticker' ? 1 : null
      });
    for (const [camera, film, frames] of LOADED)
      load(`demo-load-${camera}`, `demo-${camera}`, `demo-${film}`, frames);
    loads.use('demo-load-marigold');
    logAll(db, 'demo-load-marigold', TOY_FRAMES);
    logAll(db, 'demo-load-pebble', BOX_FRAMES);
    seedHistory(db, DEMO_ZONE);
  })();
}

function logAll(db: Database, loadId: string, frames: readonly DemoFrame[]): void {
  frames.forEach(({ time, light, choice, note }, i) => {
    const id = `${loadId}-${i + 1}`;
    const takenAt = at(time);
    const outcome = logbook(db, () => takenAt).log({
      ...{ id, loadId, number: i + 1, takenAt, place: '', light, choice, note, series: null },
      ...{
        guess: null,
        conditions: {},
        timedSeconds: null,
        heardSeconds: null,
        heardSdStops: null,
        about: NOTHING_ABOUT
      },
      ...{ cameraRevision: 1, filmRevision: 1 }
    });
    if (!outcome.ok) throw new Error(`demo frame ${id} was refused: ${outcome.refusal.reason}`);
  });
}
