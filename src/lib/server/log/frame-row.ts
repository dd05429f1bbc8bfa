// Frames as the database keeps them: columns, and what they are read as.
import { array, string } from 'yup';
import { DOUBTS, type Doubt, type Frame } from '#core/log/frame.ts';
import { moment } from '#core/sky/moment.ts';
import { wallClock } from '#core/sky/wall-clock.ts';
import { conditionsFromJson } from '#schema/engine/conditions.ts';
import { choiceFromJson } from '#schema/kit/choice.ts';
import { contrastFromText, lightFromJson, wayFromJson } from '#schema/light/light.ts';
import { notedFromJson } from '#schema/log/noted.ts';
import { remembered } from '#schema/reading/remembered.ts';

/** A row of {@link FRAME_COLUMNS}. */
export interface FrameRow {
  readonly id: string;
  readonly load_id: string;
  readonly number: number;
  readonly taken_at: string;
  readonly taken_zone: string;
  readonly place: string;
  readonly camera_revision: number;
  readonly film_revision: number;
  readonly light_lv: number | null;
  readonly light_sd_stops: number | null;
  readonly light_way: string | null;
  readonly contrast: string | null;
  readonly guess: string | null;
  readonly conditions: string;
  readonly choice: string;
  readonly set_marks: string;
  readonly delta_stops: number | null;
  readonly sd_stops: number | null;
  readonly p_usable: number | null;
  readonly note: string;
  readonly series: string | null;
  readonly timed_seconds: number | null;
  readonly heard_seconds: number | null;
  readonly heard_sd_stops: number | null;
  readonly subject: string;
  readonly reason: string;
  readonly doubts: string;
  readonly revision: number;
  readonly tags: string;
  readonly deleted_at: string | null;
}

/** What is selected of a frame: its row and its tags in their order, as a JSON list. */
export const FRAME_COLUMNS = `frame.*, (select json_group_array(tag) from
  (select tag from frame_tag where frame_id = frame.id order by place)) as tags`;

/** Columns of a frame that may be written, each with the name of its value in {@link frameValues}. */
const COLUMNS = {
  ...{
    load_id: 'loadId',
    number: 'number',
    taken_at: 'takenAt',
    taken_zone: 'takenZone',
    taken_day: 'takenDay'
  },
  ...{ place: 'place', camera_revision: 'cameraRevision', film_revision: 'filmRevision' },
  ...{
    light_lv: 'lv',
    light_sd_stops: 'lightSd',
    light_way: 'way',
    contrast: 'contrast',
    guess: 'guessJson'
  },
  ...{ conditions: 'conditionsJson', choice: 'choiceJson', set_marks: 'setJson' },
  ...{ delta_stops: 'deltaStops', sd_stops: 'sdStops', p_usable: 'pUsable', note: 'note', series: 'series' },
  ...{ timed_seconds: 'timedSeconds', heard_seconds: 'heardSeconds', heard_sd_stops: 'heardSdStops' },
  ...{ subject: 'subject', reason: 'reason' },
  ...{ doubts: 'doubtsJson', revision: 'revision', deleted_at: 'deletedAt' }
} as const;
const NAMES = Object.keys(COLUMNS);
const VALUES = Object.values(COLUMNS);

/** Columns of a frame, and the names of their values in {@link frameValues}, for an insert. */
export const FRAME_NAMES = ['id', ...NAMES].join(', ');
/** @see FRAME_NAMES */
export const FRAME_VALUE_NAMES: readonly string[] = ['id', ...VALUES];
/** @see FRAME_NAMES */
export const FRAME_VALUES = FRAME_VALUE_NAMES.map((name) => `:${name}`).join(', ');
/** The columns with their values, for an update of one row. */
export const FRAME_SETS = Object.entries(COLUMNS)
  .map(([column, value]) => `${column} = :${value}`)
  .join(', ');

