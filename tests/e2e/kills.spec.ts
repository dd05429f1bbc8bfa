// The server is killed again and again, in the middle of frames, an import or a copy: what was acknowledged is there, an import is
// there as a whole or not at all, and the newest copy is whole.
import { seeded } from '../../src/core/numeric/seeded.ts';
import { expect, test } from './app.ts';

/** Kills: some, or as many as the bench asks for. */
const KILLS = Number(process.env['BENCH_KILLS'] ?? '20');
const JSON_BODY = { 'content-type': 'application/json' };

interface Line {
  readonly kind: string;
  readonly id?: string;
  readonly load?: { readonly id: string };
  readonly frame?: { readonly id: string; readonly loadId: string };
}
interface Carried {
  readonly loads: readonly { readonly id: string; readonly cameraId: string }[];
  readonly cameras: readonly {
    readonly camera: { readonly id: string; readonly controls: readonly { readonly id: string }[] };
  }[];
}

async function linesOf(url: string): Promise<readonly string[]> {
  const answer = await fetch(`${url}/api/v1/archive/lines`);
  const text = await answer.text();
  expect(answer.status, text.slice(0, 300)).toBe(200);
  return text.split('\n').filter((line) => line !== '');
}
const read = (line: string): Line => JSON.parse(line) as Line;

test('acknowledged is stored, whenever the server is killed', { tag: '@desktop' }, async ({ app }) => {
  test.setTimeout(KILLS * 30_000);
  const random = seeded(20_261_129);
  const { loads, cameras } = (await (await fetch(`${app.url}/api/v1/carried`)).json()) as Carried;
  const [load] = loads;
  const camera = cameras.find((c) => c.camera.id === load?.cameraId)?.camera;
  if (!load || !camera) throw new Error('no film is in a camera');
  const choice = Object.fromEntries(camera.controls.map((c) => [c.id, 0]));
  const [header = '', ...all] = await linesOf(app.url);
  const film = all.filter((line) => {
    const { load: of, frame } = read(line);
    return [of?.id, frame?.loadId].includes('demo-load-thimble-summer');
  });
  const stored = new Set<string>();
  let number = 1000;
  let films = 0;

  /** Logs frames one after another until the server is gone. */
  async function logFrames(): Promise<void> {
    for (;;) {
      const id = `killed-${(number += 1)}`;
      const takenAt = { at: new Date().toISOString(), zone: 'UTC' };
      const body = { id, loadId: load?.id, number, light: null, choice, note: '', takenAt };
      const sent = { ...body, cameraRevision: 0, filmRevision: 0 };
      try {
        const answer = await fetch(`${app.url}/api/v1/frames`, {
          ...{ method: 'POST', headers: JSON_BODY, body: JSON.stringify(sent) }
        });
        await answer.text();
        expect(answer.status).toBe(201);
        stored.add(id);
      } catch (error) {
        if (error instanceof TypeError) return;
        throw error;
      }
    }
  }
  /** Sends a film under another name and takes it in. @returns whether that was called done */
  async function bringFilm(name: string): Promise<boolean> {
    try {
      const body = [header, ...film.map((line) => line.replaceAll('demo-load-thimble-summer', name))].join(
        '\n'
      );
      const sent = await fetch(`${app.url}/api/v1/imports?name=film.jsonl`, {
        method: 'POST',
        body,
        headers: { 'content-type': 'application/octet-stream' }
      });
      let view = (await sent.json()) as { readonly id: string; readonly state: string };
      while (view.state === 'reading')
        view = (await (await fetch(`${app.url}/api/v1/imports/${view.id}`)).json()) as typeof view;
      const taken = await fetch(`${app.url}/api/v1/imports/${view.id}/take`, { method: 'POST' });
      return ((await taken.json()) as typeof view).state === 'done';
    } catch {
      return false;
    }
  }

  // how long one takes on this machine: kills come before, in and after it
  const began = performance.now();
  expect(await bringFilm('not-killed-film')).toBe(true);
  const wholeMs = performance.now() - began;

  for (let kill = 0; kill < KILLS; kill++) {
    const name = `killed-film-${kill}`;
    const logging = logFrames();
    const bringing = kill % 3 === 0 ? bringFilm(name) : Promise.resolve(false);
    const copying =
      kill % 3 === 1 ? fetch(`${app.url}/api/v1/copies`, { method: 'POST' }).catch(() => null) : null;
    await new Promise((next) => setTimeout(next, random.between(20, 1.5 * wholeMs)));
    await app.stop();
    await logging;
    const done = await bringing;
    await copying;
    await app.restart();
    const ids = (await linesOf(app.url)).map(read);
    const frames = new Set(ids.flatMap(({ frame }) => frame?.id ?? []));
    expect([...stored].filter((id) => !frames.has(id))).toEqual([]);
    const came = ids.filter(({ load: of, frame }) => [of?.id, frame?.loadId].includes(name)).length;
    expect(done ? [film.length] : [0, film.length]).toContain(came);
    if (came > 0) films += 1;
    const copies = (await (await fetch(`${app.url}/api/v1/copies`)).json()) as readonly {
      readonly name: string;
    }[];
    if (copies[0])
      expect((await fetch(`${app.url}/api/v1/copies/${encodeURIComponent(copies[0].name)}`)).status).toBe(
        200
      );
  }
  expect(stored.size).toBeGreaterThan(KILLS);
  if (KILLS <= 100) return;
  expect(films).toBeGreaterThan(0);
  console.log(`${KILLS} kills, ${stored.size} frames acknowledged, ${films} films in`);
});
