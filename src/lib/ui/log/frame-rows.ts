// The rows of the table of frames, and what they are sorted by.
import {
  createSortedRowModel,
  rowSelectionFeature,
  rowSortingFeature,
  sortFn_basic,
  sortFn_text,
  tableFeatures,
  type ColumnDef
} from '@tanstack/svelte-table';
import { borderExtras, frameMarks } from '#core/log/border-note.ts';
import type { Frame } from '#core/log/frame.ts';
import type { Judgement } from '#core/learn/judgement.ts';
import { formatLv } from '#core/units/stops.ts';
import { sayJudgement } from '../learn/say-learn.ts';
import { chanceInHundred, sayError } from '../text/say.ts';
import { sayWhen } from './say-frame.ts';

/** A frame as its row says it. */
export interface FrameRow {
  readonly frame: Frame;
  /** What stands in each column. */
  readonly says: Readonly<Record<FrameColumn, string>>;
}

/** The columns, in their order. */
export const FRAME_COLUMNS = {
  number: 'No.',
  when: 'When',
  film: 'Film, camera',
  set: 'Set',
  lv: 'LV',
  expected: 'Expected',
  out: 'Came out',
  subject: 'Subject, note',
  tags: 'Tags'
} as const;
/** @see FRAME_COLUMNS */
export type FrameColumn = keyof typeof FRAME_COLUMNS;
/** @see FRAME_COLUMNS */
export const FRAME_COLUMN_NAMES = [
  ...(['number', 'when', 'film', 'set', 'lv', 'expected', 'out', 'subject', 'tags'] as const)
] satisfies readonly FrameColumn[];

/** Columns of figures. */
export const FIGURES: readonly FrameColumn[] = ['number', 'lv'];

/** The names of what a frame was taken with. */
export interface TakenNames {
  readonly camera: { readonly name: string };
  readonly film: { readonly name: string };
}

/** The row of a frame. @param taken what it was taken with; null = that is not stored */
export function frameRow(frame: Frame, taken: TakenNames | null, judgement: Judgement | undefined): FrameRow {
  const { expected, about } = frame;
  return {
    frame,
    says: {
      number: String(frame.number),
      when: sayWhen(frame.takenAt),
      film: taken ? `${taken.film.name}, ${taken.camera.name}` : 'gone from the kit',
      set: [frameMarks(frame), ...borderExtras(frame)].join(' · '),
      lv: frame.light ? formatLv(frame.light.lv) : 'not told',
      expected: expected ? `${sayError(expected.deltaStops)}, ${chanceInHundred(expected.pUsable)}` : '',
      out: judgement ? sayJudgement(judgement) : '',
      subject: [about.subject, frame.note].filter((s) => s !== '').join(' · '),
      tags: about.tags.join(', ')
    }
  };
}

/** What the table can do: sort, and choose rows. */
export const FRAME_FEATURES = tableFeatures({
  ...{ rowSortingFeature, rowSelectionFeature, sortedRowModel: createSortedRowModel() },
  sortFns: { basic: sortFn_basic, text: sortFn_text }
});

/** What a column is sorted by; what was not told comes last either way. */
function sortedBy(column: FrameColumn, { frame, says }: FrameRow): number | string | undefined {
  switch (column) {
    case 'number':
      return frame.number;
    case 'when':
      return Date.parse(frame.takenAt.at);
    case 'lv':
      return frame.light?.lv;
    case 'expected':
      return frame.expected?.pUsable;
    case 'film':
    case 'set':
    case 'out':
    case 'subject':
    case 'tags':
      return says[column] === '' ? undefined : says[column];
  }
}

/** The columns as the table takes them. */
export const FRAME_DEFS: ColumnDef<typeof FRAME_FEATURES, FrameRow>[] = FRAME_COLUMN_NAMES.map((column) => ({
  id: column,
  header: FRAME_COLUMNS[column],
  accessorFn: (row: FrameRow) => sortedBy(column, row),
  sortFn: ['number', 'when', 'lv', 'expected'].includes(column) ? ('basic' as const) : ('text' as const),
  sortUndefined: 'last' as const,
  sortDescFirst: false
}));
