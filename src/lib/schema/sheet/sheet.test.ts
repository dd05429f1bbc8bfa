import { describe, expect, test } from 'vitest';
import type { Camera } from '#core/camera/camera.ts';
import { cameraFaults } from '#core/camera/faults.ts';
import { doubtsOf } from './sheet-doubts.ts';
import { readSheet } from './sheet-read.ts';
import { sheetFrom, sheetKindOf } from './sheet-write.ts';
import { SHEET_KINDS, TYPICAL_SHEETS, type Sheet, type SheetKind } from './sheet.ts';

const typical = (has: SheetKind, more: Sheet = {}): Sheet => ({ has, ...TYPICAL_SHEETS[has], ...more });
const read = (sheet: Sheet): Camera => {
  const camera = readSheet(sheet, 'c');
  if (!camera.ok) throw new Error(camera.error.map((f) => `${f.field}: ${f.message}`).join('\n'));
  return camera.value;
};
const faultsOf = (sheet: Sheet) => {
  const camera = readSheet(sheet, 'c');
  return camera.ok ? [] : camera.error;
};

describe('sheets of every kind', () => {
  test.each(SHEET_KINDS)(
    '%s: typical answers make a camera without faults, of the same kind again',
    (has) => {
      const camera = read(typical(has));
      expect(cameraFaults(camera)).toEqual([]);
      expect(sheetKindOf(camera)).toBe(has);
    }
  );
  test.each(SHEET_KINDS)('%s: written and read again it is the same camera', (has) => {
    const camera = read(
      typical(has, {
        flash: 'automatic',
        focus: '1 2 ∞',
        perforations: 'super-8',
        bias: '−0.5',
        checks: 'cap off; cock it'
      })
    );
    const again = readSheet(sheetFrom(camera), camera.id, camera);
    expect(again).toEqual({ ok: true, value: camera });
  });
  test('a box that counts on B, with a flash by switch and a distance its owner found', () => {
    const camera = read(
      typical('nothing', {
        time: 'I=1/40 B',
        flash: 'switch',
        guideNumber: '12',
        sharpFrom: '3m',
        repeats: 'yes'
      })
    );
    expect(camera.controls.find((c) => c.acts === 'time')).toMatchObject({ kind: 'marked', shape: 'lever' });
    expect(camera.flash).toMatchObject({ kind: 'switch', unit: { guideNumber: 12 } });
    expect(camera.focusing).toEqual({ kind: 'fixed', atM: null, sharpFromM: 3 });
    expect(camera.repeats).toBe(true);
  });
  test('two gears, a scene lever, a program line, a needle', () => {
    const gears = read(typical('gears')).controls.find((c) => c.kind === 'geared');
    expect(gears?.gears.map((g) => g.label)).toEqual(['white', 'red']);
    const lever = read(typical('scene')).controls.find((c) => c.kind === 'linked');
    expect(lever?.positions.map((p) => p.values.length)).toEqual([4, 4]);
    expect(read(typical('line')).program).toMatchObject({ kind: 'program', points: [{}, {}, {}] });
    expect(read(typical('cine', { needle: 'needle' })).program.kind).toBe('automatic-aperture');
  });
});

describe('what is wrong is named with its field', () => {
  const cases: readonly (readonly [SheetKind, string, string, string])[] = [
    ['nothing', 'name', '', 'name of 1 to 80'],
    ['nothing', 'focal', '0', 'no focal length'],
    ['nothing', 'formats', 'postcard', 'size of the pictures'],
    ['nothing', 'bias', 'lots', 'no amount of stops'],
    ['symbols', 'focus', 'person=near', 'is not a distance'],
    ['timed', 'shortest', '1/0', 'divides by 0'],
    ['timed', 'longest', '1/500', 'limits are reversed'],
    ['scene', 'scene', 'bright: 9 13 | dull: 9 9 9 20', '“bright” has 2 openings for 4 marks'],
    ['scene', 'dial', '', 'speed dial at least two marks'],
    ['scene', 'scene', '', 'Give each place of the lever a row'],
    ['line', 'line', '2.8 at 1s, sixteen', '“sixteen” is no point of a program'],
    ['line', 'line', '16 at 1/400, 2.8 at 1s', 'runs backwards'],
    ['cine', 'pictures', 'few', 'number of pictures a second'],
    ['gears', 'sweep', 'slow', 'is not a shutter time'],
    ['nothing', 'finderUp', '9000', 'no number of millimetres'],
    ['symbols', 'focus', 'person=0.02 people=2', 'has no usable value'],
    ['nothing', 'checks', 'a; b; c; d; e; f; g; h; i', 'at most 8 are kept'],
    ['nothing', 'checks', 'look '.repeat(20), 'too long to be read at a glance']
  ];
  test.each(cases)('%s with %s = “%s”: %s', (has, field, text, words) => {
    const faults = faultsOf(typical(has, { [field]: text }));
    expect(faults.map((f) => f.message).join(' ')).toContain(words);
  });
  test('more than 2,000 settings are refused with their number', () => {
    const many = Array.from({ length: 50 }, (_, i) => `m${i}=${(i + 10) / 5}`).join(' ');
    const times = Array.from({ length: 50 }, (_, i) => `t${i}=1/${i + 5}`).join(' ');
    expect(faultsOf(typical('scales', { aperture: many, time: times })).map((f) => f.message)).toEqual([
      'These controls make 2500 settings; at most 2000 are taken.'
    ]);
  });
});

describe('doubts', () => {
  // common practice, no source: the second gear of a swing-lens wheel says 8 4 2 and means fractions
  test('a gear of small bare numbers may be fractions or whole seconds, and can be swapped', () => {
    const [doubt] = doubtsOf({ time: 'white: 250 125 60 | red: 8 4 2' });
    expect(doubt?.words).toContain('8, 4, 2 are taken as fractions');
    expect(doubt?.instead).toBe('white: 250 125 60 | red: 8s 4s 2s');
  });
  test('a dial of degrees, and one in units of its own', () => {
    expect(doubtsOf({ dial: '18 21 24 27' })[0]?.instead).toBe('18° 21° 24° 27°');
    const [odd] = doubtsOf({ dial: '75 150 300 3000' });
    expect(odd?.words).toContain('75, 150, 300, 3000 are no mark');
    expect(odd?.instead).toBeNull();
  });
  test.each([{ time: '1 2 4 8 15 30 60 125' }, { time: '1/25 B' }, { dial: '100 200 400' }, {}])(
    'nothing is doubted in %o',
    (sheet) => expect(doubtsOf(sheet)).toEqual([])
  );
});
