// What the columns for people do not say whole: cells of a table of our own that hold it as JSON, and come back as they were.
import type { Conditions } from '#core/error/situation.ts';
import type { Development } from '#core/log/load.ts';
import { err, ok, type Result } from '#core/numeric/result.ts';
import type { LightChoice } from '#core/ways/choice.ts';
import { conditionsFromJson } from '#schema/engine/conditions.ts';
import { judgementLineFrom, type JudgementLine } from '#schema/files/frame-line.ts';
import { developmentFromJson } from '#schema/kit/load.ts';
import { lightFromJson } from '#schema/light/light.ts';
import { KEPT } from './columns.ts';
import { cellOf, type CsvMapping } from './csv.ts';

type Cells = Readonly<Record<string, string>>;

/** A cell that holds something as JSON. @returns null where it is empty; else what is wrong with it, by its column */
function kept<T>(
  cells: Cells,
  column: string,
  instead: string,
  from: (text: string) => T
): Result<T | null, string> {
  const text = (cells[column] ?? '').trim();
  if (text === '') return ok(null);
  try {
    return ok(from(text));
  } catch {
    return err(
      `${column}: “${text.slice(0, 40)}” is not as this program writes it. Leave the cell empty${instead}.`
    );
  }
}

/**
 * The light of a row as it was kept.
 * @returns null where the row has none, or its figure for people says something else: that one was meant; else what is wrong with it
 */
export function lightAsKept(
  cells: Cells,
  mapping: CsvMapping,
  field: 'light' | 'guess'
): Result<LightChoice | null, string> {
  const light = kept(cells, KEPT[field], ' and give an LV', lightFromJson);
  if (!light.ok || light.value === null) return light;
  return ok(cellOf(cells, mapping, field).trim() === String(light.value.lv) ? light.value : null);
}

/** How a frame was taken: support, filters, flash, distance and the rest. @returns null where the row does not say */
export function conditionsAsKept(cells: Cells): Result<Conditions | null, string> {
  return kept(cells, KEPT.conditions, '', conditionsFromJson);
}

/** The judgement of a row, of the frame that it becomes. @returns null where it was not judged */
export function judgementAsKept(cells: Cells, frameId: string): Result<JudgementLine | null, string> {
  return kept(cells, KEPT.judgement, ' and judge the frame', (text) => {
    const value: unknown = JSON.parse(text);
    return judgementLineFrom({ ...Object(value), frameId });
  });
}

/** How the film of a row was developed. @returns null where the row does not say */
export function developmentAsKept(cells: Cells): Result<Development | null, string> {
  return kept(cells, KEPT.development, ' and write it up with the film', developmentFromJson);
}
