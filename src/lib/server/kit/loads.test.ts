// A film from loading to development: what is refused, what is asked about again, what follows.
import { describe, expect, test } from 'vitest';
import { newFrameWith } from '#core/log/frames.test.fixtures.ts';
import { expectedAt } from '#core/learn/expected.ts';
import type { Development } from '#core/log/load.ts';
import { moment } from '#core/sky/moment.ts';
import { seededDatabase } from '../demo/seeded.test.fixtures.ts';
import { judgedStatesOf, observationsOf } from '../learn/judged.ts';
import { logbook } from '../log/logbook.ts';
import { repositoriesOf } from '../repositories.ts';
import { loadChanges } from './change-load.ts';
import { filmLoading, type LoadRequest } from './load-film.ts';
import { nextFirstNumber, packFilterAsked } from './next-load.ts';

const NOW = moment('2026-09-13T10:00:00.000Z', 'Europe/Lisbon');
const PUSHED: Development = {
  ...{ developer: 'Borax soup', dilution: '1+31', minutes: 14, temperatureC: 20, shiftStops: 2 }
};

function home() {
  const db = seededDatabase();
  const s = repositoriesOf(db);
  const loading = filmLoading(db, () => NOW);
  return {
    ...s,
    log: logbook(db, () => NOW),
    changing: loadChanges(db, () => NOW),
    load: (more: Partial<LoadRequest>) =>
      loading.load({
        ...{ id: 'fresh-load', cameraId: 'demo-pelican', filmId: 'demo-slowpack', framesTotal: 8 },
        ...{ firstNumber: 1, loadedAt: NOW, packFilter: null, anyway: false },
        ...more
      })
  };
}
const empty = () => {
  const at = home();
  const open = at.loads.openOf('demo-pelican');
  if (open) at.loads.finish(open.id, NOW);
  return at;
};

describe('a film is loaded', () => {
  test('into a camera that is in the kit, from films that are', () => {
    const at = empty();
    at.cameras.retire('demo-pelican', NOW.at);
    expect(at.load({})).toMatchObject({ ok: false, refusal: { reason: 'retired' } });
    at.cameras.bringBack('demo-pelican');
    at.films.remove('demo-slowpack', NOW.at);
    expect(at.load({})).toMatchObject({ ok: false, refusal: { reason: 'thrown-away' } });
    at.films.restore('demo-slowpack');
    expect(at.load({}).ok).toBe(true);
  });
  test('never without the battery that the camera runs on, whatever is insisted', () => {
    const at = empty();
    const film = at.films.find('demo-slowpack')?.value;
    if (film) at.films.add({ ...film, id: 'bare-pack', packBattery: false }, NOW);
    expect(at.load({ filmId: 'bare-pack', anyway: true })).toMatchObject({
      ok: false,
      refusal: { reason: 'misfit', final: true, misfits: [{ misfit: 'battery' }] }
    });
    expect(at.loads.find('fresh-load')).toBeNull();
  });
  test('not in the future', () =>
    expect(empty().load({ loadedAt: moment('2027-01-01T00:00:00.000Z', 'UTC') })).toMatchObject({
      refusal: { reason: 'in-future' }
    }));
  test('what lay on the pack belongs to that pack, and is asked about at the next one', () => {
    const at = empty();
    const packFilter = { name: 'Smoke 2', stops: 2, on: true };
    at.load({ packFilter });
    expect(packFilterAsked(at.loads.find('fresh-load'))).toEqual(packFilter);
    at.loads.finish('fresh-load', NOW);
    at.load({ id: 'next-load' });
    expect(at.loads.find('next-load')?.packFilter).toBeNull();
    expect(at.loads.find('fresh-load')?.packFilter).toEqual(packFilter);
  });
  test('numbers that run on over all packs go on; others begin again', () => {
    const at = empty();
    at.load({ firstNumber: 77 });
    const load = at.loads.find('fresh-load');
    expect(load && nextFirstNumber(load, [])).toBe(85);
    expect(load && nextFirstNumber(load, [{ number: 86 }])).toBe(87);
    expect(load && nextFirstNumber({ ...load, firstNumber: 1 }, [{ number: 9 }])).toBe(1);
  });
});

