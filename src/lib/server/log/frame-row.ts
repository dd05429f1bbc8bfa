// Frames as the database keeps them: columns, and what they are read as.
import { array, string } from 'yup';
import type { Frame } from '#core/log/frame.ts';
import { choiceFromJson } from '#schema/kit/choice.ts';
import { conditionsFromJson } from '#schema/engine/conditions.ts';
import { contrastFromText, lightFromJson, wayFromJson } from '#schema/light/light.ts';
import { remembered } from '#schema/reading/remembered.ts';

/** A row of {@link FRAME_COLUMNS}. */
export interface FrameRow {
  readonly id: string;
  readonly load_id: string;
  readonly number: number;
  readonly logged_at: string;
  readonly light_lv: number;
  readonly light_sd_stops: number;
  readonly light_way: string;
  readonly contrast: string;
  readonly guess: string | null;
  readonly conditions: string;
  readonly choice: string;
  readonly delta_stops: number;
  readonly sd_stops: number;
  readonly p_usable: number;
  readonly note: string;
  readonly series: string | null;
  readonly timed_seconds: number | null;
  readonly subject: string;
  readonly reason: string;
  readonly tags: string;
  readonly deleted_at: string | null;
}

/** What is selected of a frame: its row and its tags in their order, as a JSON list. */
export const FRAME_COLUMNS = `frame.*, (select json_group_array(tag) from
  (select tag from frame_tag where frame_id = frame.id order by place)) as tags`;

/** Columns of a frame that are written, and the names of their values in {@link frameValues}. */
export const FRAME_NAMES = `id, load_id, number, logged_at, camera_revision, light_lv, light_sd_stops, light_way, contrast,
  guess, conditions, choice, delta_stops, sd_stops, p_usable, note, series, timed_seconds, subject, reason, deleted_at`;
/** @see FRAME_NAMES */
export const FRAME_VALUES = `:id, :loadId, :number, :loggedAt, :cameraRevision, :lv, :lightSd, :way, :contrast,
  :guessJson, :conditionsJson, :choiceJson, :deltaStops, :sdStops, :pUsable, :note, :series, :timedSeconds, :subject,
  :reason, :deletedAt`;

/** The values of a frame's row. */
export function frameValues(
  frame: Frame,
  cameraRevision: number,
  deletedAt: string | null
): Readonly<Record<string, string | number | null>> {
  const { id, loadId, number, loggedAt, deltaStops, sdStops, pUsable, note, series, timedSeconds } = frame;
  const { lv, sdStops: lightSd, way, contrast } = frame.light;
  return {
    ...{ id, loadId, number, loggedAt, cameraRevision, lv, lightSd, contrast },
    ...{ deltaStops, sdStops, pUsable, note, series, timedSeconds, deletedAt },
    ...{ subject: frame.about.subject, reason: frame.about.reason },
    way: JSON.stringify(way),
    guessJson: frame.guess === null ? null : JSON.stringify(frame.guess),
    conditionsJson: JSON.stringify(frame.conditions),
    choiceJson: JSON.stringify(frame.choice)
  };
}

/** A frame with its place in the trash. */
export interface StoredFrame extends Frame {
  /** UTC, ISO 8601; null while it is not deleted. */
  readonly deletedAt: string | null;
}

const tagsSchema = array(string().required()).required();
const wayOf = remembered(wayFromJson);
const lightOf = remembered(lightFromJson);
const conditionsOf = remembered(conditionsFromJson);
const choiceOf = remembered(choiceFromJson);
const tagsOf = remembered((text: string): readonly string[] => tagsSchema.validateSync(JSON.parse(text)));

/** The frame of a row. */
export function frameFromRow(row: FrameRow): StoredFrame {
  return {
    ...{ id: row.id, loadId: row.load_id, number: row.number, loggedAt: row.logged_at },
    light: {
      ...{ lv: row.light_lv, sdStops: row.light_sd_stops },
      ...{ way: wayOf(row.light_way), contrast: contrastFromText(row.contrast) }
    },
    guess: row.guess === null ? null : lightOf(row.guess),
    ...{ conditions: conditionsOf(row.conditions), choice: choiceOf(row.choice) },
    ...{ deltaStops: row.delta_stops, sdStops: row.sd_stops, pUsable: row.p_usable },
    ...{ note: row.note, series: row.series, timedSeconds: row.timed_seconds },
    about: { subject: row.subject, reason: row.reason, tags: tagsOf(row.tags) },
    deletedAt: row.deleted_at
  };
}

/** Words in small letters without accents, as they are searched. */
export function folded(text: string): string {
  return text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
}

/** Everything that is written about a frame, folded. */
export function wordsOfFrame({ note, about }: Pick<Frame, 'note' | 'about'>): string {
  return folded([note, about.subject, about.reason, ...about.tags].filter((s) => s !== '').join(' · '));
}
