import { filterFromQuery } from '#schema/log/frame-filter.ts';
import { attachment, today } from '#server/files/attachment.ts';
import { csvLines, type CsvFrame } from '#server/files/csv.ts';
import { streamOf } from '#server/files/export-rows.ts';
import { searchOf } from '#server/log/found.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Frames read at a time. */
const PAGE = 500;

/** The frames that fit a filter, page by page, newest first. */
function* rowsOf(params: URLSearchParams): Generator<CsvFrame> {
  const s = store();
  const zone = s.settings.read().place?.zone ?? 'UTC';
  const filter = searchOf(filterFromQuery(params).filter, zone);
  let after: (typeof filter)['after'] = null;
  for (;;) {
    const { frames, more } = s.search.find({ ...filter, after }, PAGE);
    const judgements = new Map(s.judgements.ofFrames(frames.map((f) => f.id)).map((j) => [j.frameId, j]));
    for (const frame of frames) {
      const load = s.loads.find(frame.loadId);
      yield {
        frame,
        camera: load ? (s.cameras.find(load.cameraId)?.camera ?? null) : null,
        film: load ? s.films.find(load.filmId) : null,
        judgement: judgements.get(frame.id) ?? null
      };
    }
    const last = frames.at(-1);
    if (!more || !last) return;
    after = { loggedAt: last.loggedAt, id: last.id };
  }
}

/** Frames as CSV. */
export const GET: RequestHandler = ({ url }) =>
  attachment(
    streamOf(csvLines(rowsOf(url.searchParams)), '\r\n'),
    `frames-${today()}.csv`,
    'text/csv; charset=utf-8; header=present'
  );
