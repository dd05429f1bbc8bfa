// Where a scan's pictures lie.
import type { Scan } from '#core/log/scan.ts';
import { AS_IT_CAME } from '#core/log/scan-shown.ts';

/** The address of a small picture of a scan: another one when it is looked at otherwise, so that no old one is shown. */
export function scanPicture(
  { id, shown = AS_IT_CAME }: Pick<Scan, 'id' | 'shown'>,
  size: 'thumb' | 'view'
): string {
  const { turn, negative, cut } = shown;
  const how = [turn, negative ? 'n' : 'p', cut.left, cut.top, cut.right, cut.bottom].join('-');
  return `/api/v1/scans/${encodeURIComponent(id)}/${size}?shown=${how}`;
}
