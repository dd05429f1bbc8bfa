// Metadata of a TIFF, tag by tag (TIFF 6.0, section 2; Exif 2.32, 4.6.3): also what the Exif segment of a JPEG holds.

/** A tag as it stands in a directory. */
export interface TiffTag {
  readonly tag: number;
  readonly type: number;
  readonly count: number;
  /** Its value, in the byte order of the file. */
  readonly value: Buffer;
}

/** Bytes of one value, by type. */
const BYTES = [0, 1, 1, 2, 4, 8, 1, 1, 2, 4, 8, 4, 8];
const [EXIF, GPS, SUB] = [0x8769, 0x8825, 0x014a];
/** XMP, IPTC, another program's blocks, and the directories of Exif and GPS. */
const SAY = [0x02bc, 0x83bb, 0x8649, 0x935c, EXIF, GPS];

interface Reader {
  readonly isBig: boolean;
  readonly u16: (at: number) => number;
  readonly u32: (at: number) => number;
}

/** @returns null when it is no classic TIFF */
function readerOf(tiff: Buffer): Reader | null {
  const order = tiff.subarray(0, 2).toString('latin1');
  if (order !== 'II' && order !== 'MM') return null;
  const isBig = order === 'MM';
  const u16 = (at: number): number => (isBig ? tiff.readUInt16BE(at) : tiff.readUInt16LE(at));
  const u32 = (at: number): number => (isBig ? tiff.readUInt32BE(at) : tiff.readUInt32LE(at));
  return u16(2) === 42 ? { isBig, u16, u32 } : null;
}

/** Where the value of an entry lies. */
function placeOf({ u16, u32 }: Reader, entry: number): readonly [from: number, bytes: number] {
  const bytes = (BYTES[u16(entry + 2)] ?? 1) * u32(entry + 4);
  return bytes <= 4 ? [entry + 8, bytes] : [u32(entry + 8), bytes];
}

/** The tags of a directory. @throws {RangeError} when it ends early */
function tagsAt(tiff: Buffer, reader: Reader, at: number): readonly TiffTag[] {
  return Array.from({ length: reader.u16(at) }, (_, i) => {
    const entry = at + 2 + 12 * i;
    const [from, bytes] = placeOf(reader, entry);
    return {
      ...{ tag: reader.u16(entry), type: reader.u16(entry + 2), count: reader.u32(entry + 4) },
      value: tiff.subarray(from, from + bytes)
    };
  });
}

/** A value of a file in the other byte order as one in ours, big-endian. */
function bigEndian({ type, value }: TiffTag): Buffer {
  const copy = Buffer.from(value);
  const size = type === 5 || type === 10 ? 4 : (BYTES[type] ?? 1);
  if (size === 2) copy.swap16();
  else if (size === 4) copy.swap32();
  else if (size === 8) copy.swap64();
  return copy;
}

/** The place data of a TIFF, values big-endian; [] = none, or none that can be read. */
export function gpsTags(tiff: Buffer): readonly TiffTag[] {
  try {
    const reader = readerOf(tiff);
    if (!reader) return [];
    const pointer = tagsAt(tiff, reader, reader.u32(4)).find(({ tag }) => tag === GPS);
    if (!pointer) return [];
    const at = reader.isBig ? pointer.value.readUInt32BE(0) : pointer.value.readUInt32LE(0);
    return tagsAt(tiff, reader, at).map((t) => (reader.isBig ? t : { ...t, value: bigEndian(t) }));
  } catch (error) {
    if (error instanceof RangeError) return [];
    throw error;
  }
}

/** Writes zeros over a directory and all that it points to. */
function erase(tiff: Buffer, reader: Reader, at: number, depth: number): void {
  const count = reader.u16(at);
  for (let entry = at + 2; entry < at + 2 + 12 * count; entry += 12) {
    const [from, bytes] = placeOf(reader, entry);
    // the Exif directory has one of its own
    if ([0xa005, GPS, EXIF].includes(reader.u16(entry)) && depth < 4)
      erase(tiff, reader, reader.u32(entry + 8), depth + 1);
    tiff.fill(0, from, from + bytes);
  }
  tiff.fill(0, at, at + 2 + 12 * count);
}

/** Takes what a directory says about the picture out of it. */
function clear(tiff: Buffer, reader: Reader, at: number, depth: number): void {
  const { isBig, u16, u32 } = reader;
  const count = u16(at);
  const end = at + 2 + 12 * count;
  // small pictures of it have directories of their own
  for (let entry = at + 2; entry < end && depth < 4; entry += 12)
    if (u16(entry) === SUB) {
      const [from, bytes] = placeOf(reader, entry);
      for (let i = from; i < from + bytes; i += 4) clear(tiff, reader, u32(i), depth + 1);
    }
  const kept: Buffer[] = [];
  for (let entry = at + 2; entry < end; entry += 12) {
    const tag = u16(entry);
    if (!SAY.includes(tag)) {
      kept.push(Buffer.from(tiff.subarray(entry, entry + 12)));
      continue;
    }
    if (tag === EXIF || tag === GPS) erase(tiff, reader, u32(entry + 8), 0);
    const [from, bytes] = placeOf(reader, entry);
    tiff.fill(0, from, from + bytes);
  }
  const next = Buffer.from(tiff.subarray(end, end + 4));
  tiff.fill(0, at, end + 4);
  if (isBig) tiff.writeUInt16BE(kept.length, at);
  else tiff.writeUInt16LE(kept.length, at);
  Buffer.concat([...kept, next]).copy(tiff, at + 2);
}

/** A TIFF without what it says about itself; the picture lies where it lay. @returns null when it is none of the classic form */
export function plainTiff(file: Buffer): Buffer | null {
  const tiff = Buffer.from(file);
  const reader = readerOf(tiff);
  if (!reader) return null;
  try {
    clear(tiff, reader, reader.u32(4), 0);
    return tiff;
  } catch (error) {
    if (error instanceof RangeError) return null;
    throw error;
  }
}
