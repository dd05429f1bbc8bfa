// Metadata of a WebP, chunk by chunk (RFC 9649, 2.3–2.7).
/** Bits of the VP8X chunk that say that there is Exif, and XMP. */
const [HAS_EXIF, HAS_XMP] = [0x08, 0x04];
/** Chunks of the picture itself. */
const PICTURE = ['VP8 ', 'VP8L', 'VP8X', 'ALPH', 'ICCP', 'ANIM', 'ANMF'];

/** A WebP without what it says about itself; the picture's chunks are as they were. */
export function plainWebp(webp: Buffer): Buffer {
  const parts: Buffer[] = [];
  for (let at = 12; at + 8 <= webp.length;) {
    const size = webp.readUInt32LE(at + 4);
    // chunks are of even length
    const to = at + 8 + size + (size % 2);
    const type = webp.subarray(at, at + 4).toString('latin1');
    if (PICTURE.includes(type)) {
      const chunk = Buffer.from(webp.subarray(at, to));
      if (type === 'VP8X') chunk[8] = (chunk[8] ?? 0) & ~(HAS_EXIF | HAS_XMP);
      parts.push(chunk);
    }
    at = to;
  }
  const body = Buffer.concat(parts);
  const head = Buffer.from('RIFF\0\0\0\0WEBP', 'latin1');
  head.writeUInt32LE(body.length + 4, 4);
  return Buffer.concat([head, body]);
}
