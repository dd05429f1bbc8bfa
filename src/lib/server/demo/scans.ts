// Scans of the demonstration's summer films: drawn in the light that was noted, printed as they were judged.
import type { Frame } from '#core/log/frame.ts';
import type { Film } from '#core/film/film.ts';
import type { Outcome } from '#core/learn/judgement.ts';
import type { SceneLight } from '#core/scene/lights.ts';
import { sceneOf } from '#core/scene/scene.ts';
import type { LightWay } from '#core/ways/choice.ts';
import type { Repositories } from '../repositories.ts';
import type { scanIntake } from '../scans/intake.ts';
import { printJpeg } from '../scenes/scene-jpeg.ts';

const FILMS = ['demo-load-pebble-summer', 'demo-load-thimble-summer'] as const;
const SIZE = { width: 540, height: 360 } as const;

const LIGHT_OF_CLUE: Readonly<Record<string, SceneLight>> = {
  ...{ sharp: 'sun', soft: 'hazy', barely: 'veiled', none: 'overcast', leaf: 'shade', deep: 'deep-shade' }
};
/** Stops that a word for a negative stands for, about. */
const STOPS_OF_WORD: Readonly<Record<string, number>> = { thin: -2, 'shadows-empty': -1.5, dense: 2.5 };

const lightOf = (way: LightWay | undefined): SceneLight | null =>
  way?.kind === 'shadow' ? (LIGHT_OF_CLUE[way.clue] ?? null) : null;

function errorOf(outcome: Outcome | undefined, expected: number): number {
  if (outcome?.kind === 'tone') return outcome.stops;
  return outcome?.kind === 'word' ? (STOPS_OF_WORD[outcome.word] ?? expected) : expected;
}

/** Draws and takes in the scans of the films that have none yet. */
export async function seedScans(store: Repositories, intake: ReturnType<typeof scanIntake>): Promise<void> {
  for (const loadId of FILMS) {
    const load = store.loads.find(loadId);
    const film = load && store.films.find(load.filmId)?.value;
    if (!film || store.scans.ofLoad(loadId).length > 0) continue;
    const frames = store.frames.listByLoad(loadId);
    for (const frame of frames) await seedScan(store, intake, film, frame);
  }
}

async function seedScan(
  store: Repositories,
  intake: ReturnType<typeof scanIntake>,
  film: Film,
  frame: Frame
): Promise<void> {
  const { loadId, number, light, expected } = frame;
  const judged = store.judgements.find(frame.id)?.outcome;
  const scene = sceneOf(100 * film.name.length + number, lightOf(light?.way));
  const file = await printJpeg(scene, SIZE, film, errorOf(judged, expected?.deltaStops ?? 0));
  const taken = await intake.take(loadId, `summer ${String(number).padStart(2, '0')}.jpg`, piecesOf(file));
  // two frames alike are one file: the second goes without
  if (taken.ok) store.scans.assign(loadId, [{ scanId: taken.value.id, frameId: frame.id }]);
}

// eslint-disable-next-line @typescript-eslint/require-await -- what comes in is read piece by piece
async function* piecesOf(file: Buffer): AsyncGenerator<Uint8Array> {
  yield file;
}
