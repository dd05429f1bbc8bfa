// Cells that a spreadsheet would run, made harmless, and back.

/** What a spreadsheet takes for a formula, with whatever blank or sign without width it skips before. */
const FORMULA = /^(?:[\t\r]|[\s\p{Cf}\p{Zs}]*[=+\-@＝＋－＠])/u;

/** Whether a text is a formula behind its apostrophes, if it has any. */
const isFormula = (text: string): boolean => {
  const bare = text.replace(/^'+/, '');
  return FORMULA.test(bare) && !(bare === text && /^[+-]?\d+(\.\d+)?$/.test(text));
};

/** A cell that a spreadsheet would take for a formula begins with an apostrophe: it is a text then. */
export const harmless = (text: string): string => (isFormula(text) ? `'${text}` : text);

/** A text as it was before {@link harmless}. */
export const unharmed = (text: string): string =>
  text.startsWith("'") && isFormula(text) ? text.slice(1) : text;
