// Two controls laid out against each other, looked at place by place.
import { describe, expect, test } from 'vitest';
import { allSettings } from '../../camera/setting.ts';
import type { Camera } from '../../camera/camera.ts';
import type { Program } from '../../camera/kinds/programs.ts';
import { judge } from '../../chance/verdict.ts';
import { cameraWith, filmWith, fixed, marked } from '../../error/pairs.test.fixtures.ts';
import { colour, FOLDING, INSTANT_640, METERLESS, TWIN } from '../../error/panel.test.fixtures.ts';
import type { Situation } from '../../error/situation.ts';
import type { Film } from '../../film/film.ts';
import { FORMATS, type FrameFormat } from '../../film/formats.ts';
import { cropOf } from './crop.ts';
import { crossed, dialTable, type DialCell } from './dial-table.ts';
import { waysOut } from './ways-out.ts';

const on = (camera: Camera, film: Film, lv: number): Situation => ({
  ...{ camera, film, light: { lv, sdStops: 0.3 }, contrast: 'normal', support: 'standing' }
});
const far = ({ offStops }: DialCell): number => Math.abs(offStops);
const SITUATIONS = [
  on(METERLESS, colour(400), 11),
  on(METERLESS, colour(100), 5),
  on(FOLDING(), INSTANT_640, 10),
  on(FOLDING(), INSTANT_640, 14),
  on(TWIN, { ...INSTANT_640, iso: 3200 }, 9)
] as const;

describe('each place of the table', () => {
  test.each(SITUATIONS)('is the nearest that it can be made: %#', (s) => {
    const table = dialTable(s, {});
    if (!table) throw new Error('no table');
    const { across, down } = table;
    let seen = 0;
    table.rows.forEach((row, r) =>
      row.forEach((cell, c) => {
        const here = allSettings(s.camera, {}).filter(
          ({ choice }) => (choice[across.id] ?? 0) === c && (down === null || (choice[down.id] ?? 0) === r)
        );
        expect(cell === null).toBe(here.length === 0);
        if (!cell) return;
        seen += 1;
        const { verdict, offStops } = cell;
        expect(offStops).toBe(verdict.deltaStops - verdict.aimStops);
        const all = here.map((setting) => {
          const v = judge(s, setting);
          return { off: Math.abs(v.deltaStops - v.aimStops), by: Math.abs(setting.compensationStops) };
        });
        expect(far(cell)).toBeLessThanOrEqual(Math.min(...all.map((a) => a.off)) + 0.1 + 1e-9);
        // of those about as near the one with the least lighten–darken
        const by = Math.abs(verdict.setting.compensationStops);
        const nearer = all.filter((a) => a.by < by - 1e-9).map((a) => a.off);
        expect(Math.min(Infinity, ...nearer)).toBeGreaterThan(far(cell) + 0.1 - 0.05);
      })
    );
    expect(seen).toBeGreaterThan(3);
  });
  test('some of them are aimed off the middle', () => {
    const table = dialTable(SITUATIONS[0], {});
    expect(table?.closest.verdict.aimStops).toBeGreaterThan(0.2);
  });
});

describe('of all places', () => {
  test.each(SITUATIONS)('the closest, the widest and the shortest: %#', (s) => {
    const table = dialTable(s, {});
    if (!table) throw new Error('no table');
    const all = table.rows.flat().flatMap((cell) => cell ?? []);
    const { closest, widest, shortest } = table;
    expect(far(closest)).toBeLessThanOrEqual(Math.min(...all.map(far)) + 0.1);
    const asNear = all.filter((c) => far(c) <= Math.min(...all.map(far)) + 0.05);
    expect(closest.verdict.pUsable).toBeGreaterThanOrEqual(
      Math.min(...asNear.map((c) => c.verdict.pUsable)) - 1e-9
    );
    const good = all.filter((c) => c.verdict.pExposure >= 0.85 * closest.verdict.pExposure);
    expect(widest.verdict.exposure.fNumber).toBeCloseTo(
      Math.min(...good.map((c) => c.verdict.exposure.fNumber)),
      9
    );
    expect(shortest.verdict.exposure.seconds).toBeCloseTo(
      Math.min(...good.map((c) => c.verdict.exposure.seconds)),
      9
    );
  });
  test('of two as near the likelier: f/8 in the hand at 1/60, not f/4 at 1/15 … nor the first that is found', () => {
    // three pairs of the same exposure; the shortest time is the likeliest in the hand
    const camera = cameraWith([
      marked('aperture', [16, 11.3137085, 8]),
      marked('time', [1 / 16, 1 / 32, 1 / 64])
    ]);
    const lv = Math.log2(64 * 64);
    const inHand: Situation = { ...on(camera, filmWith({ iso: 100 }), lv), support: 'hand' };
    const turned: Situation = {
      ...inHand,
      camera: cameraWith([marked('aperture', [8, 11.3137085, 16]), marked('time', [1 / 64, 1 / 32, 1 / 16])])
    };
    for (const s of [inHand, turned]) {
      const table = dialTable(s, {});
      const all = table?.rows.flat().flatMap((cell) => cell ?? []) ?? [];
      const nearest = Math.min(...all.map(far));
      const best = Math.max(...all.filter((c) => far(c) < nearest + 0.05).map((c) => c.verdict.pUsable));
      expect(table?.closest.verdict.pUsable).toBeCloseTo(best, 9);
    }
  });
});

