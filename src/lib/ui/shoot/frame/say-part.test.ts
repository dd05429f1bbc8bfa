import { describe, expect, it } from 'vitest';
import { PLAIN } from '#core/error/circumstances.ts';
import { sayDistance, sayEye, sayLamp, sayOnLens } from './say-part.ts';

const SMOKE = { name: 'Smoke 2', stops: 2, place: 'lens' } as const;

describe('what is said about a part of the frame', () => {
  it('says what nobody told', () => {
    expect([sayDistance({}), sayEye({}), sayOnLens({}, null), sayLamp({})]).toEqual([
      'not told',
      'the subject',
      'nothing',
      'not told'
    ]);
  });

  it('says the distance as it is taken', () => {
    const at = (subjectM: number) => sayDistance({ circumstances: { ...PLAIN, subjectM } });
    expect([at(2.5), at(12.4), at(Infinity)]).toEqual(['2.5 m', '12 m', 'far away']);
  });

  it('says what the eye sees in stops, and patchy light only where nothing else is said', () => {
    expect(sayEye({ circumstances: { ...PLAIN, eyeOffsetStops: -3 } })).toBe('−3 stops');
    expect(sayEye({ scene: 'uneven' })).toBe('patchy light');
  });

  it('counts the filter on the pack only while it lies there', () => {
    const pack = { name: '', stops: 3, on: true };
    expect(sayOnLens({}, pack)).toBe('grey, 3 stops');
    expect(sayOnLens({}, { ...pack, on: false })).toBe('nothing');
    expect(sayOnLens({ circumstances: { ...PLAIN, filters: [SMOKE], closeUpDioptres: 2 } }, pack)).toBe(
      '2 filters, 2 dioptres'
    );
  });
});
