import { filterFromQuery, type FrameFilter } from '#schema/log/frame-filter.ts';
import { attachment, today } from '#server/files/attachment.ts';
import { csvLines, type CsvFrame } from '#server/files/csv.ts';
import { streamOf } from '#server/files/export-rows.ts';
import { problem } from '#server/http/problem.ts';
import { takenWith } from '#server/log/taken-with.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Frames read at a time. */
const PAGE = 500;

/** The frames that fit a filter, page by page, newest first. */
function* rowsOf(filter: FrameFilter): Generator<CsvFrame> {
  const s = store();
  const look = takenWith(s);
  let after: FrameFilter['after'] = null;
  for (;;) {
    const { frames, more } = s.search.find({ ...filter, after }, PAGE);
    const judgements = new Map(s.judgements.ofFrames(frames.map((f) => f.id)).map((j) => [j.frameId, j]));
    for (const frame of frames) {
      const taken = look(frame);
      yield {
        frame,
        ...{ camera: taken?.camera ?? null, film: taken?.film ?? null },
        judgement: judgements.get(frame.id) ?? null
      };
    }
    const last = frames.at(-1);
    if (!more || !last) return;
    after = { takenAt: last.takenAt.at, id: last.id };
  }
}

/** Frames as CSV. */
export const GET: RequestHandler = ({ url }) => {
  const { filter, problems } = filterFromQuery(url.searchParams);
  if (problems.length > 0) return problem(422, 'bad-filter', 'Bad filter', problems.join(' '));
  return attachment(
    streamOf(csvLines(rowsOf(filter)), '\r\n'),
    `frames-${today()}.csv`,
    'text/csv; charset=utf-8; header=present'
  );
};
