import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { Camera } from './camera.ts';
import { choiceOfMarks, notedMarks } from './noted.ts';
import { allSettings } from './setting.ts';
import { SCALES } from '../error/pairs.test.fixtures.ts';
import { marksLine } from '../log/border-note.ts';

/** The camera with one more mark at the head of its first lever. */
const inserted: Camera = {
  ...SCALES,
  controls: SCALES.controls.map((c, i) =>
    c.kind === 'marked' && i === SCALES.controls.findIndex((d) => d.kind === 'marked')
      ? {
          ...c,
          positions: [
            { mark: 'haze', symbol: null, value: (c.positions[0]?.value ?? 1) * 1.1 },
            ...c.positions
          ]
        }
      : c
  )
};

describe('what was set, by itself', () => {
  test('a mark put in before the others does not change what was noted', () => {
    const noted = notedMarks(SCALES, {}) ?? [];
    const [first] = SCALES.controls;
    expect(noted[0]?.control).toBe(first?.id);
    expect(marksLine(noted)).not.toContain('haze');
    // by position it would
    expect(marksLine(notedMarks(inserted, {}) ?? [])).toContain('haze');
  });
  test('the controls stand at the same marks after the sheet was changed, wherever these are now', () => {
    const settings = allSettings(SCALES, {}, true);
    fc.assert(
      fc.property(fc.nat(settings.length - 1), (i) => {
        const choice = settings[i]?.choice ?? {};
        const noted = notedMarks(SCALES, choice) ?? [];
        expect(marksLine(notedMarks(inserted, choiceOfMarks(inserted, noted)) ?? [])).toBe(marksLine(noted));
        expect(choiceOfMarks(SCALES, noted)).toEqual(choice);
      })
    );
  });
  test('a mark that is gone is left out: how that control stands is not known', () => {
    const noted = notedMarks(inserted, {}) ?? [];
    const [first] = SCALES.controls;
    expect(Object.keys(choiceOfMarks(SCALES, noted))).not.toContain(first?.id);
  });
  test('a place that the camera lacks is no setting', () =>
    expect(notedMarks(SCALES, { [SCALES.controls[0]?.id ?? '']: 99 })).toBeNull());
});
