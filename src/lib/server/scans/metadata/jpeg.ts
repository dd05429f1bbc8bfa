// Metadata of a JPEG, segment by segment (ITU-T T.81); its picture data is never touched.

/** A segment before the picture data. */
export interface Segment {
  readonly marker: number;
  readonly from: number;
  readonly to: number;
}

/** Segments of a JPEG before its picture data. @throws {RangeError} when it is none */
export function segmentsOf(jpeg: Buffer): readonly Segment[] {
  if (jpeg[0] !== 0xff || jpeg[1] !== 0xd8) throw new RangeError('not a JPEG');
  const segments: Segment[] = [];
  let at = 2;
  for (;;) {
    const marker = jpeg[at + 1];
    if (jpeg[at] !== 0xff || marker === undefined || at + 4 > jpeg.length) throw new RangeError('not a JPEG');
    if (marker === 0xff) {
      at += 1;
      continue;
    }
    if (marker === 0xda) return segments;
    const to = at + 2 + jpeg.readUInt16BE(at + 2);
    segments.push({ marker, from: at, to });
    at = to;
  }
}

const EXIF = 'Exif\0\0';
const isNamed = (jpeg: Buffer, { from }: Segment, name: string): boolean =>
  jpeg.subarray(from + 4, from + 4 + name.length).toString('latin1') === name;

/** The TIFF inside the Exif segment; null = there is none. @throws {RangeError} when it is no JPEG */
export function exifOf(jpeg: Buffer): Buffer | null {
  const found = segmentsOf(jpeg).find((s) => s.marker === 0xe1 && isNamed(jpeg, s, EXIF));
  return found ? jpeg.subarray(found.from + 4 + EXIF.length, found.to) : null;
}

/** Segments that say something about the picture: APP1 (Exif, XMP), APP13 (IPTC), comments and other programs' own. */
const saysSomething = (jpeg: Buffer, s: Segment): boolean =>
  s.marker === 0xfe ||
  (s.marker >= 0xe1 &&
    s.marker <= 0xef &&
    // the colour profile, and how colours are coded, belong to the picture
    !(s.marker === 0xe2 && isNamed(jpeg, s, 'ICC_PROFILE\0')) &&
    !(s.marker === 0xee && isNamed(jpeg, s, 'Adobe')));

/** Where the picture ends: what some programs hang on behind it are more pictures, with places of their own. */
function endOf(jpeg: Buffer): number {
  let at = segmentsOf(jpeg).at(-1)?.to ?? 2;
  for (;;) {
    const next = jpeg.indexOf(0xff, at);
    if (next < 0 || next + 1 >= jpeg.length) return jpeg.length;
    if (jpeg[next + 1] === 0xd9) return next + 2;
    at = next + 1;
  }
}

/**
 * A JPEG with another Exif segment.
 * @param exif its contents @param keepsRest false = every other segment that says something goes too, and what hangs behind the picture
 * @throws {RangeError} when it is no JPEG, or the segment is too long
 */
export function withSegment(jpeg: Buffer, exif: Buffer, keepsRest: boolean): Buffer {
  if (exif.length + 2 > 65_535) throw new RangeError('too long for a segment');
  const segments = segmentsOf(jpeg);
  const head = Buffer.from([0xff, 0xe1, 0, 0]);
  head.writeUInt16BE(exif.length + 2, 2);
  // after the JFIF segment, which must be the first where there is one
  const jfif = segments[0]?.marker === 0xe0 ? segments[0].to : 2;
  const parts: Buffer[] = [jpeg.subarray(0, jfif), head, exif];
  let at = jfif;
  for (const segment of segments) {
    const goes = keepsRest
      ? segment.marker === 0xe1 && isNamed(jpeg, segment, EXIF)
      : saysSomething(jpeg, segment);
    if (!goes || segment.from < jfif) continue;
    parts.push(jpeg.subarray(at, segment.from));
    at = segment.to;
  }
  return Buffer.concat([...parts, jpeg.subarray(at, keepsRest ? jpeg.length : endOf(jpeg))]);
}
