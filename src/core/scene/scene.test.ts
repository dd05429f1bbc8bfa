// Scenes are as light as the light model says, shadows as long as the sun makes them, surfaces as light as they throw back.
import { describe, expect, test } from 'vitest';
import { lvFromLux, lvFromLuminance, C_DOME } from '../light/lv.ts';
import { knownScene } from '../light/scenes.ts';
import { seeded } from '../numeric/seeded.ts';
import { luminanceOf, patchOf } from '../picture/luminance.ts';
import { patchReading } from '../picture/phone.ts';
import { skyLight } from '../sky/sky-light.ts';
import { drawScene, EYE } from './draw.ts';
import { keptBy, reachOf, shadowAt } from './draw-ground.ts';
import { exposeScene } from './expose.ts';
import { dayLux, domeLux, levelLux } from './lighting.ts';
import { SCENE_LIGHTS, SCENE_LIGHT_NAMES } from './lights.ts';
import { sceneOf, scenesFrom, type DrawnScene } from './scene.ts';
import { COLOURS } from './colours.ts';

const hundred = scenesFrom(11, 100);
const card = ({ subject }: DrawnScene) => [subject.x, 1.4, subject.z - 0.3] as const;

describe('how light it is', () => {
  test('a dome at the subject reads the scene’s LV, whatever lights it', () => {
    for (const scene of hundred)
      expect(lvFromLux(domeLux(scene.lighting, card(scene)), C_DOME)).toBeCloseTo(scene.lv, 6);
  });

  test('in the sun it is the sum of sun and sky itself; named scenes lie about their published value', () => {
    let open = 0;
    for (const { kind, facing, sunAltitude, lv, named } of hundred) {
      const light = SCENE_LIGHTS[kind];
      if (light.under !== 'sky' || facing === null) {
        expect(Math.abs(lv - knownScene(named ?? '').lv)).toBeLessThanOrEqual(0.6);
        continue;
      }
      const bodies = {
        sun: { altitude: sunAltitude, azimuth: 180 },
        moon: { altitude: -40, azimuth: 0 },
        moonPhaseAngle: 180
      };
      const { sky, ground, open: share } = light;
      const model = skyLight(bodies, { sky, ground, facing }).lv;
      expect(lv).toBeLessThanOrEqual(model + 1e-9);
      expect(lv).toBeGreaterThanOrEqual(model + Math.log2(share[0]) - 1e-9);
      open += 1;
    }
    expect(open).toBeGreaterThan(50);
  });

  test('kinds by the clue that names them lie where photographers put them, within a stop', () => {
    const usual = {
      sun: 14.64,
      hazy: 13.64,
      veiled: 12.64,
      overcast: 11.64,
      shade: 10.64,
      'deep-shade': 9.64
    } as const;
    for (const [kind, lv] of Object.entries(usual))
      for (let seed = 0; seed < 20; seed++) {
        const scene = sceneOf(seed, kind as keyof typeof usual);
        expect(Math.abs(scene.lv - lv), `${kind} ${seed}: ${scene.lv}`).toBeLessThan(1.1);
      }
  });

  test('level ground in the sun throws back R·E/π, and a meter reads it so', () => {
    // Lambert; IES Lighting Handbook, 9th ed. (2000), ch. 1; K of ISO 2720
    const scene = { ...sceneOf(5, 'snow'), things: [] };
    const [width, height] = [160, 100];
    const { data } = drawScene(scene, width, height);
    const at = 3 * (85 * width + 80);
    const seen = luminanceOf(data[at] ?? 0, data[at + 1] ?? 0, data[at + 2] ?? 0);
    const expected = (luminanceOf(...COLOURS.snow) * levelLux(scene.lighting)) / Math.PI;
    // 4 % for the snow's ripples
    expect(Math.abs(Math.log2(seen / expected))).toBeLessThan(0.07);
    expect(lvFromLuminance(seen)).toBeGreaterThan(lvFromLux(levelLux(scene.lighting)));
  });

  test('light comes from a lamp as the square of its distance, and not from behind', () => {
    const lighting = { ...sceneOf(1, 'lamps').lighting, ambientLux: 0, skyLux: 0, beamLux: 0 };
    const lamp = { at: [0, 2, 0] as const, candela: 90, beam: null };
    const one = { ...lighting, lamps: [lamp] };
    expect(domeLux(one, [0, 2, 3])).toBeCloseTo(90 / 9, 6);
    expect(domeLux(one, [0, 2, 6])).toBeCloseTo(90 / 36, 6);
    expect(domeLux(one, [0, 2, -3])).toBeCloseTo(0, 6);
  });

  test('a face turned from the sun is lit by the sky and the ground alone', () => {
    const { lighting } = sceneOf(4, 'behind');
    const { skyLux, ground, sun } = lighting;
    expect(sun[2]).toBeGreaterThan(0);
    expect(dayLux(lighting, 0, 0, -1, 0)).toBeCloseTo(skyLux / 2 + (ground * levelLux(lighting)) / 2, 6);
  });
});

