// A camera's sheet while it is being filled in: the texts, the camera they make so far, and what is wrong or doubtful.
import type { Camera } from '#core/camera/camera.ts';
import { programKindOf, SHEET_ENTRIES } from '#core/camera/kinds/entries.ts';
import type { ProgramKindName } from '#core/camera/kinds/programs.ts';
import type { Sheet } from '#core/camera/kinds/sheet-texts.ts';
import { filledSheet } from '#schema/sheet/entry.ts';
import type { FieldFault } from '#schema/reading/parse.ts';
import { doubtsOf, type Doubt } from '#schema/sheet/sheet-doubts.ts';
import { readSheet } from '#schema/sheet/sheet-read.ts';
import { typicalSheet } from '#schema/sheet/sheet.ts';

/** The sheet in the form. */
export class Draft {
  #texts = $state.raw<Sheet>({});
  /** Faults that the server named, until their field is changed. */
  #told = $state.raw<readonly FieldFault[]>([]);
  readonly #before: Camera | null;

  /** The camera that the texts make; null while something is wrong. */
  readonly camera: Camera | null = $derived.by(() => {
    const read = readSheet(filledSheet(this.#texts), this.#before?.id ?? 'draft', this.#before);
    return read.ok ? read.value : null;
  });
  /** What is wrong with the texts as they stand. */
  readonly wrong: readonly FieldFault[] = $derived.by(() => {
    const read = readSheet(filledSheet(this.#texts), 'draft', this.#before);
    return read.ok ? [] : read.error;
  });
  readonly doubts: readonly Doubt[] = $derived(doubtsOf(this.#texts));

  /** @param texts to start with @param told faults that the server named @param before the camera that is being changed */
  constructor(texts: Sheet, told: readonly FieldFault[], before: Camera | null = null) {
    this.#texts = texts;
    this.#told = told;
    this.#before = before;
  }

  /** The name of the entry that it was begun with. */
  get has(): string {
    return SHEET_ENTRIES.find(({ name }) => name === this.#texts['has'])?.name ?? 'symbols';
  }

  /** Who sets the exposure, by what was said so far. */
  get program(): ProgramKindName {
    return programKindOf(this.has, this);
  }

  /** Takes up another kind: what was said about the last one does not fit it. */
  choose(has: string): void {
    this.#texts = { ...typicalSheet(has), has };
    this.#told = [];
  }

  /** What a field says. */
  text(field: string): string {
    return this.#texts[field] ?? typicalSheet(this.has)[field] ?? '';
  }

  say(field: string, text: string): void {
    this.#texts = { ...this.#texts, [field]: text };
    this.#told = this.#told.filter((f) => f.field !== field);
  }

  /** What the server answered to the form as it was sent. */
  hear(faults: readonly FieldFault[]): void {
    this.#told = faults;
  }

  fault(field: string): string {
    return this.#told
      .filter((f) => f.field === field)
      .map((f) => f.message)
      .join(' ');
  }

  doubt(field: string): Doubt | null {
    return this.doubts.find((d) => d.field === field) ?? null;
  }
}
