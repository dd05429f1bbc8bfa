import { describe, expect, test } from 'vitest';
import { moment } from '#core/sky/moment.ts';
import type { Change } from '#core/offline/change.ts';
import { put, withFile, type Queue } from '#core/offline/queue.ts';
import { queueFromText, queueText } from './queue-file.ts';

const change = (key: string): Change => ({
  ...{ key, madeAt: moment('2026-05-01T10:00:00.000Z', 'Europe/Oslo') },
  action: { kind: 'remove', frameId: 'frame', from: { number: 3, note: 'fog' } }
});
const QUEUE: Queue = [change('change-1'), change('change-2')].reduce(put, []);
const text = (queue: Queue = QUEUE) => queueText(queue, [{ odd: 1 }], '2026-05-02T08:00:00.000Z');

describe('a queue as a file', () => {
  test('comes back as it went, and holds what could not be read as it is', () => {
    expect(queueFromText(text())).toEqual({ ok: true, value: QUEUE });
    expect(JSON.parse(text())).toMatchObject({ unreadable: [{ odd: 1 }] });
  });
  test('taken in twice it adds nothing twice', () => {
    const once = withFile(QUEUE.slice(0, 1), QUEUE);
    expect(once.map((q) => q.change.key)).toEqual(['change-1', 'change-2']);
    expect(withFile(once, QUEUE)).toEqual(once);
  });
  test('a file of the first form comes in: its clocks are the phone’s, its camera as it was then', () => {
    const old = {
      ...{ program: 'Just Enough', form: 1, savedAt: '2026-05-02T08:00:00.000Z' },
      queue: [
        {
          ...{ state: 'waiting', settled: [] },
          change: {
            ...{ key: 'change-1', madeAt: '2026-05-01T10:00:00.000Z' },
            deed: {
              kind: 'log',
              frame: {
                ...{ id: 'frame-of-old', loadId: 'load', number: 1, note: 'fog', choice: { aperture: 1 } },
                light: { lv: 12, sdStops: 0.5, contrast: 'normal', way: { kind: 'hand' } }
              }
            }
          }
        }
      ]
    };
    const read = queueFromText(JSON.stringify(old));
    expect(read).toMatchObject({
      ok: true,
      value: [
        {
          change: {
            madeAt: { at: '2026-05-01T10:00:00.000Z' },
            action: {
              kind: 'log',
              frame: { note: 'fog', cameraRevision: 0, takenAt: { at: '2026-05-01T10:00:00.000Z' } }
            }
          }
        }
      ]
    });
  });
  test('what was left out on the phone stays out', () => {
    const left: Queue = [{ state: 'left', change: change('change-3'), conflict: { reason: 'gone' } }];
    expect(withFile([], left)).toEqual([]);
  });
  test.each([
    ['{"half', /no queue of Just Enough/],
    ['[]', /no queue of Just Enough/],
    [JSON.stringify({ program: 'Another', form: 1, savedAt: 'x', queue: [] }), /no queue of Just Enough/],
    [text().replace('"form": 2', '"form": 99'), /from a newer version/],
    [text().replace('"remove"', '"paint"'), /Change 1 in this file cannot be read/]
  ])('%# is refused with the reason', (bad, words) => {
    const read = queueFromText(bad);
    expect(read.ok ? '' : read.error).toMatch(words);
  });
});