describe('shadows', () => {
  test('a thing of height h throws one of h/tan(altitude), away from the sun', () => {
    for (const kind of ['sun', 'snow', 'behind'] as const)
      for (let seed = 0; seed < 12; seed++) {
        const scene = sceneOf(seed, kind);
        const { subject, sunAltitude, lighting } = scene;
        const alone = { ...scene, things: [subject] };
        const level = Math.hypot(lighting.sun[0], lighting.sun[2]);
        const [dx, dz] = [-lighting.sun[0] / level, -lighting.sun[2] / level];
        const length = subject.bounds.top / Math.tan((sunAltitude * Math.PI) / 180);
        const all = Array.from({ length: 400 }, (_, i) => (i / 400) * 1.5 * length);
        // the tip need not stand over the foot: the whole width is looked at
        const dark = (along: number): boolean =>
          Array.from({ length: 41 }, (_, i) => ((i - 20) / 20) * subject.bounds.right).some(
            (across) =>
              shadowAt(alone, subject.x + dx * along + dz * across, subject.z + dz * along - dx * across) >
              0.5
          );
        const farthest = Math.max(...all.filter(dark));
        expect(farthest / length, `${kind} ${seed}`).toBeGreaterThan(0.96);
        expect(farthest / length).toBeLessThan(1.01);
        expect(shadowAt(alone, subject.x - dx * 2 * length, subject.z - dz * 2 * length)).toBe(0);
      }
  });

  test('no shadow lies where it is not looked for', () => {
    const random = seeded(5);
    let shaded = 0;
    for (const scene of scenesFrom(21, 60))
      for (let i = 0; i < 400; i++) {
        const [x, z] = [random.between(-12, 12), random.between(1.5, 30)];
        for (const thing of scene.things) {
          if (keptBy(thing, scene)(x, z) === 0) continue;
          shaded += 1;
          const [from, to] = reachOf(thing, scene, z);
          expect(x).toBeGreaterThanOrEqual(from);
          expect(x).toBeLessThanOrEqual(to);
        }
      }
    expect(shaded).toBeGreaterThan(100);
  });
  test('their edges are sharp in the sun, soft in haze, barely there under a veil; under cloud there are none', () => {
    const across = (
      kind: 'sun' | 'hazy' | 'veiled' | 'overcast'
    ): { readonly width: number; readonly depth: number } => {
      const scene = sceneOf(2, kind);
      const { lighting } = scene;
      const lux = (shadow: number): number => dayLux(lighting, 0, 1, 0, shadow);
      return { width: scene.edge[0], depth: Math.log2(lux(0) / lux(1)) };
    };
    const [sun, hazy, veiled, overcast] = [
      across('sun'),
      across('hazy'),
      across('veiled'),
      across('overcast')
    ];
    expect(hazy.width).toBeGreaterThan(5 * sun.width);
    expect(veiled.width).toBeGreaterThan(2 * hazy.width);
    expect(sun.depth).toBeGreaterThan(2);
    expect(hazy.depth).toBeLessThan(sun.depth);
    expect(veiled.depth).toBeLessThan(0.35);
    expect(veiled.depth).toBeGreaterThan(0.1);
    expect(overcast.depth).toBe(0);
  });
});

describe('a hundred in a row', () => {
  test('differ in kind of light from one to the next, and no two are the same', () => {
    for (const [i, scene] of hundred.entries()) expect(scene.kind).not.toBe(hundred[i - 1]?.kind);
    expect(new Set(hundred.map((s) => s.kind)).size).toBe(SCENE_LIGHT_NAMES.length);
    const looks = hundred.map(
      (s) =>
        `${s.kind} ${s.sunAltitude.toFixed(0)} ${s.floor} ${s.subject.name} ${s.lv.toFixed(1)} ${s.subject.x.toFixed(1)}`
    );
    expect(new Set(looks).size).toBe(100);
    expect(new Set(hundred.map((s) => s.subject.name)).size).toBe(8);
    expect(new Set(hundred.map((s) => s.floor)).size).toBe(6);
    expect(new Set(hundred.map((s) => Math.round(s.sunAltitude / 5))).size).toBeGreaterThan(7);
  });

  test('every pixel has some light, and the same number draws the same', () => {
    for (const scene of hundred) {
      const { data } = drawScene(scene, 48, 30);
      expect(
        data.every((l) => Number.isFinite(l) && l > 0),
        `${scene.kind} ${scene.seed}`
      ).toBe(true);
    }
    const again = sceneOf(hundred[7]?.seed ?? 0, hundred[7]?.kind);
    expect(again).toEqual(hundred[7]);
    expect(drawScene(again, 48, 30).data).toEqual(drawScene(hundred[7] ?? again, 48, 30).data);
  });

  test('taken with a phone, each spot of a picture tells the light that came from there', () => {
    let told = 0;
    for (const scene of hundred.slice(0, 40)) {
      const light = drawScene(scene, 160, 100);
      const { pixels, ev100, fNumber, seconds, iso } = exposeScene(light);
      // APEX: Exif 2.32 (CIPA DC-008-2019) Annex C
      expect(Math.log2(fNumber ** 2 / seconds) - Math.log2(iso / 100)).toBeCloseTo(ev100, 9);
      const at = 3 * (90 * 160 + 30);
      const spot = { x: 30.5 / 160, y: 90.5 / 100, radius: 0.001 };
      const { luminance, clipped, blocked } = patchOf(pixels, spot);
      if (clipped > 0 || blocked > 0 || luminance > 0.9) continue;
      const truth = lvFromLuminance(
        luminanceOf(light.data[at] ?? 0, light.data[at + 1] ?? 0, light.data[at + 2] ?? 0)
      );
      const reading = patchReading(ev100, luminance, { offsetStops: 0, slope: 1.4 });
      // a curve for each colour moves saturated ones a little
      expect(Math.abs(reading - truth), `${scene.kind}: ${reading} ${truth}`).toBeLessThan(0.3);
      told += 1;
    }
    expect(told).toBeGreaterThan(25);
  });

  test('the eye stands as high as a person’s', () => {
    expect(EYE.height).toBeGreaterThan(1.4);
    expect(EYE.height).toBeLessThan(1.8);
  });
});
