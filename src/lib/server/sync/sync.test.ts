// A phone comes back to the server: every change once and in order, and nothing on the server overwritten that the person did not see.
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { NewFrame } from '#core/log/frame.ts';
import type { Change, Conflict, Action } from '#core/offline/change.ts';
import { answered, insisted, leftOut, nextToSend, put, type Queue } from '#core/offline/queue.ts';
import { newFrameWith } from '#core/log/frames.test.fixtures.ts';
import { moment } from '#core/sky/moment.ts';
import { cameraRepository } from '../kit/cameras.ts';
import { openDatabase } from '../database/open.ts';
import { seedDemo } from '../demo/seed.ts';
import { frameRepository } from '../log/frames.ts';
import type { Exercise } from '#core/practice/exercise.ts';
import type { Outing } from '#core/plan/outing.ts';
import { outingRepository } from '../plan/outings.ts';
import { framePictures } from '../log/frame-pictures.ts';
import { framePictureSchema } from '#schema/log/frame-picture.ts';
import { parseWith } from '#schema/reading/parse.ts';
import { exerciseRepository } from '../practice/exercises.ts';
import { DEMO_OUTINGS } from '../demo/outings.ts';
import { loadRepository } from '../kit/loads.ts';
import { logbook } from '../log/logbook.ts';
import { phoneChanges } from './sync.ts';

const NOW = moment('2026-09-13T10:00:00.000Z', 'Europe/Lisbon');
const THEN = moment('2026-09-12T09:00:00.000Z', 'Asia/Tokyo');
const LOAD = 'demo-load-heron';

function home() {
  const db = openDatabase(':memory:');
  seedDemo(db);
  const frames = frameRepository(db);
  return {
    frames,
    cameras: cameraRepository(db),
    loads: loadRepository(db),
    outings: outingRepository(db),
    exercises: exerciseRepository(db),
    pictures: framePictures(db),
    log: logbook(db, () => NOW),
    sync: phoneChanges(db, () => NOW),
    onFilm: () => frames.listByLoad(LOAD).map((f) => f.number)
  };
}
type Home = ReturnType<typeof home>;

const frame = (id: string, number: number, more: Partial<NewFrame> = {}): NewFrame =>
  newFrameWith({
    ...{ id: `frame-${id}`, loadId: LOAD, number, takenAt: THEN },
    choice: { dial: 2, scene: 1, compensation: 0, focus: 0 },
    ...more
  });
let keys = 0;
const change = (action: Action, madeAt = THEN): Change => ({
  key: `change-key-${++keys}`,
  madeAt,
  action
});
const logged = (id: string, number: number): Change => change({ kind: 'log', frame: frame(id, number) });
/** Sends one change. @returns the conflict, or null when it was done */
function send(at: Home, made: Change, settled: readonly Conflict[] = []): Conflict | null {
  const [outcome] = at.sync.take([{ change: made, settled }]);
  return outcome?.outcome === 'conflict' ? outcome.conflict : null;
}

