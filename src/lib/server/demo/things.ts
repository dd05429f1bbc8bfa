// The rest of the demonstration bag. Names and numbers are invented.
import type { Thing } from '#core/kit/thing.ts';

/** Filters, a flash, two meters, a support, a lamp and what stands before it. */
export const DEMO_THINGS: readonly Thing[] = [
  { id: 'demo-smoke', name: 'Smoke 2', data: { kind: 'filter', stops: 2, givenAs: 'stops', sizeMm: 49 } },
  { id: 'demo-dusk', name: 'Dusk 3', data: { kind: 'filter', stops: 3, givenAs: 'stops', sizeMm: 49 } },
  { id: 'demo-night', name: 'Night 6', data: { kind: 'filter', stops: 6, givenAs: 'stops', sizeMm: 49 } },
  {
    id: 'demo-wink',
    name: 'Wink 18',
    data: { kind: 'flash', guideNumber: 18, powers: [0, 1, 2, 3, 4], seconds: 1 / 700, angleDegrees: 60 }
  },
  {
    id: 'demo-opal',
    name: 'Opal hand meter',
    data: {
      ...{ kind: 'meter', reads: 'incident-dome', constant: 330 },
      ...{ showsTenths: true, offsetStops: 0, sdStops: 0.2 }
    }
  },
  {
    id: 'demo-phone',
    name: 'The phone',
    data: {
      ...{ kind: 'meter', reads: 'reflected', constant: 12.5 },
      ...{ showsTenths: false, offsetStops: 0.3, sdStops: 0.5 }
    }
  },
  { id: 'demo-tripod', name: 'Ash tripod', data: { kind: 'support' } },
  { id: 'demo-hearth', name: 'Hearth lamp', data: { kind: 'lamp', luxAtOneMetre: 5200, kelvin: 3200 } },
  { id: 'demo-veil', name: 'Veil softbox', data: { kind: 'modifier', stops: 1.5 } },
  {
    id: 'demo-umber',
    name: 'Umber staining developer',
    data: {
      kind: 'developer',
      dilution: [1, 1, 100],
      stocks: [
        {
          name: 'A',
          parts: [
            { name: 'sodium metabisulphite', gramsPerLitre: 10 },
            { name: 'pyrogallol', gramsPerLitre: 100 }
          ]
        },
        { name: 'B', parts: [{ name: 'sodium carbonate', gramsPerLitre: 150 }] }
      ],
      ...{ fromMinutes: 9, toMinutes: 14, atC: 20, lossStops: 1, agitation: 'gentle' }
    }
  }
];
