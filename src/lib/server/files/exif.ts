// What is known of a frame, written into a copy of its scan: for JPEG as an Exif segment, without touching the picture data;
// for the rest as an XMP sidecar. Exif 2.32 (CIPA DC-008-2019) over TIFF 6.0; JPEG segments by ITU-T T.81.
import XMLBuilder from 'fast-xml-builder';
import { wallClock } from '#core/sky/wall-clock.ts';
import { exifOf, withSegment } from '../scans/metadata/jpeg.ts';
import { gpsTags, type TiffTag } from '../scans/metadata/tiff.ts';

/** What becomes of place data that a scan's file holds. */
export type PlaceData = 'kept' | 'taken-out';

/** What is written. */
export interface Written {
  readonly seconds: number | null;
  readonly fNumber: number | null;
  readonly iso: number;
  /** Milliseconds since 1970. */
  readonly ms: number;
  /** Whose clocks the date is told by. */
  readonly zone: string;
  readonly description: string;
}

/** A fraction with whole numbers that is as near as need be: 1/n for short times, else over 100. */
function fractionOf(value: number): readonly [number, number] {
  if (value > 0 && value < 0.3) return [1, Math.round(1 / value)];
  return Number.isInteger(value) ? [value, 1] : [Math.round(value * 100), 100];
}

function dateOf({ ms, zone }: Written): {
  readonly plain: string;
  readonly offset: string;
  readonly iso: string;
} {
  const { date, time, offset } = wallClock(ms, zone);
  const seconds = String(new Date(ms).getUTCSeconds()).padStart(2, '0');
  return {
    plain: `${date.replaceAll('-', ':')} ${time}:${seconds}`,
    offset,
    iso: `${date}T${time}:${seconds}${offset}`
  };
}

type Tag = readonly [tag: number, type: number, count: number, value: Buffer];
const tagOf = ({ tag, type, count, value }: TiffTag): Tag => [tag, type, count, value];
const ascii = (tag: number, text: string): Tag => {
  const bytes = Buffer.from(`${text}\0`, 'utf8');
  return [tag, 2, bytes.length, bytes];
};
const whole = (tag: number, value: number): Tag => {
  const bytes = Buffer.alloc(2);
  bytes.writeUInt16BE(Math.min(65_535, Math.max(0, Math.round(value))));
  return [tag, 3, 1, bytes];
};
const fraction = (tag: number, value: number): Tag => {
  const bytes = Buffer.alloc(8);
  const [over, under] = fractionOf(value);
  bytes.writeUInt32BE(over);
  bytes.writeUInt32BE(under, 4);
  return [tag, 5, 1, bytes];
};

/** A directory of tags at an offset, big-endian, what does not fit into its entries after it. */
function directory(tags: readonly Tag[], at: number): Buffer {
  const sorted = [...tags].sort((a, b) => a[0] - b[0]);
  const head = Buffer.alloc(2 + sorted.length * 12 + 4);
  head.writeUInt16BE(sorted.length);
  const tail: Buffer[] = [];
  let next = at + head.length;
  sorted.forEach(([tag, type, count, value], i) => {
    const entry = 2 + i * 12;
    head.writeUInt16BE(tag, entry);
    head.writeUInt16BE(type, entry + 2);
    head.writeUInt32BE(count, entry + 4);
    if (value.length <= 4) value.copy(head, entry + 8);
    else {
      head.writeUInt32BE(next, entry + 8);
      const even = value.length % 2 === 0 ? value : Buffer.concat([value, Buffer.alloc(1)]);
      tail.push(even);
      next += even.length;
    }
  });
  return Buffer.concat([head, ...tail]);
}

