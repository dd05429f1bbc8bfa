// What the texts of a sheet make of a control, kind by kind.
import { describe, expect, test } from 'vitest';
import type { Camera } from '#core/camera/camera.ts';
import type { ControlActs } from '#core/camera/position.ts';
import type { Sheet } from '#core/camera/kinds/sheet-texts.ts';
import { readSheet } from './sheet-read.ts';
import { sheetFrom } from './sheet-write.ts';
import { typicalSheet } from './sheet.ts';

const read = (has: string, more: Sheet, before?: Camera) =>
  readSheet({ has, ...typicalSheet(has), ...more }, 'c', before);
const cameraOf = (has: string, more: Sheet, before?: Camera): Camera => {
  const found = read(has, more, before);
  if (!found.ok) throw new Error(JSON.stringify(found.error));
  return found.value;
};
const control = (camera: Camera, acts: ControlActs) => camera.controls.find((c) => c.acts === acts);
const faults = (has: string, more: Sheet): readonly string[] => {
  const found = read(has, more);
  return found.ok ? [] : found.error.map((f) => f.field);
};

describe('a list of marks', () => {
  test.each([
    ['nothing', { aperture: '8 11', time: '1/60 1/30' }, 'time', 'lever', 'speed lever'],
    ['symbols', { time: '1/60 1/30' }, 'time', 'lever', 'speed lever'],
    ['scales', {}, 'time', 'wheel', 'speed wheel'],
    ['scales', {}, 'aperture', 'ring', 'aperture ring'],
    ['scales', { aperture: '4 sun=9' }, 'aperture', 'lever', 'aperture lever'],
    ['symbols', { aperture: '8 11' }, 'aperture', 'lever', 'aperture lever'],
    ['scales', { focus: '1 2 ∞', focusing: 'scale' }, 'focus', 'ring', 'focus ring'],
    ['scales', { focus: 'person=1 mountain=∞', focusing: 'symbols' }, 'focus', 'ring', 'focus ring'],
    ['timed', { lighten: '-1 0 1' }, 'compensation', 'ring', 'lighten–darken']
  ] as const)('%s %j: %s is a %s called %s', (has, texts, acts, shape, label) =>
    expect(control(cameraOf(has, texts), acts)).toMatchObject({ kind: 'marked', shape, label })
  );
  test('one mark alone is fixed, and called what it is', () => {
    expect(control(cameraOf('nothing', { aperture: '11' }), 'aperture')).toEqual({
      ...{ kind: 'fixed', id: 'aperture', label: 'opening', acts: 'aperture' },
      position: { mark: '11', symbol: null, value: 11 }
    });
    expect(control(cameraOf('nothing', { time: '1/40' }), 'time')).toMatchObject({ label: 'shutter' });
    // lighten–darken with nothing but its middle is none
    expect(control(cameraOf('timed', { lighten: '0' }), 'compensation')).toBeUndefined();
  });
  test('a fixed value that was not touched keeps the places that a text does not show', () => {
    const camera = cameraOf('nothing', { aperture: '11' });
    const fine: Camera = {
      ...camera,
      controls: camera.controls.map((c) =>
        c.kind === 'fixed' && c.acts === 'aperture'
          ? { ...c, label: 'hole', position: { ...c.position, value: 11.00004 } }
          : c
      )
    };
    expect(
      control(cameraOf('nothing', { ...sheetFrom(fine), name: 'other' }, fine), 'aperture')
    ).toMatchObject({
      ...{ label: 'hole', position: { value: 11.00004 } }
    });
    expect(
      control(cameraOf('nothing', { ...sheetFrom(fine), aperture: '12' }, fine), 'aperture')
    ).toMatchObject({
      ...{ label: 'hole', position: { value: 12 } }
    });
  });
});

describe('a camera held open by a trick', () => {
  const trick = { timeBy: 'held-open', opens: 'cover the eye, press', closes: 'uncover it' };
  test('has its steps, comes back as it was written, and keeps its name', () => {
    const camera = cameraOf('timed', { ...trick, after: 'power off', caution: 'mind the batteries' });
    expect(control(camera, 'time')).toEqual({
      ...{ kind: 'held-open', id: 'time', label: 'shutter', acts: 'time' },
      steps: {
        ...{ opens: 'cover the eye, press', closes: 'uncover it' },
        ...{ after: 'power off', caution: 'mind the batteries' }
      }
    });
    expect(sheetFrom(camera)).toMatchObject({ ...trick, after: 'power off', caution: 'mind the batteries' });
    const named = { ...camera, controls: camera.controls.map((c) => ({ ...c, label: 'my eye' })) };
    expect(control(cameraOf('timed', { ...sheetFrom(named), after: '' }, named), 'time')).toMatchObject({
      ...{ label: 'my eye', steps: { after: '' } }
    });
  });
  test.each([
    ['opens', { ...trick, opens: '' }],
    ['closes', { ...trick, closes: '' }],
    ['caution', { ...trick, caution: 'x'.repeat(161) }]
  ])('without %s it is refused', (field, texts) => expect(faults('timed', texts)).toEqual([field]));
  test('160 letters can be read', () =>
    expect(faults('timed', { ...trick, after: 'x'.repeat(160) })).toEqual([]));
});

