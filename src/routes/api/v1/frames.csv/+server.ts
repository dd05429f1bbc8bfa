import { filterFromQuery, type FrameFilter } from '#schema/log/frame-filter.ts';
import { attachment, today } from '#server/files/attachment.ts';
import { csvHeader, csvLine } from '#server/files/formats/csv/write.ts';
import { streamOf } from '#server/files/export-rows.ts';
import { problem } from '#server/http/problem.ts';
import type { FoundFrames } from '#server/log/frame-search.ts';
import { takenWith } from '#server/log/taken-with.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Frames read at a time. */
const PAGE = 500;

/** The lines of the frames that fit a filter, page by page, newest first. */
async function* linesOf(filter: FrameFilter): AsyncGenerator<string> {
  const s = store();
  const look = takenWith(s);
  yield csvHeader();
  let after: FrameFilter['after'] = null;
  for (;;) {
    const { frames, more }: FoundFrames = await s.reading.ask('frames', {
      filter: { ...filter, after },
      most: PAGE
    });
    const judgements = new Map(s.judgements.ofFrames(frames.map((f) => f.id)).map((j) => [j.frameId, j]));
    for (const frame of frames) {
      const taken = look(frame);
      yield csvLine({
        frame,
        ...{ camera: taken?.camera ?? null, film: taken?.film ?? null },
        judgement: judgements.get(frame.id) ?? null,
        development: taken?.load.development ?? null
      });
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
    streamOf(linesOf(filter), '\r\n'),
    `frames-${today()}.csv`,
    'text/csv; charset=utf-8; header=present'
  );
};