/** The values of a frame's row. */
export function frameValues(
  frame: Frame,
  deletedAt: string | null
): Readonly<Record<string, string | number | null>> {
  const { id, loadId, number, takenAt, place, cameraRevision, filmRevision, light, expected, note } = frame;
  const { series, timedSeconds, heardSeconds, heardSdStops, about, revision } = frame;
  return {
    ...{ id, loadId, number, place, cameraRevision, filmRevision, note, series, timedSeconds },
    ...{ heardSeconds, heardSdStops },
    ...{ takenAt: takenAt.at, takenZone: takenAt.zone },
    takenDay: wallClock(Date.parse(takenAt.at), takenAt.zone).date,
    ...{ lv: light?.lv ?? null, lightSd: light?.sdStops ?? null, contrast: light?.contrast ?? null },
    way: light && JSON.stringify(light.way),
    ...{ deltaStops: expected?.deltaStops ?? null, sdStops: expected?.sdStops ?? null },
    ...{ pUsable: expected?.pUsable ?? null, deletedAt, revision },
    ...{ subject: about.subject, reason: about.reason },
    guessJson: frame.guess === null ? null : JSON.stringify(frame.guess),
    conditionsJson: JSON.stringify(frame.conditions),
    choiceJson: JSON.stringify(frame.choice),
    setJson: JSON.stringify(frame.set),
    doubtsJson: JSON.stringify(frame.doubts)
  };
}

/** A frame with its place in the trash. */
export interface StoredFrame extends Frame {
  /** UTC, ISO 8601; null while it is not deleted. */
  readonly deletedAt: string | null;
}

const wordsSchema = array(string().required()).required();
const wayOf = remembered(wayFromJson);
const lightOf = remembered(lightFromJson);
const conditionsOf = remembered(conditionsFromJson);
const choiceOf = remembered(choiceFromJson);
const setOf = remembered(notedFromJson);
const wordsOf = remembered((text: string): readonly string[] => wordsSchema.validateSync(JSON.parse(text)));
const doubtsOf = remembered((text: string): readonly Doubt[] =>
  DOUBTS.filter((doubt) => wordsOf(text).includes(doubt))
);

/** The frame of a row. */
export function frameFromRow(row: FrameRow): StoredFrame {
  const { light_lv: lv, light_sd_stops: lightSd, light_way: way, contrast } = row;
  const { delta_stops: deltaStops, sd_stops: sdStops, p_usable: pUsable } = row;
  return {
    ...{ id: row.id, loadId: row.load_id, number: row.number, place: row.place },
    takenAt: moment(row.taken_at, row.taken_zone),
    ...{ cameraRevision: row.camera_revision, filmRevision: row.film_revision },
    light:
      lv === null || lightSd === null || way === null || contrast === null
        ? null
        : { lv, sdStops: lightSd, way: wayOf(way), contrast: contrastFromText(contrast) },
    guess: row.guess === null ? null : lightOf(row.guess),
    ...{ conditions: conditionsOf(row.conditions), choice: choiceOf(row.choice), set: setOf(row.set_marks) },
    expected:
      deltaStops === null || sdStops === null || pUsable === null ? null : { deltaStops, sdStops, pUsable },
    ...{ note: row.note, series: row.series },
    ...{ timedSeconds: row.timed_seconds, heardSeconds: row.heard_seconds },
    heardSdStops: row.heard_sd_stops,
    about: { subject: row.subject, reason: row.reason, tags: wordsOf(row.tags) },
    ...{ doubts: doubtsOf(row.doubts), revision: row.revision, deletedAt: row.deleted_at }
  };
}

/** Words in small letters without accents, as they are searched. */
export function folded(text: string): string {
  return text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
}

/** Everything that is written about a frame, folded. */
export function wordsOfFrame({ note, about, place }: Pick<Frame, 'note' | 'about' | 'place'>): string {
  return folded(
    [note, about.subject, about.reason, place, ...about.tags].filter((s) => s !== '').join(' · ')
  );
}
