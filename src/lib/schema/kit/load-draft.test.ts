import { describe, expect, test } from 'vitest';
import { loadWith, NOON } from '#core/log/frames.test.fixtures.ts';
import { loadDraftOf, readLoadDraft, type LoadDraft } from './load-draft.ts';

const finished = loadWith({ finishedAt: NOON, remark: 'scratches', firstNumber: 84 });
const edit = (more: Partial<LoadDraft>, load = finished) =>
  readLoadDraft({ ...loadDraftOf(load), ...more }, load);

describe('the form of a film', () => {
  test('what nobody touched is not sent', () => expect(edit({})).toEqual({ ok: true, value: {} }));
  test('its development, as written on the bottle', () =>
    expect(
      edit({ developer: ' Borax soup ', dilution: '1+31', minutes: '11', temperature: '20.5', shift: '+1' })
    ).toMatchObject({
      ok: true,
      value: {
        development: {
          ...{ developer: 'Borax soup', dilution: '1+31', minutes: 11, temperatureC: 20.5, shiftStops: 1 }
        }
      }
    }));
  test('taking the development away is sent as none', () => {
    const development = {
      ...{ developer: 'x', dilution: '', minutes: null, temperatureC: null, shiftStops: 0 }
    };
    const load = loadWith({ finishedAt: NOON, development });
    expect(edit({ developer: '', shift: '' }, load)).toEqual({ ok: true, value: { development: null } });
  });
  test.each([
    [{ shift: 'much' }, 'shift', /no number of stops/],
    [{ minutes: 'eleven' }, 'minutes', /no number/],
    [{ temperature: '500' }, 'temperature', /./],
    [{ firstNumber: '0' }, 'firstNumber', /./],
    [{ time: '25:00' }, 'time', /no time of day/]
  ] as const)('%o is refused at its field', (more, field, words) => {
    const read = edit(more);
    expect(read.ok ? [] : read.error).toMatchObject([
      { field, message: expect.stringMatching(words) as string }
    ]);
  });
});
