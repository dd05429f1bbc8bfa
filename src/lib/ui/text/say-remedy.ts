// Remedies in words: what to do, and what to set then.
import type { Camera } from '#core/camera/camera.ts';
import type { FilterPlace } from '#core/error/filters.ts';
import type { Served } from '#core/advice/purpose-served.ts';
import type { Purpose } from '#core/error/situation.ts';
import type { Remedy, RemedyStep, Untested } from '#core/advice/remedy.ts';
import { formatLv, formatStops } from '#core/units/stops.ts';
import { instructionParts, sayMetres } from './say.ts';

/** Where a filter sits, in words. */
export const FILTER_PLACES: Readonly<Record<FilterPlace, string>> = {
  lens: 'on the lens',
  'lens-and-eye': 'over lens and eye',
  pack: 'on the film pack',
  eye: 'over the eye alone'
};

const UNTESTED: Readonly<Record<Untested, string>> = {
  camera: 'it is the camera that is not known',
  film: 'it is the film that is not known',
  both: 'camera and film are not known'
};

/** The power of a flash as a fraction: 3 stops below full is 1/8. */
export function sayPower(stops: number): string {
  return stops === 0 ? 'full' : `1/${Math.round(2 ** stops)}`;
}

/** The time of day on this machine's clock. */
function clockHere(ms: number): string {
  return new Intl.DateTimeFormat('en-GB', { timeStyle: 'short' }).format(new Date(ms));
}

/** One step of a remedy: what to do. @param clock writes a moment as the clocks at the place show it */
export function sayStep(step: RemedyStep, clock: (ms: number) => string = clockHere): string {
  switch (step.kind) {
    case 'filter':
      return `${step.filter.name === '' ? `grey filter of ${formatStops(step.filter.stops)}` : `${step.filter.name} (${formatStops(step.filter.stops)})`} ${FILTER_PLACES[step.filter.place]}`;
    case 'flash':
      return `flash${step.flash.powerStops === 0 ? '' : ` at ${sayPower(step.flash.powerStops)} power`}${step.flash.unit.name === '' ? '' : ` (${step.flash.unit.name})`}`;
    case 'no-flash':
      return 'keep the flash from firing';
    case 'exposures':
      return `${step.count} exposures on one frame, camera fixed`;
    case 'leaning':
      return 'lean on something, or pull the strap taut';
    case 'move':
      return `go to ${sayMetres(step.toM)} from the subject`;
    case 'measure':
      return 'measure the distance';
    case 'reading':
      return 'read the light first';
    case 'test':
      return `make a test first: ${UNTESTED[step.of]}`;
    case 'lamp-nearer':
      return `bring the lamp to ${sayMetres(step.toM)} from the subject`;
    case 'modifier-off':
      return `take off what is before the lamp (${formatStops(step.stops)})`;
    case 'not-today':
      return 'not today';
    case 'support':
      return 'put the camera on something';
    case 'development':
      return step.stops > 0
        ? `have the film pushed ${formatStops(step.stops)}`
        : `have the film pulled ${formatStops(step.stops)}`;
    case 'film':
      return `load ${step.film.name}`;
    case 'wait':
      return `wait until ${clock(step.until.ms)}, when it will be about LV ${formatLv(step.until.lv)}`;
  }
}

/** A whole remedy: its steps, first letter large. */
export function sayRemedy(remedy: Remedy, clock: (ms: number) => string = clockHere): string {
  const text = remedy.steps.map((step) => sayStep(step, clock)).join(', and ');
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** What comes of a remedy, beside the setting that goes with it. */
export function sayRemedySetting(camera: Camera, remedy: Remedy): string {
  // what comes before setting anything, or instead of it
  if (remedy.steps.some((s) => s.kind === 'reading' || s.kind === 'test' || s.kind === 'not-today'))
    return '';
  const parts = instructionParts(camera, remedy.verdict.setting);
  return parts.length === 0 ? '' : `then ${parts.join(', ')}`;
}

const PURPOSES: Readonly<Record<Purpose, string>> = {
  'good-frame': 'a good frame',
  'most-in-focus': 'more in focus',
  'blurred-background': 'a softer background',
  'stop-motion': 'a stopped motion',
  'light-trails': 'trails of light (4 to 10 s)',
  'whole-seconds': 'whole seconds (4 to 60 s)'
};

/** How a purpose is served, or what it lacks. */
export function sayServed({ purpose, remedy, missing }: Served): string {
  const name = PURPOSES[purpose];
  switch (missing?.missing) {
    case undefined:
      return `For ${name}:`;
    case 'support':
      return `For ${name} the camera has to stand on something.`;
    case 'long-times':
      return `This camera has no time for ${name}.`;
    case 'light':
      return `For ${name} it is ${formatStops(missing.stops)} too dark.`;
    case 'filter':
      return remedy.steps.length > 0
        ? `For ${name} ${formatStops(missing.stops)} more of grey filter would be needed; nearest:`
        : `For ${name} a grey filter of ${formatStops(Math.ceil(missing.stops))} would be needed.`;
  }
}