/** The Exif segment's contents. @param orientation 1…8, as the scan's own Exif said @param gps place data that stays, big-endian */
export function exifSegment(about: Written, orientation: number, gps: readonly TiffTag[] = []): Buffer {
  const { plain, offset } = dateOf(about);
  const pointing = (tag: number, to: number): Tag => {
    const at = Buffer.alloc(4);
    at.writeUInt32BE(to);
    return [tag, 4, 1, at];
  };
  const main = (exifAt: number, gpsAt: number): readonly Tag[] => [
    ...[ascii(0x010e, about.description), whole(0x0112, orientation), pointing(0x8769, exifAt)],
    ...(gps.length > 0 ? [pointing(0x8825, gpsAt)] : [])
  ];
  const first = directory(main(0, 0), 8);
  const exif = directory(
    [
      ...(about.seconds === null ? [] : [fraction(0x829a, about.seconds)]),
      ...(about.fNumber === null ? [] : [fraction(0x829d, about.fNumber)]),
      whole(0x8827, about.iso),
      [0x9000, 7, 4, Buffer.from('0232')],
      ...[ascii(0x9003, plain), ascii(0x9011, offset)]
    ],
    8 + first.length
  );
  const gpsAt = 8 + first.length + exif.length;
  const tiff = Buffer.concat([
    Buffer.from('MM\0*\0\0\0\b', 'latin1'),
    ...[directory(main(8 + first.length, gpsAt), 8), exif],
    ...(gps.length > 0 ? [directory(gps.map(tagOf), gpsAt)] : [])
  ]);
  return Buffer.concat([Buffer.from('Exif\0\0', 'latin1'), tiff]);
}

/** An Exif segment's contents that says nothing but how the picture is turned. @param orientation 1…8 */
export function exifOrientation(orientation: number): Buffer {
  const head = Buffer.from('Exif\0\0MM\0*\0\0\0\b', 'latin1');
  return Buffer.concat([head, directory([whole(0x0112, orientation)], 8)]);
}

/**
 * A copy of a JPEG with its Exif replaced; the picture data is as it was.
 * @param place whether place data stays as it came: in Exif, XMP and IPTC; else all that the file says about itself goes
 * @throws {RangeError} when it is no JPEG
 */
export function withExif(jpeg: Buffer, about: Written, orientation: number, place: PlaceData): Buffer {
  const old = place === 'kept' ? exifOf(jpeg) : null;
  const gps = old ? gpsTags(old) : [];
  return withSegment(jpeg, exifSegment(about, orientation, gps), place === 'kept');
}

/** An XMP sidecar (ISO 16684-1). */
export function xmpSidecar(about: Written): string {
  const { iso } = dateOf(about);
  const over = (value: number): string => fractionOf(value).join('/');
  const builder = new XMLBuilder({ ignoreAttributes: false, format: true, suppressEmptyNode: true });
  return builder.build({
    '?xpacket': { '@_begin': '\uFEFF', '@_id': 'W5M0MpCehiHzreSzNTczkc9d' },
    'x:xmpmeta': {
      '@_xmlns:x': 'adobe:ns:meta/',
      'rdf:RDF': {
        '@_xmlns:rdf': 'http://www.w3.org/1999/02/22-rdf-syntax-ns#',
        'rdf:Description': {
          '@_rdf:about': '',
          '@_xmlns:exif': 'http://ns.adobe.com/exif/1.0/',
          '@_xmlns:xmp': 'http://ns.adobe.com/xap/1.0/',
          '@_xmlns:dc': 'http://purl.org/dc/elements/1.1/',
          ...(about.seconds === null ? {} : { 'exif:ExposureTime': over(about.seconds) }),
          ...(about.fNumber === null ? {} : { 'exif:FNumber': over(about.fNumber) }),
          'exif:ISOSpeedRatings': { 'rdf:Seq': { 'rdf:li': Math.round(about.iso) } },
          ...{ 'exif:DateTimeOriginal': iso, 'xmp:CreateDate': iso },
          'dc:description': {
            'rdf:Alt': { 'rdf:li': { '@_xml:lang': 'x-default', '#text': about.description } }
          }
        }
      }
    }
  });
}
