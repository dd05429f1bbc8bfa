import { describe, expect, test } from 'vitest';
import { meterOf, phoneOf } from './phone-meter.ts';
import type { PhoneThing, Thing } from './thing.ts';

const DATA: PhoneThing = {
  ...{ kind: 'phone', model: 'P1', focalMm: 5.4, offsetStops: 0.3 },
  ...{ slope: 1.7, readings: 9, residualStops: 0.4 }
};
const phone = (more: Partial<PhoneThing> = {}): Thing => ({
  id: 'p',
  name: 'mine',
  data: { ...DATA, ...more }
});

describe('the phone of a picture', () => {
  test('is known by its model and lens', () => {
    expect(phoneOf({ model: 'P1', focalMm: 5.43 }, [phone()])).toMatchObject({
      match: 'known',
      meter: { offsetStops: 0.3, slope: 1.7, known: 'curve', residualStops: 0.4 }
    });
    expect(phoneOf({ model: 'P1', focalMm: 2.2 }, [phone()]).match).toBe('other-lens');
    expect(phoneOf({ model: 'P1', focalMm: null }, [phone()]).match).toBe('other-lens');
    expect(phoneOf({ model: 'P1', focalMm: 2.2 }, [phone({ focalMm: null })]).match).toBe('known');
    expect(phoneOf({ model: 'P2', focalMm: 5.4 }, [phone()]).match).toBe('other-phone');
    // a picture that names no phone is by none
    expect(phoneOf({ model: '', focalMm: 5.4 }, [phone({ model: '' })]).match).toBe('other-phone');
    expect(phoneOf({ model: 'P1', focalMm: 5.4 }, []).match).toBe('none-known');
  });
  test('is known as well as it was measured', () => {
    expect(meterOf({ ...DATA, readings: 2 }).known).toBe('not');
    expect(meterOf({ ...DATA, readings: 3 }).known).toBe('offset');
    expect(meterOf({ ...DATA, readings: 6 }).known).toBe('curve');
    // the slope of a phone that was shown one tone is the usual one
    expect(meterOf({ ...DATA, slope: 1.4 }).known).toBe('offset');
  });
});
