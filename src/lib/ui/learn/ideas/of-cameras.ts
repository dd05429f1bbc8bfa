// Ideas about cameras: three numbers, what stopping down does, zones of focus, flash, and slow film for a slow shutter.
import { sameExposure } from '#core/bench/same-exposure.ts';
import { setsOf } from '#core/camera/camera.ts';
import { respond } from '#core/camera/respond.ts';
import { fittingSpeeds } from '#core/advice/film-speeds.ts';
import { bestSetting } from '#core/advice/rank.ts';
import { sharedFormat } from '#core/chance/conditions.ts';
import { FORMATS } from '#core/film/formats.ts';
import { hyperfocalM, sharpRange } from '#core/focus/depth.ts';
import { centredM } from '#core/flash/flash.ts';
import { formatFNumberDigits } from '#core/units/aperture.ts';
import { formatDecimal } from '#core/units/decimal.ts';
import { chanceInHundred, sayMetres, sayTime } from '../../text/say.ts';
import type { Idea, Shown } from './figure.ts';

/** Aperture, time and film speed. */
export const threeNumbers: Idea = {
  id: 'three-numbers',
  name: 'Three numbers',
  line: 'Aperture, time, film speed: open one by a stop, close another, and the print is the same.',
  says: [
    'The aperture lets light in, the shutter says how long, the film how much it needs. A stop wider and half the time is the same exposure; so is film of twice the speed with half the time.',
    'What differs is the picture: a wide opening blurs what lies before and behind, a long time blurs what moves, a fast film has more grain. Choose by that, and let the third number follow.'
  ],
  figure: ({ judged }) => ({
    kind: 'table',
    head: ['Aperture', 'Time', 'Chance in 100'],
    rows: sameExposure(judged.situation, judged.shown.setting.choice).map(({ verdict }) => [
      formatFNumberDigits(verdict.exposure.fNumber),
      sayTime(verdict.exposure.seconds),
      String(chanceInHundred(verdict.pUsable))
    ])
  }),
  caption: ({ judged }) =>
    `Pairs that give the same exposure on the ${judged.pair.camera.name}, as it stands.`
};

const OPENINGS = [2.8, 4, 5.6, 8, 11, 16] as const;

/** A camera that times itself takes back what the lever gives. */
export const stoppingDown: Idea = {
  id: 'stopping-down',
  name: 'Why stopping down does not darken',
  line: 'A camera that times itself answers a smaller opening with a longer time.',
  says: [
    'On an automatic camera the lever for the opening does not darken the print: the eye still wants the same light on the film, and holds the shutter open for longer. What changes is depth, and whether your hand is still enough.',
    'Only lighten–darken, the speed dial or a filter over the lens alone moves the print. At the end of its times this ends too: then the opening is all there is.'
  ],
  figure: ({ judged }) => {
    const { camera } = judged.pair;
    const wantedEv = Math.log2(judged.shown.exposure.fNumber ** 2 / judged.shown.exposure.seconds);
    const isTimed = setsOf(camera).time;
    return {
      kind: 'table',
      head: ['Opening', 'Time', 'The print'],
      rows: OPENINGS.map((fNumber) => {
        const setting = { ...judged.shown.setting, fNumber };
        const { seconds, limit } = isTimed
          ? respond(camera, setting, wantedEv)
          : { seconds: fNumber ** 2 / 2 ** wantedEv, limit: 'none' as const };
        return [
          formatFNumberDigits(fNumber),
          sayTime(seconds),
          limit === 'none'
            ? 'the same'
            : limit === 'dark'
              ? 'too dark: it closes'
              : 'too light: it is shut no sooner'
        ];
      })
    };
  },
  caption: ({ judged }) =>
    setsOf(judged.pair.camera).time
      ? `What the ${judged.pair.camera.name} would do in the light told now.`
      : `The ${judged.pair.camera.name} does not time itself: a camera that does would go along this row.`
};

const formatOf = ({ judged }: Shown) =>
  sharedFormat(judged.pair.camera, judged.pair.film) ?? judged.pair.camera.formats[0] ?? '135';

