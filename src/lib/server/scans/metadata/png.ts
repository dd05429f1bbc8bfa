// Metadata of a PNG, chunk by chunk (W3C PNG, 3rd ed., 5.3 and 11.3).
const SIGNATURE = 8;
/** Chunks that say something about the picture; what shows it stays. */
const SAY = ['eXIf', 'iTXt', 'tEXt', 'zTXt', 'tIME', 'zxIf'];

/** A PNG without what it says about itself; every other chunk is as it was. */
export function plainPng(png: Buffer): Buffer {
  const parts: Buffer[] = [png.subarray(0, SIGNATURE)];
  for (let at = SIGNATURE; at + 12 <= png.length;) {
    const to = at + 12 + png.readUInt32BE(at);
    const type = png.subarray(at + 4, at + 8).toString('latin1');
    if (!SAY.includes(type)) parts.push(png.subarray(at, to));
    at = to;
    // what hangs behind the last chunk is no part of the picture
    if (type === 'IEND') break;
  }
  return Buffer.concat(parts);
}
