// A picture as it is kept with a frame: small, as a JPEG file in base64; and back into pixels.
import { MOST_PICTURE_CHARS, PICTURE_SIDE } from '#core/log/frame-picture.ts';
import { thinned, type Pixels } from '#core/picture/luminance.ts';

/** Tried one after the other until the file is short enough. */
const QUALITIES = [0.75, 0.55, 0.35, 0.15] as const;

function contextOf(width: number, height: number): OffscreenCanvasRenderingContext2D | null {
  return new OffscreenCanvas(width, height).getContext('2d', { alpha: false, willReadFrequently: true });
}

/** Bytes in base64, in pieces that a call may have as arguments. */
function base64Of(bytes: Uint8Array): string {
  let text = '';
  for (let at = 0; at < bytes.length; at += 8192)
    text += String.fromCharCode(...bytes.subarray(at, at + 8192));
  return btoa(text);
}

/** The file of a picture; null where the browser cannot write one. */
export async function jpegOf(pixels: Pixels): Promise<string | null> {
  const { width, height, data } = thinned(pixels, PICTURE_SIDE);
  const context = contextOf(width, height);
  if (!context) return null;
  const image = new ImageData(width, height);
  image.data.set(data);
  context.putImageData(image, 0, 0);
  for (const quality of QUALITIES) {
    const file = await context.canvas.convertToBlob({ type: 'image/jpeg', quality });
    if (file.type !== 'image/jpeg') return null;
    const text = base64Of(new Uint8Array(await file.arrayBuffer()));
    if (text.length <= MOST_PICTURE_CHARS) return text;
  }
  return null;
}

/** The pixels of a file; null where it cannot be read. */
export async function pixelsOf(jpeg: string): Promise<Pixels | null> {
  try {
    const bytes = Uint8Array.from(atob(jpeg), (c) => c.charCodeAt(0));
    const whole = await createImageBitmap(new Blob([bytes], { type: 'image/jpeg' }));
    const { width, height } = whole;
    const context = contextOf(width, height);
    context?.drawImage(whole, 0, 0);
    whole.close();
    const read = context?.getImageData(0, 0, width, height);
    return read ? { width, height, data: read.data } : null;
  } catch {
    return null;
  }
}
