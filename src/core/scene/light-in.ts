// The light in a scene: where it comes from, and how much of it the light model says there is.
import { knownScene } from '../light/scenes.ts';
import type { Seeded } from '../numeric/seeded.ts';
import { clearSunLux, partLight } from '../sky/illuminance.ts';
import { REFLECTANCE, skyLight } from '../sky/sky-light.ts';
import type { Facing } from '../sky/sky-scene.ts';
import type { Lighting, SceneLamp, Vector } from './lighting.ts';
import type { Floor, NamedLight, OpenLight } from './lights.ts';

const radians = (degrees: number): number => (degrees * Math.PI) / 180;
/** Degrees from straight ahead to the sun, for each way that a subject stands to it. */
const SUN_SIDE: Readonly<Record<Facing, readonly [number, number]>> = {
  ...{ front: [120, 165], side: [75, 105], back: [12, 30], 'shaded-side': [30, 60], 'open-shade': [120, 160] }
};

/**
 * The light of a scene in the open: sun and sky of the model.
 * @param floor what lies on the ground @param random its state moves on
 * @returns the lighting, how it falls, and its LV
 */
export function openLight(light: OpenLight, floor: Floor, random: Seeded) {
  const facing = random.oneOf(light.facings);
  const altitude = random.between(...light.sun);
  const side = random.between(...SUN_SIDE[facing]) * random.oneOf([-1, 1]);
  const h = radians(altitude);
  const sun: Vector = [
    Math.sin(radians(side)) * Math.cos(h),
    Math.sin(h),
    Math.cos(radians(side)) * Math.cos(h)
  ];
  const { beamLux, skyLux } = partLight(clearSunLux(altitude), altitude, light.sky);
  const ground = REFLECTANCE[light.ground];
  const share = random.between(...light.open);
  const body = { altitude, azimuth: 180 };
  const under = { altitude: -40, azimuth: 0 };
  const asked = { sky: light.sky, facing, ground: light.ground };
  const { lv } = skyLight({ sun: body, moon: under, moonPhaseAngle: 180 }, asked);
  const shaded = facing === 'open-shade';
  // a cloud's last bit of beam throws the faintest shadow: taken from the sky, so that the sum stays
  const faint = beamLux > 0 ? 0 : skyLux * (light.edge[1] < 1 ? light.edge[1] : 0);
  const lighting: Lighting = {
    ...{ sun, ground, ambientLux: 0, lamps: [] },
    beamLux: shaded ? 0 : beamLux + faint / Math.max(0.2, Math.sin(h)),
    skyLux: (skyLux - faint) * (shaded ? 0.5 * share : 1)
  };
  return { lighting, facing, altitude, lv: lv + Math.log2(share), floor };
}

/**
 * The light of a named scene: its lamps, window or dusk, and how much it is.
 * @param random its state moves on
 * @returns the lighting, the scene it is of, and its LV
 */
export function namedLight(light: NamedLight, random: Seeded) {
  const scene = knownScene(random.oneOf(light.scenes));
  const lv = scene.lv + random.between(-0.6, 0.6);
  const side = random.oneOf([-1, 1]);
  const lamp = (at: Vector, candela: number, beam: number | null = null): SceneLamp => ({
    at,
    candela,
    beam
  });
  const lamps: Readonly<Record<string, readonly SceneLamp[]>> = {
    window: [lamp([side * 3.4, 1.7, 5], 100)],
    dusk: [],
    stage: [lamp([side * 2, 6, 3.4], 100, 1.5), lamp([-side * 1.2, 6, 3.8], 60, 1.5)],
    street: [
      lamp([side * 1.7, 4.2, 4.2], 100),
      lamp([-side * 3.4, 4.2, 12], 100),
      lamp([side * 3.4, 4.2, 24], 100)
    ],
    room: [lamp([side * 1.3, 2.1, 3.9], 100)]
  };
  const isStage = scene.id.startsWith('stage');
  const isStreet = scene.group === 'night';
  const kind = light.under !== 'lamps' ? light.under : isStage ? 'stage' : isStreet ? 'street' : 'room';
  const sun: Vector = [0, -0.05, 1];
  const dusk = light.under === 'dusk';
  const lighting: Lighting = {
    ...{ sun, beamLux: 0, skyLux: dusk ? 100 : 0, ground: 0.2, ambientLux: dusk ? 0 : isStage ? 0.05 : 1.1 },
    lamps: lamps[kind] ?? []
  };
  return { lighting, lv, scene, side };
}
