import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { DEMO_CAMERAS } from '#server/demo/seed.ts';
import { positionCount, type Camera } from '#core/camera/camera.ts';
import { allSettings } from '#core/camera/setting.ts';
import { cameraFromJson } from '../kit/camera.ts';
import { cameraFaults } from '#core/camera/faults.ts';
import { doubtsOf } from './sheet-doubts.ts';
import { readSheet } from './sheet-read.ts';
import { entryOf, SHEET_ENTRIES } from '#core/camera/kinds/entries.ts';
import type { Sheet } from '#core/camera/kinds/sheet-texts.ts';
import { sheetFrom } from './sheet-write.ts';
import { typicalSheet } from './sheet.ts';

const SHEET_KINDS = SHEET_ENTRIES.map(({ name }) => name);

const typical = (has: string, more: Sheet = {}): Sheet => ({ has, ...typicalSheet(has), ...more });
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
      expect(entryOf(camera)).toBe(has);
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
  test('several lenses and what a fitted flash changes come back as they were written', () => {
    const texts = { lenses: '35 f/4–22, 90', flash: 'shoe', fittedTime: '1/40', fittedAperture: '8' };
    const camera = read(typical('timed', texts));
    expect(camera.flash).toMatchObject({ kind: 'shoe', fitted: { seconds: 1 / 40, fNumber: 8 } });
    const lens = camera.controls.find((c) => c.acts === 'lens');
    expect(lens).toMatchObject({
      lenses: [
        { opens: null },
        { mark: '35 mm', opens: { widest: 4, smallest: 22 } },
        { focalMm: 90, opens: null }
      ]
    });
    expect(cameraFromJson(JSON.stringify(camera))).toEqual(camera);
    expect(readSheet(sheetFrom(camera), camera.id, camera)).toEqual({ ok: true, value: camera });
    expect(sheetFrom(camera)).toMatchObject(texts);
  });
  test.each([
    ['lenses', { lenses: 'wide' }, 'is no lens'],
    ['lenses', { lenses: '35 f/22–4' }, 'is no lens'],
    ['lenses', { lenses: '35, 35' }, 'two lenses of 35 mm'],
    ['fittedTime', { flash: 'shoe', fittedAperture: '8' }, 'Give the time']
  ] as const)('%s is refused by name', (field, texts, words) => {
    expect(faultsOf(typical('timed', texts))).toEqual([
      expect.objectContaining({ field, message: expect.stringContaining(words) as string })
    ]);
  });
  test.each([
    ['plate', { aperture: '8 11 16', apertureBy: 'plate' }, 'aperture', 5],
    ['clicked', { aperture: '2.8 4 5.6 8', apertureBy: 'clicked' }, 'aperture', 7],
    ['blades', { time: '1/125 1/60', timeBy: 'blades' }, 'time', 11]
  ] as const)(
    'a control of a kind that is said by name, and again the same: %s',
    (kind, texts, acts, count) => {
      const camera = read(typical('scales', texts));
      const control = camera.controls.find((c) => c.acts === acts);
      expect(control?.kind).toBe(kind);
      expect(control && positionCount(control)).toBe(count);
      expect(cameraFromJson(JSON.stringify(camera))).toEqual(camera);
      expect(readSheet(sheetFrom(camera), camera.id, camera)).toEqual({ ok: true, value: camera });
      const renamed = { ...camera, controls: camera.controls.map((c) => ({ ...c, label: `my ${c.label}` })) };
      expect(readSheet({ ...sheetFrom(renamed), name: 'other' }, 'c', renamed)).toEqual({
        ...{ ok: true, value: { ...renamed, name: 'other' } }
      });
      const settings = allSettings(camera, {});
      expect(settings).toHaveLength(count * (acts === 'aperture' ? 10 : 6));
    }
  );
  test.each([
    ['aperture', { aperture: '8', apertureBy: 'plate' }, 'two openings or more'],
    ['aperture', { aperture: '8', apertureBy: 'clicked' }, 'two openings or more'],
    ['time', { time: '1/125 1/60 1/30', timeBy: 'blades' }, 'two times']
  ])('a kind that is said by name tells what it needs: %s', (field, texts, words) => {
    const fault = faultsOf(typical('scales', texts)).find((f) => f.field === field);
    expect(fault?.message).toContain(words);
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

/** Parts that a sheet has no words for, and finer ones than it writes. */
const ODD_PARTS = fc.record({
  angleDegrees: fc.option(fc.integer({ min: 20, max: 90 }), { nil: null }),
  powers: fc.constantFrom([0], [0, 1], [0, 1, 2, 3]),
  flashSeconds: fc.constantFrom(1 / 900, 1 / 2000),
  bulb: fc.constantFrom([3], [2, 5, 11], [1, 2, 4, 8, 15, 30, 60, 120, 240]),
  halves: fc.constantFrom([-1.5, 0, 1.5], [-2, -0.5, 0, 0.5, 2], [-1, 0, 1]),
  bias: fc.double({ min: -2, max: 2, noNaN: true }),
  focal: fc.double({ min: 20, max: 200, noNaN: true })
});

/** A demonstration camera with parts of its own. */
function oddCamera(camera: Camera, odd: typeof ODD_PARTS extends fc.Arbitrary<infer T> ? T : never): Camera {
  const { flash } = camera;
  const unit =
    'unit' in flash
      ? { ...flash.unit, powers: odd.powers, angleDegrees: odd.angleDegrees, seconds: odd.flashSeconds }
      : null;
  return {
    ...{ ...camera, biasStops: odd.bias, focalMm: odd.focal },
    flash: unit && 'unit' in flash ? { ...flash, unit } : flash,
    controls: camera.controls.map((control) => {
      if (control.kind !== 'marked') return control;
      if (control.acts === 'compensation') {
        const positions = odd.halves.map((value) => ({
          mark: `${value}`.replace('-', '−'),
          symbol: null,
          value
        }));
        return { ...control, positions };
      }
      if (!control.positions.some((p) => p.byHand)) return control;
      const counted = odd.bulb.map((value) => ({
        mark: `B ${value}`,
        symbol: null,
        value,
        byHand: true as const
      }));
      return { ...control, positions: [...control.positions.filter((p) => !p.byHand), ...counted] };
    })
  };
}
const demoCamera = fc.tuple(fc.constantFrom(...DEMO_CAMERAS), ODD_PARTS).map(([c, odd]) => oddCamera(c, odd));

describe('opening a sheet and saving it', () => {
  test.each(DEMO_CAMERAS.map((c) => [c.name, c] as const))('changes nothing of the %s', (_name, camera) => {
    expect(readSheet(sheetFrom(camera), camera.id, camera)).toEqual({ ok: true, value: camera });
  });
  test('changes nothing of any camera, whatever its sheet has no words for', () => {
    fc.assert(
      fc.property(demoCamera, (camera) => {
        expect(readSheet(sheetFrom(camera), camera.id, camera)).toEqual({ ok: true, value: camera });
      }),
      { numRuns: 150 }
    );
  });
  test('with one thing changed, changes that alone', () => {
    fc.assert(
      fc.property(demoCamera, fc.constantFrom('name', 'bias', 'held', 'checks'), (camera, field) => {
        const text = { name: 'Renamed', bias: '1.25', held: '1/7', checks: 'look' }[field];
        const read = readSheet({ ...sheetFrom(camera), [field]: text }, camera.id, camera);
        if (!read.ok) throw new Error(JSON.stringify(read.error));
        const part = { name: 'name', bias: 'biasStops', held: 'handHeldSeconds', checks: 'checks' } as const;
        expect({ ...read.value, [part[field]]: camera[part[field]] }).toEqual(camera);
        expect(read.value[part[field]]).not.toEqual(camera[part[field]]);
      }),
      { numRuns: 100 }
    );
  });
  test('one mark put in before the others leaves them as they were', () => {
    const camera = DEMO_CAMERAS.find((c) => c.id === 'demo-marigold');
    const lever = camera?.controls.find((c) => c.acts === 'aperture');
    if (!camera || lever?.kind !== 'marked') throw new Error('no lever');
    const sheet = sheetFrom(camera);
    const read_ = readSheet({ ...sheet, aperture: `snow=16 ${sheet['aperture'] ?? ''}` }, camera.id, camera);
    const now = read_.ok ? read_.value.controls.find((c) => c.acts === 'aperture') : null;
    expect(now?.kind === 'marked' && now.positions.slice(1)).toEqual(lever.positions);
  });
  test('marks stay as they were typed', () => {
    const camera = read(typical('timed', { lighten: '-1.5 -⅔ 0 +⅔ +1,5', aperture: 'f/5.6 8 11.3' }));
    const marks = (acts: string) => {
      const control = camera.controls.find((c) => c.acts === acts);
      return control?.kind === 'marked' ? control.positions.map((p) => p.mark) : [];
    };
    expect(marks('compensation')).toEqual(['−1.5', '−⅔', '0', '+⅔', '+1,5']);
    expect(marks('aperture')).toEqual(['5.6', '8', '11.3']);
  });
  test('a still camera whose needle sets the opening has a sheet', () => {
    const camera = read(typical('needle'));
    expect(camera.program).toMatchObject({ kind: 'automatic-aperture', widestFNumber: 2.8 });
    expect(camera.transport.kind).toBe('still');
    expect(entryOf(camera)).toBe('needle');
  });
});

describe('what cannot be a camera', () => {
  const camera = read(typical('scales'));
  const [aperture, time] = camera.controls;
  test('two controls of one name, lighten–darken with nothing to act on', () => {
    if (!aperture || !time) throw new Error('no controls');
    const twins = { ...camera, controls: [aperture, { ...time, id: aperture.id }] };
    expect(cameraFaults(twins).map((f) => f.fault)).toContain('doubled-name');
    const lighten = read(typical('timed')).controls.find((c) => c.acts === 'compensation');
    if (!lighten) throw new Error('no lighten–darken');
    expect(cameraFaults({ ...camera, controls: [aperture, time, lighten] })).toEqual([
      { fault: 'nothing-to-lighten', control: lighten.label }
    ]);
  });
  test('a lever that depends on a control that is not there', () => {
    const scene = read(typical('scene'));
    const controls = scene.controls.map((c) => (c.kind === 'linked' ? { ...c, dependsOn: 'nothing' } : c));
    expect(cameraFaults({ ...scene, controls }).map((f) => f.fault)).toContain('unknown-link');
  });
});

describe('what is wrong is named with its field', () => {
  const cases: readonly (readonly [string, string, string, string])[] = [
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

test('an opening only known to lie between two makes the camera less sure, and its own word still wins', () => {
  // uniform over one stop: 1/√12 beside the third of a stop of a plastic camera
  const camera = read(typical('symbols', { aperture: 'sun=16–22 cloud=9' }));
  expect(camera.toleranceStops).toBeCloseTo(Math.hypot(1 / Math.sqrt(12), 1 / 3), 1);
  expect(read(typical('symbols', { aperture: 'sun=16–22 cloud=9', tolerance: '0.2' })).toleranceStops).toBe(
    0.2
  );
  expect(read(typical('symbols')).toleranceStops).toBeNull();
});