/** Focus by zones. */
export const zoneFocus: Idea = {
  id: 'zone-focus',
  name: 'Zone focus',
  line: 'Set a distance and an aperture, and everything from here to there is sharp.',
  says: [
    'No lens is sharp at one distance alone. Around what it is set to lies a zone that looks sharp in the print; a smaller opening and a shorter lens make it longer.',
    'Set so that the far end of the zone just reaches the horizon, and its near end comes as close as it can: the hyperfocal distance. In the street set one zone, and let people walk into it.'
  ],
  figure: (shown) => {
    const { camera } = shown.judged.pair;
    const circle = FORMATS[formatOf(shown)].circleMm;
    return {
      kind: 'table',
      head: ['Opening', 'Set to', 'Sharp from', 'to'],
      rows: OPENINGS.map((fNumber) => {
        const atM = hyperfocalM(camera.focalMm, fNumber, circle);
        const { nearM, farM } = sharpRange(camera.focalMm, fNumber, circle, atM);
        return [formatFNumberDigits(fNumber), sayMetres(atM), sayMetres(nearM), sayMetres(farM)];
      })
    };
  },
  caption: ({ judged }) =>
    `Hyperfocal distances of the ${judged.pair.camera.name}, ${judged.pair.camera.focalMm} mm.`
};

/** Guide numbers. */
export const guideNumbers: Idea = {
  id: 'guide-numbers',
  name: 'Guide numbers',
  line: 'Guide number by distance is the aperture; twice as far is two stops less.',
  says: [
    'A flash is bright for so short a time that the shutter does not count, only the opening and the distance. Divide the guide number by the distance and you have the aperture.',
    'Light spreads: at twice the distance it has four times the area to fill, and leaves two stops less. That is why a wall behind goes dark, and why a step nearer does more than a bigger flash.'
  ],
  figure: ({ judged }) => {
    const { flash } = judged.pair.camera;
    const unit =
      flash.kind === 'switch' || flash.kind === 'automatic'
        ? flash.unit
        : { name: '', guideNumber: 18, powers: [0], seconds: 1 / 1000, angleDegrees: null };
    const speed = Math.log2(judged.pair.film.iso / 100);
    return {
      kind: 'table',
      head: ['Aperture', 'Right at'],
      rows: OPENINGS.map((fNumber) => [
        formatFNumberDigits(fNumber),
        `${formatDecimal(centredM({ unit, powerStops: 0, lossStops: 0 }, speed, fNumber, 0), 1)} m`
      ])
    };
  },
  caption: ({ judged }) => {
    const { flash } = judged.pair.camera;
    return flash.kind === 'switch' || flash.kind === 'automatic'
      ? `Its own flash, on ${judged.pair.film.name}. ISO 1230: guide number is f-number times distance.`
      : `A flash of guide number 18 in metres, on ${judged.pair.film.name}. ISO 1230: guide number is f-number times distance.`;
  }
};

/** Film speeds that are tried. */
const SPEEDS = [25, 50, 100, 200, 400, 800] as const;

/** Slow film for a slow shutter. */
export const slowFilm: Idea = {
  id: 'slow-film',
  name: 'Slow film for a slow shutter',
  line: 'A camera that cannot close down or hurry wants less speed in it, not more.',
  says: [
    'A box camera gives about 1/50 s at f/11, whatever you do. In sun that is right for slow film; film of ISO 400 gets three stops too much. Negative film forgives that, slides and instant film do not.',
    'So the film is the exposure control: slow film for bright days, fast film for dull ones, a grey filter where there is only one.'
  ],
  figure: ({ judged }) => ({
    kind: 'bars',
    unit: 'in 100',
    from: 0,
    to: 100,
    rows: SPEEDS.map((iso) => {
      const film = { ...judged.pair.film, iso };
      const chance = bestSetting({ ...judged.situation, film }, judged.pair.present)?.pUsable ?? 0;
      return { name: `ISO ${iso}`, from: 0, to: 100 * chance, says: String(chanceInHundred(chance)) };
    })
  }),
  caption: ({ judged }) => {
    const fits = fittingSpeeds(judged.situation, judged.pair.present);
    const range = fits
      ? ` From ISO ${fits.slowest} to ${fits.fastest} serve here.`
      : ' None serves in this light as things are.';
    return `The chance of a film like ${judged.pair.film.name} in other speeds, in the ${judged.pair.camera.name} and the light told now.${range}`;
  }
};
