// Marks of daily life on the scale of light. Common practice, no source; each may be a stop off either way.

/** A named mark. `rank` 1 is kept when there is room for few names only. */
export interface NamedMark {
  readonly lv: number;
  readonly name: string;
  readonly rank: 1 | 2;
}

/** Darkest first. */
export const NAMED_MARKS: readonly NamedMark[] = [
  { lv: -7, name: 'starlight', rank: 2 },
  { lv: -3, name: 'moonlit field', rank: 1 },
  { lv: 0, name: 'last dusk', rank: 2 },
  { lv: 3, name: 'street lamps', rank: 1 },
  { lv: 5.5, name: 'living room', rank: 1 },
  { lv: 7.5, name: 'shop window', rank: 2 },
  { lv: 9.6, name: 'deep shade', rank: 1 },
  { lv: 11.6, name: 'overcast', rank: 1 },
  { lv: 13.2, name: 'hazy', rank: 2 },
  { lv: 14.6, name: 'full sun', rank: 1 },
  { lv: 16, name: 'snow', rank: 1 }
];
