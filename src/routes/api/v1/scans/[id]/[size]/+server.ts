import { noScan } from '#server/scans/problem.ts';
import { store } from '#server/store.ts';
import type { RequestHandler } from './$types';

const SIZES = ['thumb', 'view', 'original'] as const;
const MIME = { jpeg: 'image/jpeg', png: 'image/png', tiff: 'image/tiff', webp: 'image/webp' } as const;

/** A scan as a picture: `thumb`, `view`, or the `original` byte for byte. */
export const GET: RequestHandler = async ({ params }) => {
  const size = SIZES.find((s) => s === params.size);
  const scan = store().scans.find(params.id);
  if (!size || !scan) return noScan();
  const whole = size === 'original';
  return new Response(await store().intake.open(scan, size), {
    headers: {
      'content-type': whole ? MIME[scan.type] : 'image/jpeg',
      // the file never changes under its id; the small ones are asked for by how they are looked at
      'cache-control': 'private, max-age=31536000, immutable',
      // nothing in it is ever run
      'content-security-policy': "default-src 'none'; sandbox",
      'x-content-type-options': 'nosniff',
      ...(whole
        ? { 'content-disposition': `attachment; filename*=UTF-8''${encodeURIComponent(scan.name)}` }
        : {})
    }
  });
};
