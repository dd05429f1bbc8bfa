// CSV comes back as it went out, and what other programs write is read as it was meant, or refused by the name of the cell.
// Conventions of spreadsheets (days with slashes, twelve hours, UTF-16 and Windows-1252) are common practice, no source.
import { describe, expect, test } from 'vitest';
import { positionsOf, type Camera } from '#core/camera/camera.ts';
import { fixed, cameraWith, filmWith, SCALES } from '#core/error/pairs.test.fixtures.ts';
import { frameWith, loadWith } from '#core/log/frames.test.fixtures.ts';
import { pairFrom, type Pair } from '#core/log/pair.ts';
import { seeded } from '#core/numeric/seeded.ts';
import { moment } from '#core/sky/moment.ts';
import { choiceFromShadow } from '#core/ways/choice.ts';
import { DEMO_CAMERAS } from '../../../demo/seed.ts';
import { likelyMapping, readCsv } from './csv.ts';
import { csvHeader, csvLine } from './write.ts';
import { slashOrderOf, dayOfCell } from './csv-days.ts';
import { readMarks } from './csv-marks.ts';
import { frameOfRow, readingOf, untoldControls } from './csv-rows.ts';
import { decoded } from '../text-file.ts';

const FILM = filmWith();
function pairOf(camera: Camera): Pair {
  const load = loadWith({ cameraId: camera.id, filmId: FILM.id, framesTotal: 36 });
  return pairFrom({
    ...{ load, camera: { value: camera, revision: 1 }, film: { value: FILM, revision: 1 } },
    ...{ frames: [], stands: null, last: null }
  });
}
/** A table read onto a camera: frames, or faults with the line they are on. */
function read(text: string, camera: Camera, zone = 'Europe/Oslo') {
  const table = readCsv(text);
  expect(table.faults).toEqual([]);
  const reading = readingOf(table, likelyMapping(table.headers));
  return table.rows.map(({ line, cells }) => ({
    line,
    frame: frameOfRow(cells, reading, { pair: pairOf(camera), zone })
  }));
}
const onlyFrame = (text: string, camera: Camera = SCALES) => {
  const [row] = read(text, camera);
  if (!row?.frame.ok) throw new Error(JSON.stringify(row?.frame));
  return row.frame.value;
};
const faultsOf = (text: string, camera: Camera = SCALES): readonly string[] =>
  read(text, camera).flatMap(({ frame }) => (frame.ok ? [] : frame.error));

describe('marks', () => {
  test('every demo camera: what was set comes back mark by mark, each in its own control', () => {
    const random = seeded(3);
    for (const camera of DEMO_CAMERAS) {
      const frames = Array.from({ length: 12 }, (_, i) =>
        frameWith(camera, FILM, {
          ...{
            id: `f${i}`,
            number: i + 1,
            light: choiceFromShadow(i % 2 ? 'soft' : 'sharp', { bright: i % 3 === 0 }),
            place: 'Quay; north',
            note: '=1+1'
          },
          takenAt: moment(
            `2026-09-${String(10 + i)}T08:5${i % 10}:17.000Z`,
            i % 2 ? 'Europe/Lisbon' : 'Asia/Tokyo'
          ),
          about: { subject: 'A, b', reason: 'so', tags: ['x', 'y'] },
          timedSeconds: i % 3 === 0 ? 2.5 : null,
          guess: i % 4 === 0 ? choiceFromShadow('none') : null,
          choice: Object.fromEntries(
            camera.controls.map((c) => [c.id, Math.floor(random.between(0, positionsOf(c).length))])
          )
        })
      );
      const rows = frames.map((frame) => ({
        ...{ frame, camera, film: FILM },
        judgement: null,
        development: null
      }));
      const back = read([csvHeader(), ...rows.map(csvLine)].join('\r\n'), camera);
      back.forEach(({ frame }, i) => {
        const went = frames[i];
        if (!went) throw new Error('more came back than went out');
        expect(frame.ok ? [] : frame.error, camera.name).toEqual([]);
        if (!frame.ok) return;
        const { number, takenAt, set, place, note, about, timedSeconds } = frame.value;
        expect({ number, takenAt, set, place, note, about, timedSeconds }, camera.name).toEqual({
          ...{ number: went.number, takenAt: went.takenAt, set: went.set, place: went.place },
          ...{ note: went.note, about: went.about, timedSeconds: went.timedSeconds }
        });
        // with how they were found
        expect(frame.value.light).toEqual(went.light);
        expect(frame.value.guess).toEqual(went.guess);
      });
    }
  });
  const twice = cameraWith([
    {
      ...fixed('aperture', '8', 8),
      ...markedAs([
        ['4', 4],
        ['8', 8]
      ])
    },
    {
      ...fixed('time', '8', 1 / 8),
      ...markedAs([
        ['4', 1 / 4],
        ['8', 1 / 8],
        ['60', 1 / 60]
      ])
    }
  ]);
  test('a light whose figure somebody changed is the changed one; one that is spoiled is refused by its cell', () => {
    const frame = frameWith(SCALES, FILM, { id: 'f', number: 1, light: choiceFromShadow('soft') });
    const line = csvLine({ frame, camera: SCALES, film: FILM, judgement: null, development: null });
    const text = `${csvHeader()}\r\n${line}`;
    expect(onlyFrame(text).light).toEqual(frame.light);
    const lv = String(frame.light?.lv);
    expect(onlyFrame(text.replace(`,${lv},`, ',9,')).light).toMatchObject({
      lv: 9,
      way: { kind: 'reading' }
    });
    expect(faultsOf(text.replace('{""lv""', '{""lux""'))[0]).toMatch(
      /^light as kept: “.*Leave the cell empty/
    );
  });
  test('the same mark on two controls: in the order of the controls, or by name, else it is asked', () => {
    const at = (set: string) => readMarks(twice, { set, aperture: '', shutter: '' });
    const [first, second] = twice.controls.map((c) => c.id) as [string, string];
    expect(at('8 · 4')).toEqual({ ok: true, value: { [first]: 1, [second]: 0 } });
    expect(at('4 · 8')).toEqual({ ok: true, value: { [first]: 0, [second]: 1 } });
    expect(at('60 · 8').ok).toBe(false);
    const label = twice.controls[1]?.label ?? '';
    expect(at(`${label} 8`)).toEqual({ ok: true, value: { [second]: 1 } });
    const asked = at('8');
    expect(asked.ok ? [] : asked.error[0]).toContain('“8” is a mark of');
  });
  test.each([
    ['f8', '1/60'],
    ['f/8', '60'],
    ['8', '1/60 s'],
    ['F 8', '1/60']
  ])('aperture %s and shutter %s are the marks they are', (aperture, shutter) => {
    expect(readMarks(SCALES, { set: '', aperture, shutter })).toMatchObject({ ok: true });
    const { set } = onlyFrame(`number,date,aperture,shutter\n1,2026-05-31,${aperture},${shutter}`);
    const value = (acts: string) => set.find((n) => n.acts === acts)?.value ?? NaN;
    expect(value('aperture')).toBe(8);
    expect(Math.abs(Math.log2(value('time') * 60))).toBeLessThan(1 / 6);
  });
  test('a mark that the camera has not is refused by its cell and name, with what it has', () => {
    expect(faultsOf('number,date,aperture\n1,2026-05-31,f/5')[0]).toMatch(
      /^aperture: “f\/5” is no mark of .*It has/
    );
    expect(faultsOf('number,date,set\n1,2026-05-31,sunny')[0]).toMatch(/^set: “sunny” is no mark of/);
    expect(faultsOf('number,date,shutter\n1,2026-05-31,1/30000')[0]).toMatch(/^shutter: /);
  });
  test('what the file does not tell of is named', () => {
    const mapping = likelyMapping(['number', 'date', 'aperture']);
    const target = { pair: pairOf(SCALES), zone: 'UTC' };
    expect(untoldControls(target, mapping)).toHaveLength(1);
    expect(untoldControls(target, likelyMapping(['number', 'set']))).toEqual([]);
  });
});

