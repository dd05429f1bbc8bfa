// Sizes of a pocket card and of the paper it is printed on.

/** A6, or the size of a bank card (ISO/IEC 7810 ID-1: 85.6 × 54 mm), folded. */
export const CARD_SIZES = ['bank', 'a6'] as const;
/** @see CARD_SIZES */
export type CardSize = (typeof CARD_SIZES)[number];

/** Paper. */
export const PAPERS = ['a4', 'letter'] as const;
/** @see PAPERS */
export type Paper = (typeof PAPERS)[number];

/** Cards on one sheet, unfolded beside each other. */
export const ON_A_SHEET: Readonly<Record<CardSize, number>> = { bank: 4, a6: 1 };

/** Most lights and long exposures that each size has room for, and whether the checks are on it. */
export const ROOM: Readonly<
  Record<CardSize, { readonly lights: number; readonly seconds: number; readonly checks: boolean }>
> = { bank: { lights: 12, seconds: 6, checks: false }, a6: { lights: 12, seconds: 9, checks: true } };
