// The benches there are. A further one is a folder here, a page, and one line in this list and in the list of places.
import Aperture from '@lucide/svelte/icons/aperture';
import Eye from '@lucide/svelte/icons/eye';
import Film from '@lucide/svelte/icons/film';
import FlaskConical from '@lucide/svelte/icons/flask-conical';
import Hourglass from '@lucide/svelte/icons/hourglass';
import LampDesk from '@lucide/svelte/icons/lamp-desk';
import ListChecks from '@lucide/svelte/icons/list-checks';
import MoveHorizontal from '@lucide/svelte/icons/move-horizontal';
import Scale from '@lucide/svelte/icons/scale';
import Shuffle from '@lucide/svelte/icons/shuffle';
import Smartphone from '@lucide/svelte/icons/smartphone';
import Timer from '@lucide/svelte/icons/timer';
import Zap from '@lucide/svelte/icons/zap';

/** A bench on the page of all. */
export interface Bench {
  readonly path: string;
  readonly name: string;
  /** What it is for, in a sentence. */
  readonly says: string;
  readonly icon: typeof Aperture;
}

/** In the order in which a camera that is new to its owner needs them. */
export const BENCHES: readonly Bench[] = [
  {
    path: '/bench/routine',
    name: 'Routine',
    says: 'Loading, before each press, after, at the end: what the hands do, in the order that saves frames.',
    icon: ListChecks
  },
  {
    path: '/bench/opening',
    name: 'Measure the opening',
    says: 'With a rule: what the aperture really is.',
    icon: Aperture
  },
  {
    path: '/bench/shutter',
    name: 'Shutter test',
    says: 'By sound, slow motion or a light sensor: what each speed really is.',
    icon: Timer
  },
  {
    path: '/bench/eye',
    name: 'Is the eye alive?',
    says: 'Four lights, and what the camera makes of them: alive, slow, dead, or off by so much.',
    icon: Eye
  },
  {
    path: '/bench/phone',
    name: 'Your phone as a meter',
    says: 'Three pictures beside a real meter: then it reads any scene, patch by patch.',
    icon: Smartphone
  },
  {
    path: '/bench/sharp',
    name: 'Sharp from, to',
    says: 'What each aperture and focus mark holds, drawn to scale.',
    icon: MoveHorizontal
  },
  {
    path: '/bench/same',
    name: 'Keep this exposure',
    says: 'Turn one ring and the other follows: depth against stillness.',
    icon: Scale
  },
  {
    path: '/bench/long',
    name: 'Long exposures',
    says: 'Whole seconds through every filter you own, and the filter for a length you want.',
    icon: Hourglass
  },
  {
    path: '/bench/flash',
    name: 'Flash',
    says: 'How far each power serves, the power for a distance, the guide number it really has.',
    icon: Zap
  },
  {
    path: '/bench/mismatch',
    name: 'Converted or mismatched',
    says: 'Film or a back that the camera was not made for: the nearest marks, a filter, other electronics, a scale that is off.',
    icon: Shuffle
  },
  {
    path: '/bench/lamp',
    name: 'Lamp',
    says: 'Read once, its light at any distance, and where to stand it for this camera.',
    icon: LampDesk
  },
  {
    path: '/bench/develop',
    name: 'Develop',
    says: 'Instant film by its temperature; black and white mixed, timed and noted on the roll.',
    icon: FlaskConical
  },
  {
    path: '/bench/reel',
    name: 'Reel',
    says: 'Feet, pictures and seconds of cine film, what is left, and shots against it.',
    icon: Film
  }
];