describe('days, clocks and letters', () => {
  const taken = (row: string, headers = 'number,date,time') => onlyFrame(`${headers}\n${row}`).takenAt.at;
  test('12.9.2026; 9/12/26 with a clock of twelve hours; 31/12/2026; a moment with its offset', () => {
    expect(taken('1,12.9.2026,14:15')).toBe('2026-09-12T12:15:00.000Z');
    expect(taken('1,9/12/26,2:15 PM')).toBe('2026-09-12T12:15:00.000Z');
    expect(taken('1,31/12/2026,14:15')).toBe('2026-12-31T13:15:00.000Z');
    expect(taken('1,2026-09-12T14:15:30+02:00', 'number,date')).toBe('2026-09-12T12:15:30.000Z');
    expect(taken('1,2026-09-12 2:15 PM', 'number,date')).toBe('2026-09-12T12:15:00.000Z');
  });
  test('the column tells which is the month; where it does not, it is refused', () => {
    expect(slashOrderOf(['9/12/26', '9/13/26'], [])).toBe('month');
    expect(slashOrderOf(['9/12/26', '13/9/26'], [])).toBe('day');
    expect(slashOrderOf(['9/12/26'], ['14:15'])).toBe('either');
    expect(dayOfCell('9/12/26', 'either').ok).toBe(false);
    expect(dayOfCell('9/9/26', 'either')).toEqual({ ok: true, value: '2026-09-09' });
    expect(dayOfCell('31/12/2026', 'month').ok).toBe(false);
    expect(faultsOf('number,date\n1,9/12/26')[0]).toMatch(/^date: “9\/12\/26” may have its month first/);
  });
  test('a time zone of its own for each row; one that is none is refused', () => {
    expect(taken('1,2026-09-12,14:15,Asia/Tokyo', 'number,date,time,zone')).toBe('2026-09-12T05:15:00.000Z');
    expect(faultsOf('number,date,zone\n1,2026-09-12,Mars')[0]).toMatch(/^zone: “Mars” is no time zone/);
  });
  test('UTF-8, UTF-16 of both orders and Windows-1252', () => {
    const text = 'number,note\n1,Grüße – é';
    const utf16 = Buffer.from(`\ufeff${text}`, 'utf16le');
    expect(decoded(utf16)).toBe(text);
    expect(decoded(Buffer.from(utf16).swap16())).toBe(text);
    expect(decoded(Buffer.from(text))).toBe(text);
    expect(decoded(Buffer.from([0x47, 0x72, 0xfc, 0xdf, 0x65, 0x20, 0x96]))).toBe('Grüße –');
  });
  test('the app’s own words for light', () => {
    for (const word of ['overcast', 'no shadow', 'hazy'])
      expect(onlyFrame(`number,date,light\n1,2026-09-12,${word}`).light?.lv, word).toBeGreaterThan(10);
  });
});

/** Marks in a list, in place of a fixed one. */
function markedAs(marks: readonly (readonly [string, number])[]) {
  return {
    kind: 'marked' as const,
    shape: 'ring' as const,
    positions: marks.map(([mark, value]) => ({ mark, value, symbol: null }))
  };
}