describe('frames come home', () => {
  test('three frames, in order, with the time they were taken', () => {
    const at = home();
    const made = [1, 2, 3].map((n) => logged(String(n), n));
    expect(at.sync.take(made.map((m) => ({ change: m, settled: [] }))).map((o) => o.outcome)).toEqual([
      'done',
      'done',
      'done'
    ]);
    expect(at.onFilm()).toEqual([1, 2, 3]);
    expect(at.frames.find('frame-1')?.takenAt).toEqual(THEN);
  });
  test('sent again after the answer was lost: once, and a frame deleted since stays deleted', () => {
    const at = home();
    const made = logged('1', 1);
    send(at, made);
    at.log.remove('frame-1');
    expect(send(at, made)).toBeNull();
    expect(at.onFilm()).toEqual([]);
  });
  test('a phone whose clock is ahead took nothing in the future', () => {
    const at = home();
    const ahead = moment('2031-01-01T00:00:00.000Z', 'Asia/Tokyo');
    send(at, change({ kind: 'log', frame: frame('1', 1, { takenAt: ahead }) }, ahead));
    // by its own clocks still
    expect(at.frames.find('frame-1')?.takenAt).toEqual({ ...NOW, zone: 'Asia/Tokyo' });
  });
  test('two phones gave the same number: side by side, then the next free one', () => {
    const at = home();
    send(at, logged('one', 1));
    const second = logged('two', 1);
    const conflict = send(at, second);
    expect(conflict).toEqual({
      ...{ reason: 'taken', number: 1, next: 2 },
      theirs: { number: 1, note: '', takenAt: THEN }
    });
    expect(at.onFilm()).toEqual([1]);
    expect(conflict && send(at, second, [conflict])).toBeNull();
    expect(at.frames.find('frame-two')?.number).toBe(2);
  });
  test('on a full film the frame may be one more than was thought', () => {
    const at = home();
    const total = at.loads.find(LOAD)?.framesTotal ?? 0;
    for (let n = 1; n <= total; n++) send(at, logged(`full${n}`, n));
    const late = logged('late', total);
    const conflict = send(at, late);
    expect(conflict).toMatchObject({ reason: 'taken', next: total + 1 });
    expect(conflict && send(at, late, [conflict])).toBeNull();
    expect(at.loads.find(LOAD)?.framesTotal).toBe(total);
    expect(at.frames.find('frame-late')?.number).toBe(total + 1);
  });
  test('film finished and camera retired at home: each is asked about, then it is logged', () => {
    const at = home();
    at.loads.finish(LOAD, NOW);
    at.cameras.retire('demo-heron', NOW.at);
    const made = logged('1', 1);
    const first = send(at, made);
    expect(first?.reason).toBe('retired');
    const second = send(at, made, first ? [first] : []);
    expect(second?.reason).toBe('finished');
    expect(
      send(
        at,
        made,
        [first, second].filter((c) => c !== null)
      )
    ).toBeNull();
    expect(at.onFilm()).toEqual([1]);
  });
  test('a film or a position that is not there', () => {
    const at = home();
    expect(send(at, change({ kind: 'log', frame: frame('1', 1, { loadId: 'nowhere' }) }))).toEqual({
      reason: 'gone'
    });
    const odd = change({ kind: 'log', frame: frame('2', 1, { choice: { dial: 99 } }) });
    const conflict = send(at, odd);
    expect(conflict).toEqual({ reason: 'no-such-position' });
    expect(send(at, odd, conflict ? [conflict] : [])).toBeNull();
    expect(at.onFilm()).toEqual([1]);
  });
});

