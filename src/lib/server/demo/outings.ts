// The demonstration's day out.
import type { Outing, Stop } from '#core/plan/outing.ts';

const ZONE = 'Europe/Lisbon';
const QUAY = { name: 'Ferry quay', latitude: 39.5, longitude: -11.5, zone: ZONE };
const CURVE = { name: 'Railway curve', latitude: 39.52, longitude: -11.48, zone: ZONE };

const stop = (more: Partial<Stop> & Pick<Stop, 'id' | 'subject' | 'time'>): Stop => ({
  ...{ place: QUAY, facing: 'front', ground: 'ground', lamps: '', purpose: 'good-frame' },
  ...{ mover: null, frames: 2, tries: 1, loadId: null },
  ...more
});

/** Ferries by day, a train in the dusk, shop windows after it. */
export const DEMO_OUTINGS: readonly Outing[] = [
  {
    ...{ id: 'demo-outing-dusk', name: 'From the quay to the curve', date: '2026-09-12', sky: 'clear' },
    budget: 20,
    stops: [
      stop({ id: 'ferry', subject: 'Ferry casting off', time: '17:30', facing: 'side', tries: 2 }),
      stop({
        ...{ id: 'train', subject: 'Lights of the 20:20', place: CURVE, time: '20:18' },
        ...{ purpose: 'light-trails', frames: 3 }
      }),
      stop({ id: 'windows', subject: 'Shop windows', time: '21:30', lamps: 'shop-window' })
    ]
  }
];
