// Light on a subject from sun, moon and sky, as LV with its uncertainty. A dome facing the camera collects
// E = E_beam(1 + cos θ)/2 + E_sky + ρE_level; a flat receptor E_beam·max(0, cos θ) + E_sky/2 + ρE_level/2, with
// cos θ = cos h·cos Δaz. Spreads and ground reflectances: common practice, no source.
import type { Contrast } from '../light/contrast.ts';
import { C_DOME, C_FLAT, LV_RANGE, lvFromLux, type LightValue } from '../light/lv.ts';
import { clearMoonLux, clearSunLux, partLight, type BeamAndSky } from './illuminance.ts';
import { SKIES, type Facing, type Ground, type Sky, type SkyScene } from './sky-scene.ts';
import type { Direction, SunAndMoon } from './position.ts';

/** Share of the light that the ground throws back. */
export const REFLECTANCE: Readonly<Record<Ground, number>> = { ground: 0.2, sand: 0.4, snow: 0.8 };

/** Spread of the sum against the sky that is there, one sd in stops. */
const SKY_SD: Readonly<Record<Sky, number>> = { clear: 0.4, partly: 1, cloudy: 0.7 };
/** Open shade depends on how much sky is open: as unsure as the schools are apart. */
const SHADE_SD = 0.8;
/** In the twilight minutes count. */
const TWILIGHT_SD = 0.6;

const CONTRAST_OF: Readonly<Record<Facing, Contrast>> = {
  front: 'normal',
  side: 'hard',
  back: 'backlit',
  'shaded-side': 'flat',
  'open-shade': 'flat'
};
const TURNED: Readonly<Record<Facing, number>> = {
  front: 0,
  side: 90,
  back: 180,
  'shaded-side': 180,
  'open-shade': 0
};

/** A light from the sky. */
export interface SkyLight extends LightValue {
  readonly contrast: Contrast;
  /** On level ground, lux. */
  readonly levelLux: number;
  /** Which body throws the shadows; `none` under cloud and in twilight. */
  readonly shadowsFrom: 'sun' | 'moon' | 'none';
}

const radians = (degrees: number): number => (degrees * Math.PI) / 180;
const onLevel = ({ beamLux, skyLux }: BeamAndSky, { altitude }: Direction): number =>
  beamLux * Math.max(0, Math.sin(radians(altitude))) + skyLux;

/**
 * Light on the subject. Where nobody told the sky it may be any of them, each as likely: the mean of all, as unsure as they are apart.
 * @returns LV held on the scale; contrast by how it is lit, flat where nothing throws a shadow
 */
export function skyLight(bodies: SunAndMoon, scene: SkyScene): SkyLight {
  const { sky } = scene;
  if (sky !== 'unsaid') return lightUnder(bodies, { ...scene, sky });
  const all = SKIES.map((s) => lightUnder(bodies, { ...scene, sky: s }));
  const mean = (of: (light: SkyLight) => number): number =>
    all.reduce((sum, l) => sum + of(l), 0) / all.length;
  const lv = mean((l) => l.lv);
  const [clear] = all;
  return {
    lv,
    sdStops: Math.sqrt(mean((l) => l.sdStops ** 2 + (l.lv - lv) ** 2)),
    contrast: clear?.shadowsFrom === 'none' ? 'flat' : 'normal',
    levelLux: mean((l) => l.levelLux),
    shadowsFrom: 'none'
  };
}

function lightUnder(
  { sun, moon, moonPhaseAngle }: SunAndMoon,
  scene: SkyScene & { readonly sky: Sky }
): SkyLight {
  const day = partLight(clearSunLux(sun.altitude), sun.altitude, scene.sky);
  const night = partLight(clearMoonLux(moon.altitude, moonPhaseAngle), moon.altitude, scene.sky);
  const byMoon = night.beamLux > day.beamLux + day.skyLux;
  const shadowsFrom = byMoon ? 'moon' : day.beamLux > 0 ? 'sun' : 'none';
  const camera = (byMoon ? moon : sun).azimuth + TURNED[scene.facing];
  const levelLux = onLevel(day, sun) + onLevel(night, moon);
  const skyLux = day.skyLux + night.skyLux;
  const reflectance = REFLECTANCE[scene.ground];
  const towards = (body: Direction): number =>
    Math.cos(radians(body.altitude)) * Math.cos(radians(body.azimuth - camera));
  const beams = [
    [day.beamLux, towards(sun)],
    [night.beamLux, towards(moon)]
  ] as const;
  const lv = ((): number => {
    if (scene.facing === 'open-shade') return lvFromLux(skyLux / 2 + reflectance * skyLux, C_DOME);
    if (scene.facing === 'shaded-side' && shadowsFrom !== 'none') {
      const beam = beams.reduce((sum, [lux, cosine]) => sum + lux * Math.max(0, cosine), 0);
      return lvFromLux(beam + skyLux / 2 + (reflectance * levelLux) / 2, C_FLAT);
    }
    const beam = beams.reduce((sum, [lux, cosine]) => sum + (lux * (1 + cosine)) / 2, 0);
    return lvFromLux(beam + skyLux + reflectance * levelLux, C_DOME);
  })();
  const spread = scene.facing === 'open-shade' ? Math.max(SHADE_SD, SKY_SD[scene.sky]) : SKY_SD[scene.sky];
  return {
    lv: Math.min(LV_RANGE.max, Math.max(LV_RANGE.min, lv)),
    sdStops: sun.altitude < 0 ? Math.max(TWILIGHT_SD, spread) : spread,
    contrast: shadowsFrom === 'none' ? 'flat' : CONTRAST_OF[scene.facing],
    levelLux,
    shadowsFrom
  };
}