describe('what was changed at home meanwhile', () => {
  const edit = (to: { number: number; note: string }): Change =>
    change({ kind: 'edit', frameId: 'frame-1', from: { number: 1, note: '' }, to });

  test('a note on both sides is asked about; what the person saw may be overwritten, and only that', () => {
    const at = home();
    send(at, logged('1', 1));
    at.log.change('frame-1', { number: 1, note: 'from the desk' });
    const ours = edit({ number: 1, note: 'from the field' });
    const seen = send(at, ours);
    expect(seen).toEqual({ reason: 'edited', theirs: { note: 'from the desk' } });
    at.log.change('frame-1', { number: 1, note: 'changed once more' });
    const again = send(at, ours, seen ? [seen] : []);
    expect(again).toEqual({ reason: 'edited', theirs: { note: 'changed once more' } });
    expect(
      send(
        at,
        ours,
        [seen, again].filter((c) => c !== null)
      )
    ).toBeNull();
    expect(at.frames.find('frame-1')?.note).toBe('from the field');
  });
  test('a number at home and a note in the field do not meet', () => {
    const at = home();
    send(at, logged('1', 1));
    at.log.change('frame-1', { number: 4, note: '' });
    expect(send(at, edit({ number: 1, note: 'fog' }))).toBeNull();
    expect(at.frames.find('frame-1')).toMatchObject({ number: 4, note: 'fog' });
  });
  test('an edit of a frame that was deleted, and a deletion of one that was edited', () => {
    const at = home();
    send(at, logged('1', 1));
    at.log.remove('frame-1');
    const ours = edit({ number: 1, note: 'fog' });
    expect(send(at, ours)).toEqual({ reason: 'deleted' });
    expect(send(at, ours, [{ reason: 'deleted' }])).toBeNull();
    expect(at.frames.find('frame-1')).toMatchObject({ note: 'fog', deletedAt: null });
    const gone = change({ kind: 'remove', frameId: 'frame-1', from: { number: 1, note: '' } });
    const seen = send(at, gone);
    expect(seen).toEqual({ reason: 'edited', theirs: { note: 'fog' } });
    expect(send(at, gone, seen ? [seen] : [])).toBeNull();
    expect(at.onFilm()).toEqual([]);
    expect(send(at, change({ kind: 'restore', frameId: 'frame-1' }))).toBeNull();
    expect(at.onFilm()).toEqual([1]);
  });
  test('where the controls stand, and the owner’s own words', () => {
    const at = home();
    at.cameras.leaveAt('demo-heron', { compensation: 2 });
    const stand = change({
      ...{ kind: 'stand', cameraId: 'demo-heron', cameraRevision: 1 },
      ...{ from: { compensation: 0 }, to: { compensation: 1 } }
    });
    const moved = send(at, stand);
    expect(moved).toEqual({ reason: 'stands-moved', theirs: { compensation: 2 } });
    expect(send(at, stand, moved ? [moved] : [])).toBeNull();
    expect(at.cameras.standsAt('demo-heron')).toEqual({ compensation: 1 });

    const theirs = at.cameras.find('demo-heron')?.value.checks ?? [];
    const words = change({ kind: 'checks', cameraId: 'demo-heron', from: ['other words'], to: ['cock it'] });
    const changed = send(at, words);
    expect(changed).toEqual({ reason: 'checks-changed', theirs });
    expect(send(at, words, changed ? [changed] : [])).toBeNull();
    expect(at.cameras.find('demo-heron')?.value.checks).toEqual(['cock it']);
  });
  test('a film is finished, opened again and turned over', () => {
    const at = home();
    expect(send(at, change({ kind: 'finish', loadId: LOAD, finished: true }))).toBeNull();
    expect(at.loads.find(LOAD)?.finishedAt).toEqual(THEN);
    expect(send(at, change({ kind: 'finish', loadId: LOAD, finished: false }))).toBeNull();
    expect(send(at, change({ kind: 'side', loadId: LOAD, side: 2 }))).toEqual({ reason: 'gone' });
    expect(send(at, change({ kind: 'side', loadId: 'demo-load-ticker', side: 2 }))).toBeNull();
    expect(at.loads.find('demo-load-ticker')?.side).toBe(2);
  });
});

describe('an outing', () => {
  const [there] = DEMO_OUTINGS;
  if (!there) throw new Error('the demonstration has no outing');
  const moved = { ...there, name: 'Another evening' };
  const act = (from: Outing | null, to: Outing | null, outingId = there.id) =>
    change({ kind: 'outing', outingId, from, to });

  test('made, changed and deleted away from the server', () => {
    const at = home();
    const fresh = { ...there, id: 'fresh' };
    expect(send(at, act(null, fresh, 'fresh'))).toBeNull();
    expect(at.outings.find('fresh')).toEqual(fresh);
    expect(send(at, act(there, moved))).toBeNull();
    expect(at.outings.find(there.id)).toEqual(moved);
    expect(send(at, act(moved, null))).toBeNull();
    expect(at.outings.list().map((o) => o.id)).toEqual(['fresh']);
  });

  test('what was changed on the server meanwhile is asked about, and overwritten only when it was seen', () => {
    const at = home();
    at.outings.put({ ...there, budget: 5 }, NOW.at);
    const mine = act(there, moved);
    const conflict = send(at, mine);
    expect(conflict).toEqual({ reason: 'outing-changed', theirs: { ...there, budget: 5 } });
    expect(at.outings.find(there.id)?.budget).toBe(5);
    expect(send(at, mine, conflict ? [conflict] : [])).toBeNull();
    expect(at.outings.find(there.id)).toEqual(moved);
    // deleted on the server: brought back only when asked for
    at.outings.remove(there.id, NOW.at);
    expect(send(at, act(moved, there))).toEqual({ reason: 'outing-changed', theirs: null });
  });
});

