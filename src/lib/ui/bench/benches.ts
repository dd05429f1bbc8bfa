// The benches there are. A further one is a folder here, a page, and one line in this list and in the list of places.
import aperture from 'lucide-static/icons/aperture.svg?raw';
import eye from 'lucide-static/icons/eye.svg?raw';
import film from 'lucide-static/icons/film.svg?raw';
import flaskConical from 'lucide-static/icons/flask-conical.svg?raw';
import hourglass from 'lucide-static/icons/hourglass.svg?raw';
import lampDesk from 'lucide-static/icons/lamp-desk.svg?raw';
import listChecks from 'lucide-static/icons/list-checks.svg?raw';
import moveHorizontal from 'lucide-static/icons/move-horizontal.svg?raw';
import scale from 'lucide-static/icons/scale.svg?raw';
import shuffle from 'lucide-static/icons/shuffle.svg?raw';
import smartphone from 'lucide-static/icons/smartphone.svg?raw';
import timer from 'lucide-static/icons/timer.svg?raw';
import zap from 'lucide-static/icons/zap.svg?raw';

/** A bench on the page of all. */
export interface Bench {
  readonly path: string;
  readonly name: string;
  /** What it is for, in a sentence. */
  readonly says: string;
  /** The file of its icon. */
  readonly icon: string;
}

/** In the order in which a camera that is new to its owner needs them. */
export const BENCHES: readonly Bench[] = [
  {
    path: '/bench/routine',
    name: 'Routine',
    says: 'Loading, before each press, after, at the end: what the hands do, in the order that saves frames.',
    icon: listChecks
  },
  {
    path: '/bench/opening',
    name: 'Measure the opening',
    says: 'With a rule: what the aperture really is.',
    icon: aperture
  },
  {
    path: '/bench/shutter',
    name: 'Shutter test',
    says: 'By sound, slow motion or a light sensor: what each speed really is.',
    icon: timer
  },
  {
    path: '/bench/eye',
    name: 'Is the eye alive?',
    says: 'Four lights, and what the camera makes of them: alive, slow, dead, or off by so much.',
    icon: eye
  },
  {
    path: '/bench/phone',
    name: 'Your phone as a meter',
    says: 'Three pictures beside a real meter: then it reads any scene, patch by patch.',
    icon: smartphone
  },
  {
    path: '/bench/sharp',
    name: 'Sharp from, to',
    says: 'What each aperture and focus mark holds, drawn to scale.',
    icon: moveHorizontal
  },
  {
    path: '/bench/same',
    name: 'Keep this exposure',
    says: 'Turn one ring and the other follows: depth against stillness.',
    icon: scale
  },
  {
    path: '/bench/long',
    name: 'Long exposures',
    says: 'Whole seconds through every filter you own, and the filter for a length you want.',
    icon: hourglass
  },
  {
    path: '/bench/flash',
    name: 'Flash',
    says: 'How far each power serves, the power for a distance, the guide number it really has.',
    icon: zap
  },
  {
    path: '/bench/mismatch',
    name: 'Converted or mismatched',
    says: 'Film or a back that the camera was not made for: the nearest marks, a filter, other electronics, a scale that is off.',
    icon: shuffle
  },
  {
    path: '/bench/lamp',
    name: 'Lamp',
    says: 'Read once, its light at any distance, and where to stand it for this camera.',
    icon: lampDesk
  },
  {
    path: '/bench/develop',
    name: 'Develop',
    says: 'Instant film by its temperature; black and white mixed, timed and noted on the roll.',
    icon: flaskConical
  },
  {
    path: '/bench/reel',
    name: 'Reel',
    says: 'Feet, pictures and seconds of cine film, what is left, and shots against it.',
    icon: film
  }
];
