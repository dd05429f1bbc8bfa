// Why a scan was not taken, in words: what it is, and what would be taken.
import { assertNever } from '#core/numeric/result.ts';
import type { ScanType } from '#core/log/scan.ts';
import { problem } from '../http/problem.ts';
import { MOST_BYTES, type ScanRefusal } from './intake.ts';
import { MOST_PIXELS } from './pictures.ts';

const TAKEN = 'JPEG, PNG, TIFF and WebP are taken.';
const TYPE_NAMES: Readonly<Record<ScanType, string>> = {
  jpeg: 'JPEG',
  png: 'PNG',
  tiff: 'TIFF',
  webp: 'WebP'
};

/** The words for it. @param name as the file was called */
export function explainScanRefusal(name: string, refusal: ScanRefusal): string {
  switch (refusal.fault) {
    case 'no-picture':
      return `“${name}” is ${refusal.is === null ? 'no picture that is known here' : `of the kind ${refusal.is}`}. ${TAKEN}`;
    case 'other-name':
      return `“${name}” is a ${TYPE_NAMES[refusal.is]} by its contents. Give it the ending of what it is, then it is taken.`;
    case 'broken':
      return `“${name}” ends before the picture does, or is damaged. Scan or copy it again.`;
    case 'too-many-pixels':
      return `“${name}” has more than ${MOST_PIXELS / 1e6} million pixels. Save it smaller.`;
    case 'colours':
      return `“${name}” is in ${refusal.is}, the colours of a printing press or a laboratory. Save it as RGB or grey.`;
    case 'bits':
      return `“${name}” has 32 bits a colour, or parts of numbers. Save it with 8 or 16 bits.`;
    case 'pages':
      return `“${name}” moves, or has several pages. Save one picture alone.`;
    case 'too-large':
      return `“${name}” is larger than ${MOST_BYTES / 1024 / 1024} MB. Save it smaller.`;
    case 'empty':
      return `“${name}” is empty.`;
    case 'same':
      return `“${name}” is here already, as “${refusal.as}”.`;
    default:
      return assertNever(refusal);
  }
}

/** The answer for it. */
export function scanProblem(name: string, refusal: ScanRefusal): Response {
  const status = refusal.fault === 'same' ? 409 : refusal.fault === 'too-large' ? 413 : 422;
  return problem(status, refusal.fault, 'The scan was not taken', explainScanRefusal(name, refusal));
}

/** There is no such scan. */
export function noScan(): Response {
  return problem(404, 'no-scan', 'No such scan', 'This scan is not in the log any more.');
}