describe('practice', () => {
  test('an answer is kept once however often it is sent; a guess made ahead of the clock is of now', () => {
    const at = home();
    const exercise: Exercise = {
      ...{
        kind: 'drill',
        id: 'x',
        at: { ...NOW, at: '2099-01-01T00:00:00Z' },
        drill: 'light',
        group: 'leaf'
      },
      ...{ seed: 4, errorStops: 0.5, right: true, seconds: 6 }
    };
    const sent = change({ kind: 'practise', exercise });
    expect(send(at, sent)).toBeNull();
    expect(send(at, sent)).toBeNull();
    expect(at.exercises.find('x')).toEqual({ ...exercise, at: { ...exercise.at, at: NOW.at } });
    expect(at.exercises.list().filter((e) => e.id === 'x')).toHaveLength(1);
  });
});

describe('pictures kept with frames', () => {
  const picture = { jpeg: '/9j/4AAQ', subjectStops: 1, phone: { offsetStops: 0, slope: 1.4 } };
  test('one is kept, replaced, taken away; of a frame that is not there it is told', () => {
    const at = home();
    const act = (frameId: string, to: typeof picture | null): Change =>
      change({ kind: 'picture', frameId, picture: to });
    const frameId = 'demo-load-marigold-1';
    expect(send(at, act(frameId, picture))).toBeNull();
    expect(at.pictures.find(frameId)).toEqual(picture);
    expect(send(at, act(frameId, { ...picture, jpeg: '/9j/4AAR' }))).toBeNull();
    expect(at.pictures.find(frameId)?.jpeg).toBe('/9j/4AAR');
    expect(at.pictures.among([frameId, 'demo-load-marigold-2'])).toEqual([frameId]);
    expect(send(at, act(frameId, null))).toBeNull();
    expect(at.pictures.find(frameId)).toBeNull();
    expect(send(at, act('gone', picture))).toEqual({ reason: 'no-frame' });
  });
  test('what is no JPEG, or too long, is refused by the name of the field', () => {
    const faults = (jpeg: string) => {
      const read = parseWith(framePictureSchema, { ...picture, jpeg });
      return read.ok ? [] : read.error.map((e) => [e.field, e.message]);
    };
    expect(faults('/9j/4AAQ')).toEqual([]);
    expect(faults('iVBORw0K')).toEqual([['jpeg', 'A picture kept with a frame is a JPEG file in base64.']]);
    expect(faults(`/9j/${'A'.repeat(40_000)}`)[0]?.[1]).toContain('at most 40000 characters');
  });
});