describe('a film is developed', () => {
  test('not while it is in the camera', () =>
    expect(home().changing.change('demo-load-marigold', { development: PUSHED })).toMatchObject({
      ok: false,
      refusal: { reason: 'in-camera' }
    }));
  test('what was expected of each frame follows, in the log and in the bin; and back', () => {
    const at = home();
    const frames = at.frames.listByLoad('demo-load-marigold').filter((f) => f.expected);
    const [binned] = frames;
    if (binned) at.log.remove(binned.id);
    at.changing.change('demo-load-marigold', { finished: true });
    expect(at.changing.change('demo-load-marigold', { development: PUSHED }).ok).toBe(true);
    for (const { id, expected } of frames)
      expect(at.frames.find(id)?.expected?.deltaStops).toBeCloseTo((expected?.deltaStops ?? NaN) + 2, 6);
    at.changing.change('demo-load-marigold', { development: null });
    for (const { id, expected } of frames) expect(at.frames.find(id)?.expected).toEqual(expected);
  });
  test('what is learned follows too', () => {
    const at = home();
    const [first] = at.frames.listByLoad('demo-load-marigold');
    at.judgements.put({
      ...{ frameId: first?.id ?? '', on: 'negative', outcome: { kind: 'word', word: 'right' }, faults: [] },
      ...{ judgedAt: NOW, revision: 1 }
    });
    const [before] = observationsOf(at, 'demo-marigold');
    expect(observationsOf(at, 'demo-marigold')[0]).toBe(before);
    at.changing.change('demo-load-marigold', { finished: true });
    at.changing.change('demo-load-marigold', { development: PUSHED });
    const [pushed] = observationsOf(at, 'demo-marigold');
    if (!before || !pushed) throw new Error('nothing was seen');
    expect(expectedAt(pushed.expected, 0)).toBeCloseTo(expectedAt(before.expected, 0) + 2, 6);
  });
  test('by the one who saw it as it is', () => {
    const at = home();
    const based = at.loads.find('demo-load-marigold')?.revision ?? 0;
    expect(at.changing.change('demo-load-marigold', { remark: 'a noise' }, based).ok).toBe(true);
    expect(at.changing.change('demo-load-marigold', { remark: 'none' }, based)).toMatchObject({
      refusal: { reason: 'changed', theirs: { remark: 'a noise' } }
    });
  });
  test('it was not loaded after its frames were taken', () => {
    const at = home();
    const change = at.changing.change('demo-load-marigold', { loadedAt: NOW });
    expect(change).toMatchObject({
      refusal: { reason: 'after-frames', number: expect.any(Number) as number }
    });
  });
});

describe('a camera is converted', () => {
  test('it is one camera: its frames stay, and what was judged before says nothing of it now', () => {
    const at = home();
    const camera = at.cameras.find('demo-pebble')?.value;
    const before = observationsOf(at, 'demo-pebble').length;
    expect(before).toBeGreaterThan(4);
    const frames = at.loads
      .list()
      .filter((l) => l.cameraId === 'demo-pebble')
      .flatMap((l) => at.frames.listByLoad(l.id));
    if (camera)
      at.cameras.change(
        { ...camera, focalMm: camera.focalMm + 5 },
        { what: 'rebuilt', since: NOW, note: 'new lens' }
      );
    expect(judgedStatesOf(at, 'demo-pebble')).toEqual([]);
    expect(
      at.loads
        .list()
        .filter((l) => l.cameraId === 'demo-pebble')
        .flatMap((l) => at.frames.listByLoad(l.id))
    ).toEqual(frames);
    expect(at.revisions.ofCamera('demo-pebble').at(-1)).toMatchObject({ what: 'rebuilt', note: 'new lens' });
    const load = at.loads.openOf('demo-pebble');
    const logged = at.log.log(
      newFrameWith({
        id: 'frame-after',
        loadId: load?.id ?? '',
        number: 90,
        takenAt: NOW,
        cameraRevision: 0,
        filmRevision: 0
      })
    );
    expect(logged.ok && logged.frame.cameraRevision).toBe(at.cameras.find('demo-pebble')?.revision);
  });
});

describe('a town is chosen', () => {
  test('nothing in the log is re-timed', () => {
    const at = home();
    const times = () => at.frames.recent(50).map((f) => f.takenAt);
    const before = times();
    at.settings.change({ place: { name: 'Far town', latitude: 35, longitude: 139, zone: 'Asia/Tokyo' } });
    expect(times()).toEqual(before);
    expect(new Set(before.map((t) => t.zone)).size).toBeGreaterThan(0);
  });
});