describe('a dial that takes over', () => {
  const dial = { timeBy: 'override', time: '30 60 125' };
  test('is a wheel for times with A before its marks, and comes back', () => {
    const camera = cameraOf('timed', dial);
    expect(control(camera, 'time')).toMatchObject({
      ...{ kind: 'override', id: 'time', label: 'speed wheel', shape: 'wheel', automaticMark: 'A' },
      marks: [{ mark: '30' }, { mark: '60' }, { mark: '125' }]
    });
    expect(sheetFrom(camera)).toMatchObject(dial);
    expect(readSheet(sheetFrom(camera), camera.id, camera)).toEqual({ ok: true, value: camera });
  });
  test('untouched it keeps what a text does not show; touched it keeps its names', () => {
    const camera = cameraOf('timed', dial);
    const own: Camera = {
      ...camera,
      controls: camera.controls.map((c) =>
        c.kind === 'override' ? { ...c, label: 'top dial', shape: 'ring', automaticMark: 'auto' } : c
      )
    };
    const untouched = cameraOf('timed', { ...sheetFrom(own), name: 'other' }, own);
    expect(control(untouched, 'time')).toEqual(control(own, 'time'));
    const touched = cameraOf('timed', { ...sheetFrom(own), time: '30 60' }, own);
    expect(control(touched, 'time')).toMatchObject({
      label: 'top dial',
      shape: 'ring',
      automaticMark: 'auto'
    });
  });
  test('without marks it is refused', () => expect(faults('timed', { ...dial, time: '' })).toEqual(['time']));
});

describe('several lenses', () => {
  test.each([
    ['35', [[35, null]]],
    [
      '  35mm ;90 ',
      [
        [35, null],
        [90, null]
      ]
    ],
    [
      '35,   90,',
      [
        [35, null],
        [90, null]
      ]
    ],
    ['28.5 f/4–22', [[28.5, { widest: 4, smallest: 22 }]]],
    ['35 ƒ8-8', [[35, { widest: 8, smallest: 8 }]]],
    ['1', [[1, null]]],
    ['2000', [[2000, null]]]
  ] as const)('“%s”', (lenses, expected) => {
    const found = control(cameraOf('timed', { lenses }), 'lens');
    if (found?.kind !== 'lens') throw new Error('no lens');
    expect(found.lenses.slice(1).map((l) => [l.focalMm, l.opens])).toEqual(expected);
  });
  test.each(['0.5', '2001', 'x35', '35 to 90', '35 f/4', '35, 35 mm'])('“%s” is refused', (lenses) =>
    expect(faults('timed', { lenses })).toEqual(['lenses'])
  );
  test('its own lens alone is no choice, and nothing stands there twice', () => {
    const { focal = '' } = typicalSheet('timed');
    expect(faults('timed', { lenses: focal })).toEqual(['lenses']);
    expect(faults('timed', { lenses: '90, 90 mm' })).toEqual(['lenses']);
  });
  test('each may say its frame of the finder, its own too', () => {
    const { focal = '' } = typicalSheet('timed');
    const lenses = `${focal} (the outer frame), 90 f/5.6–22 (the red frame)`;
    const found = control(cameraOf('timed', { lenses }), 'lens');
    if (found?.kind !== 'lens') throw new Error('no lens');
    expect(found.lenses.map((l) => l.finderFrame)).toEqual(['the outer frame', 'the red frame']);
    expect(found.lenses[1]?.opens).toEqual({ widest: 5.6, smallest: 22 });
    expect(faults('timed', { lenses: '90 (the (red) frame)' })).toEqual(['lenses']);
  });
});

describe('what sets itself', () => {
  test('an eye behind the lens, its angle, and a lock in low light are read and written', () => {
    const texts = { eye: 'behind-lens', eyeAngle: '40', lowLight: 'locks', shortest: '1/500', longest: '2s' };
    const { program } = cameraOf('timed', texts);
    expect(program).toMatchObject({
      ...{ kind: 'automatic-time', inLowLight: 'locks', shortestSeconds: 1 / 500, longestSeconds: 2 },
      eye: { place: 'behind-lens', angleDegrees: 40 }
    });
    expect(sheetFrom(cameraOf('timed', texts))).toMatchObject(texts);
    const plain = { eye: 'outside', eyeAngle: '', lowLight: 'closes', shortest: '1/4', longest: '0.3s' };
    expect(cameraOf('timed', plain).program).toMatchObject({
      ...{ inLowLight: 'closes', longestSeconds: 0.3, eye: { place: 'outside', angleDegrees: null } }
    });
    expect(sheetFrom(cameraOf('timed', plain))).toMatchObject(plain);
  });
  test('rows of a scene lever have names, pictures and an opening for each mark of the dial', () => {
    const texts = { dial: '100 400', scene: 'Sunny place: 9 13 | indoors: 4 5 | : 8 8' };
    const lever = control(cameraOf('scene', texts), 'aperture');
    expect(lever).toMatchObject({
      kind: 'linked',
      positions: [
        { mark: 'Sunny place', symbol: 'sun', values: [9, 13] },
        { mark: 'indoors', symbol: 'cloud', values: [4, 5] },
        { mark: 'place', symbol: null, values: [8, 8] }
      ]
    });
    expect(faults('scene', { ...texts, scene: 'sun: 9' })).toContain('scene');
    expect(faults('scene', { ...texts, dial: '100', scene: 'sun: 9' })).toContain('dial');
  });
  test('gears have names, of twenty letters at most', () => {
    const time = `30 60 | ${'y'.repeat(30)}: 250 500`;
    const wheel = control(cameraOf('gears', { time }), 'time');
    if (wheel?.kind !== 'geared') throw new Error('no gears');
    expect(wheel.gears.map((g) => g.label)).toEqual(['gear 1', 'y'.repeat(20)]);
  });
});