describe('the queue under loss, repetition and delay', () => {
  /** What happens next, drawn at random. */
  const happening = fc.oneof(
    fc.record({ what: fc.constant('log' as const) }),
    fc.record({ what: fc.constant('edit' as const), which: fc.nat(30) }),
    fc.record({ what: fc.constant('remove' as const), which: fc.nat(30) }),
    // the phone sends; the request or its answer may be lost, or the request comes once more much later
    fc.record({
      what: fc.constant('send' as const),
      most: fc.integer({ min: 1, max: 4 }),
      fate: fc.constantFrom('arrives' as const, 'lost' as const, 'answer-lost' as const, 'twice' as const)
    }),
    fc.record({ what: fc.constant('late' as const), which: fc.nat(10) })
  );

  test('home ends up as if every change had been made there, in order, once', () => {
    fc.assert(
      fc.property(fc.array(happening, { maxLength: 40 }), (happenings) => {
        const at = home();
        let queue: Queue = [];
        /** The simple model: note by frame, in the order of logging; null = deleted. */
        const model = new Map<string, string | null>();
        const requests: ReturnType<typeof nextToSend>[] = [];
        let count = 0;
        const total = at.loads.find(LOAD)?.framesTotal ?? 0;
        const deliver = (batch: ReturnType<typeof nextToSend>) => at.sync.take(batch);
        const put1 = (action: Action): void => {
          queue = put(queue, change(action));
        };
        for (const h of happenings) {
          const alive = [...model].filter(([, note]) => note !== null);
          const [id, note] =
            h.what === 'edit' || h.what === 'remove'
              ? (alive[h.which % Math.max(1, alive.length)] ?? [])
              : [];
          const number = [...model.keys()].indexOf(id ?? '') + 1;
          if (h.what === 'log' && model.size < total) {
            count += 1;
            model.set(`frame-${count}`, '');
            put1({ kind: 'log', frame: frame(String(count), count) });
          } else if (h.what === 'edit' && id) {
            const to = { number, note: `${note ?? ''}+` };
            put1({ kind: 'edit', frameId: id, from: { number, note: note ?? '' }, to });
            model.set(id, to.note);
          } else if (h.what === 'remove' && id) {
            put1({ kind: 'remove', frameId: id, from: { number, note: note ?? '' } });
            model.set(id, null);
          } else if (h.what === 'send') {
            const batch = nextToSend(queue, h.most);
            requests.push(batch);
            if (h.fate === 'lost') continue;
            const outcomes = deliver(batch);
            if (h.fate === 'twice') deliver(batch);
            if (h.fate !== 'answer-lost') queue = answered(queue, outcomes);
          } else if (h.what === 'late' && requests.length > 0) {
            // an old request that was under way all the time
            deliver(requests[h.which % requests.length] ?? []);
          }
        }
        for (let i = 0; i < 100 && queue.length > 0; i++)
          queue = answered(queue, deliver(nextToSend(queue, 5)));
        expect(queue).toEqual([]);
        const expected = [...model].flatMap(([id, note], i) =>
          note === null ? [] : [{ id, note, number: i + 1 }]
        );
        expect(at.frames.listByLoad(LOAD).map(({ id, note, number }) => ({ id, note, number }))).toEqual(
          expected
        );
      }),
      { numRuns: 40 }
    );
  }, 60_000);

  test('a whole request that arrives late, before its repetition, is done once', () => {
    const at = home();
    const queue = put(
      put([], logged('1', 1)),
      change({ kind: 'remove', frameId: 'frame-1', from: { number: 1, note: '' } })
    );
    const late = nextToSend(queue, 1);
    at.sync.take(nextToSend(queue, 5));
    at.sync.take(late);
    expect(at.onFilm()).toEqual([]);
  });

  test('what follows on a change that is asked about waits for the answer', () => {
    const at = home();
    send(at, logged('one', 1));
    let queue = put([], logged('two', 1));
    const edit = change({
      ...{ kind: 'edit', frameId: 'frame-two' },
      ...{ from: { number: 1, note: '' }, to: { number: 1, note: 'fog' } }
    });
    queue = put(queue, edit);
    queue = answered(queue, at.sync.take(nextToSend(queue, 1)));
    expect(queue.map((q) => q.state)).toEqual(['asked', 'waiting']);
    expect(nextToSend(queue, 5)).toEqual([]);
    const first = queue[0]?.change.key ?? '';
    expect(leftOut(queue, first).map((q) => q.state)).toEqual(['left', 'left']);
    queue = insisted(queue, first);
    queue = answered(queue, at.sync.take(nextToSend(queue, 5)));
    expect(queue).toEqual([]);
    expect(at.frames.find('frame-two')).toMatchObject({ number: 2, note: 'fog' });
  });
});
