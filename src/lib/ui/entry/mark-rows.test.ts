import { describe, expect, it } from 'vitest';
import { readMarks } from '#core/camera/marks.ts';
import { changedIn, groupsOf, groupsText, meansSomething, rowsOf, textOf, withMarks } from './mark-rows.ts';

describe('the marks of a control as rows', () => {
  it.each(['2.8 4 5.6 8', 'sun=13 cloud=9', 'N=1/90 B', '-1 0 +1', 'person=1.2 mountain=∞'])(
    'what a sheet says comes back as it was: %s',
    (text) => expect(textOf(rowsOf(text))).toBe(text)
  );

  it('what was measured stays with its mark while marks are typed, moved and taken away', () => {
    const rows = rowsOf('sun=13 cloud=9');
    expect(textOf(withMarks(rows, 'cloud sun moon'))).toBe('cloud=9 sun=13 moon');
    expect(textOf(withMarks(rows, 'cloud=8 sun'))).toBe('cloud=8 sun=13');
  });

  it('a value between two is written so that a sheet reads it', () => {
    const text = textOf([
      { mark: 'sun', measured: 'between 16 and 22' },
      { mark: 'cloud', measured: ' 1 1 ' }
    ]);
    expect(text).toBe('sun=16–22 cloud=11');
    expect(readMarks('aperture', text).ok).toBe(true);
  });

  it('a number means something by itself, a symbol does not', () => {
    expect(['8', 'f/5.6', 'sun', 'cloud'].map((m) => meansSomething('aperture', m))).toEqual([
      true,
      true,
      false,
      false
    ]);
    expect(['B', 't', '125', 'N'].map((m) => meansSomething('time', m))).toEqual([true, true, true, false]);
  });
});

describe('marks in groups', () => {
  it('come back as they were', () => {
    const text = 'white: 200 100 60 | red: 15 8 4';
    expect(groupsText(groupsOf(text) ?? [])).toBe(text);
    expect(groupsOf('2.8 4')).toBeNull();
  });

  it('a name cannot break the text', () => {
    expect(
      groupsText([
        { name: 'a|b: c', marks: '8 4' },
        { name: '', marks: '2' }
      ])
    ).toBe('a b  c: 8 4 | : 2');
  });
});

it('another reading is told by the marks that differ, without the signs that part groups', () => {
  expect(changedIn('white: 200 100 | red: 15 8 4', 'white: 200 100 | red: 15s 8s 4s')).toBe('15s 8s 4s');
  expect(changedIn('18 21 24', '18° 21° 24°')).toBe('18° 21° 24°');
});
