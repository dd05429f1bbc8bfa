// What a reading means by what was measured: grey is grey, a tone that reads lighter is taken off. Common practice, no source.
import { describe, expect, test } from 'vitest';
import { LV_RANGE } from './lv.ts';
import { AT_SUBJECT, lightFromReading, METERED_TONES } from './metering.ts';

describe('a reading', () => {
  test('incident at the subject is the light itself, at the subject', () => {
    expect(lightFromReading(10, AT_SUBJECT)).toMatchObject({
      lv: 10,
      sdStops: METERED_TONES.incident.sdStops
    });
    expect(AT_SUBJECT.elsewhere).toBe(false);
  });
  test('a tone that reads lighter than grey is taken off, a darker one put on', () => {
    const all = ['incident', 'card', 'palm', 'scene', 'snow', 'sand', 'woods', 'sky', 'backlit'] as const;
    for (const of of all) {
      const { lighterStops, sdStops, contrast } = METERED_TONES[of];
      expect(lightFromReading(9, { of, elsewhere: false, meter: null })).toEqual({
        ...{ lv: 9 - lighterStops, sdStops, contrast }
      });
    }
    expect(METERED_TONES.snow).toMatchObject({ lighterStops: 1.5, contrast: 'normal' });
    // snow reads lighter than grey, woods a stop darker
    expect(METERED_TONES.woods.lighterStops).toBe(-1);
    expect(lightFromReading(9, { of: 'woods', elsewhere: false, meter: null }).lv).toBe(10);
  });
  test('a meter that is known stands for the spread of an incident reading, and beside that of a tone', () => {
    const meter = { name: 'own', offsetStops: 0.4, sdStops: 0.1, showsTenths: false };
    const incident = lightFromReading(10, { of: 'incident', elsewhere: false, meter });
    expect(incident.lv).toBeCloseTo(9.6, 12);
    expect(incident.sdStops).toBeCloseTo(0.1, 12);
    const woods = lightFromReading(10, { of: 'woods', elsewhere: false, meter });
    expect(woods.lv).toBeCloseTo(10.6, 12);
    expect(woods.sdStops).toBeCloseTo(Math.hypot(METERED_TONES.woods.sdStops, 0.1), 12);
  });
  test('held elsewhere it is less sure', () => {
    const here = lightFromReading(10, AT_SUBJECT).sdStops;
    expect(lightFromReading(10, { ...AT_SUBJECT, elsewhere: true }).sdStops).toBeGreaterThan(here + 0.1);
  });
  test('what is off the scale is held at its end', () => {
    expect(lightFromReading(99, AT_SUBJECT).lv).toBe(LV_RANGE.max);
    expect(lightFromReading(-99, AT_SUBJECT).lv).toBe(LV_RANGE.min);
  });
});
