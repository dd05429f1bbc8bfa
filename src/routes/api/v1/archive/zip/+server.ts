import { attachment, today } from '#server/files/attachment.ts';
import { LINES_NAME, SCANS_FOLDER } from '#server/files/formats/zip/unzip.ts';
import { zipStream, type ZipPart } from '#server/files/formats/zip/zip-out.ts';
import { ENDING } from '#server/scans/intake.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

/** Everything with the scans as they came. */
export const GET: RequestHandler = () => {
  const s = store();
  const parts: readonly ZipPart[] = [
    { name: LINES_NAME, lines: s.archive() },
    ...s.scans.list().map((scan) => ({
      name: `${SCANS_FOLDER}${scan.id}.${ENDING[scan.type]}`,
      path: s.intake.pathOf(scan, 'original')
    }))
  ];
  return attachment(zipStream(parts), `just-enough-${today()}.zip`, 'application/zip');
};
