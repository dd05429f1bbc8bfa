// A light of a table of our own, with how it was found: it comes back whole unless somebody changed its figure.
import { err, ok, type Result } from '#core/numeric/result.ts';
import type { LightChoice } from '#core/ways/choice.ts';
import { lightFromJson } from '#schema/light/light.ts';
import { cellOf, KEPT_COLUMNS, type CsvMapping } from './csv.ts';

const COLUMN = { light: KEPT_COLUMNS[0], guess: KEPT_COLUMNS[1] } as const;

/**
 * The light of a row as it was kept.
 * @returns null where the row has none, or its figure for people says something else: that one was meant; else what is wrong with it
 */
export function lightAsKept(
  cells: Readonly<Record<string, string>>,
  mapping: CsvMapping,
  field: 'light' | 'guess'
): Result<LightChoice | null, string> {
  const text = (cells[COLUMN[field]] ?? '').trim();
  if (text === '') return ok(null);
  try {
    const kept = lightFromJson(text);
    const said = cellOf(cells, mapping, field).trim();
    return ok(said === String(kept.lv) ? kept : null);
  } catch {
    return err(
      `${COLUMN[field]}: “${text.slice(0, 40)}” is no light as this program writes it. Leave the cell empty and give an LV.`
    );
  }
}