describe('which controls', () => {
  const focus = marked('focus', [1, 3, Infinity]);
  const acts = (camera: Camera) => {
    const found = crossed(camera);
    return found && [found.down?.acts ?? null, found.across.acts];
  };
  test('a dial or the times go down; apertures, lighten–darken or the times across', () => {
    expect(acts(cameraWith([focus, marked('time', [0.01, 0.02]), marked('aperture', [8, 11])]))).toEqual([
      'time',
      'aperture'
    ]);
    expect(acts(cameraWith([marked('compensation', [-1, 0, 1]), marked('dial', [100, 400])]))).toEqual([
      'dial',
      'compensation'
    ]);
    expect(acts(cameraWith([marked('time', [0.01, 0.02]), marked('dial', [100, 400])]))).toEqual([
      'dial',
      'time'
    ]);
  });
  test('what has one place, or sets no exposure, is none of them', () => {
    expect(acts(cameraWith([focus, marked('time', [0.01, 0.02])]))).toEqual([null, 'time']);
    expect(acts(cameraWith([focus, fixed('aperture', '8', 8), marked('time', [0.01])]))).toBeNull();
    expect(acts(cameraWith([fixed('time', '', 0.01), marked('aperture', [8, 11])]))).toEqual([
      null,
      'aperture'
    ]);
  });
});

test('what is left of the finder is the larger of both ways to hold the film', () => {
  const names = Object.keys(FORMATS).filter((name): name is FrameFormat => name in FORMATS);
  let isTurned = 0;
  for (const finder of names)
    for (const film of names) {
      const [[w, h], [a, b]] = [FORMATS[finder].sizeMm, FORMATS[film].sizeMm];
      const area = (x: number, y: number): number => Math.min(1, x / w) * Math.min(1, y / h);
      const { width, height } = cropOf(finder, film);
      expect(width * height).toBeCloseTo(Math.max(area(a, b), area(b, a)), 9);
      if (area(b, a) > area(a, b) + 1e-6) isTurned += 1;
      else expect([width, height]).toEqual([Math.min(1, a / w), Math.min(1, b / h)]);
    }
  expect(isTurned).toBeGreaterThan(0);
});

describe('ways out', () => {
  const program = (place: 'outside' | 'behind-lens'): Program => ({
    ...{ kind: 'automatic-time', shortestSeconds: 1 / 180, longestSeconds: 14, inLowLight: 'closes' },
    eye: { place, believesIso: 160, angleDegrees: null }
  });
  const camera = cameraWith([fixed('aperture', 'f/8', 8)], {
    condition: 'automatic',
    program: program('outside')
  });
  const kinds = (s: Situation) =>
    waysOut(s, {}).map(({ way }) => (way.kind === 'filter' ? `${way.place} ${way.stops}` : way.kind));
  test('development adds to the speed, age takes from it', () => {
    const film = filmWith({ iso: 640, developmentStops: 1, ageStops: 0.5 });
    expect(kinds(on(camera, film, 9))).toEqual(['as-it-is', 'pack 2.5', 'lens 2.5', 'converted']);
    expect(kinds(on({ ...camera, program: program('behind-lens') }, film, 9))).toEqual([
      'as-it-is',
      'pack 2.5',
      'converted'
    ]);
  });
  test('how far off is told against what is aimed for', () => {
    for (const { verdict, offStops } of waysOut(on(camera, filmWith({ iso: 640 }), 9), {})) {
      expect(verdict.aimStops).toBeGreaterThan(0.05);
      expect(offStops).toBe(verdict.deltaStops - verdict.aimStops);
    }
  });
  test('a third of a stop needs nothing; a camera with a dial is not converted', () => {
    expect(kinds(on(camera, filmWith({ iso: 190 }), 9))).toEqual(['as-it-is']);
    expect(kinds(on(camera, filmWith({ iso: 200 }), 9))).toEqual([
      'as-it-is',
      'pack 0.3',
      'lens 0.3',
      'converted'
    ]);
    const dialled = cameraWith([fixed('aperture', 'f/8', 8), marked('dial', [75, 150])], {
      condition: 'automatic',
      program: program('outside')
    });
    const ways = kinds(on(dialled, filmWith({ iso: 3200 }), 9));
    expect(ways.length).toBe(3);
    expect(ways).not.toContain('converted');
  });
});
