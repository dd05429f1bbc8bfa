import { json } from '@sveltejs/kit';
import { scanEditSchema } from '#schema/log/scan.ts';
import { readBody } from '#server/http/json-body.ts';
import { problem } from '#server/http/problem.ts';
import { noScan, scanProblem } from '#server/scans/problem.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Shows a scan otherwise (turned, cropped, a negative as a positive), or gives it to another film. */
export const PATCH: RequestHandler = async ({ request, params }) => {
  const edit = await readBody(request, scanEditSchema);
  if (edit instanceof Response) return edit;
  const { scans, intake } = store();
  const scan = scans.find(params.id);
  if (!scan || scan.deletedAt !== null) return noScan();
  if (edit.shown) {
    const shown = await intake.show(scan, edit.shown);
    if (!shown.ok) return scanProblem(scan.name, shown.error);
  }
  if (edit.loadId !== undefined && edit.loadId !== scan.loadId && !scans.move(scan.id, edit.loadId))
    return problem(
      409,
      'not-moved',
      'The scan was not moved',
      `That film is not there any more, or has “${scan.name}” already.`
    );
  return json(scans.find(params.id));
};

/** Moves a scan to the trash. */
export const DELETE: RequestHandler = ({ params }) => {
  const scan = store().scans.find(params.id);
  if (!scan) return noScan();
  store().scans.remove(params.id, new Date().toISOString());
  return json(scan);
};
