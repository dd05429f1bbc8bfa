import { describe, expect, test } from 'vitest';
import { PLAIN } from '#core/error/circumstances.ts';
import type { Conditions } from '#core/error/situation.ts';
import { ASKED_KEY, askedFromQuery, textFromAsked } from './asked-query.ts';
import { NOTE_READERS } from './note-readers.ts';

const through = (asked: Conditions) =>
  askedFromQuery(new URLSearchParams({ [ASKED_KEY]: textFromAsked(asked) }), NOTE_READERS);

describe('what was asked of a frame, in the address', () => {
  test.each<Conditions>([
    { purpose: 'stop-motion', motion: { metresPerSecond: 8, way: 'across' } },
    { support: 'standing', scene: 'uneven' },
    { support: 'leaning', distanceBy: 'paces' },
    {
      circumstances: {
        ...PLAIN,
        subjectM: 2.5,
        exposures: 3,
        filters: [{ name: 'orange', stops: 2, place: 'lens' }]
      }
    }
  ])('comes back as it went: %j', (asked) => {
    expect(through(asked)).toEqual({ asked, problems: [] });
  });

  test('nothing asked writes nothing, and nothing written asks nothing', () => {
    expect(textFromAsked({})).toBe('');
    expect(askedFromQuery(new URLSearchParams('lv=12'), NOTE_READERS)).toEqual({ asked: {}, problems: [] });
  });

  test.each(['{', '"fast"', '{"purpose":"speed"}', '{"supported":"yes"}', '{"motion":{"way":"up"}}', 'null'])(
    'what is not understood is told, and plain conditions are shown: %s',
    (text) => {
      const { asked, problems } = askedFromQuery(new URLSearchParams({ [ASKED_KEY]: text }), NOTE_READERS);
      expect(asked).toEqual({});
      expect(problems).toHaveLength(1);
      expect(problems[0]).toContain('purpose, distance, filters, support');
    }
  );
});
