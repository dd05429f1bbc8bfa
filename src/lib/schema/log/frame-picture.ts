// A picture kept with a frame in JSON: on phones, in requests, in the database and in archives.
import { number, object, string, type InferType } from 'yup';
import { MOST_PICTURE_CHARS, type FramePicture } from '#core/log/frame-picture.ts';
import { parseWith } from '../reading/parse.ts';

/** The picture. A JPEG file begins with FF D8 FF, which is /9j/ in base64. */
export const framePictureSchema = object({
  jpeg: string()
    .max(
      MOST_PICTURE_CHARS,
      `A picture kept with a frame has at most ${MOST_PICTURE_CHARS} characters of base64.`
    )
    .matches(/^\/9j\/[A-Za-z0-9+/]*={0,2}$/, 'A picture kept with a frame is a JPEG file in base64.')
    .required(),
  subjectStops: number().min(-20).max(20).required(),
  phone: object({
    offsetStops: number().min(-5).max(5).required(),
    slope: number().min(0.3).max(6).required()
  }).required()
});

/** A picture as the server answers it; null = it is none. */
export function framePictureIn(answer: unknown): FramePicture | null {
  const read = parseWith(framePictureSchema, answer);
  return read.ok ? read.value : null;
}

/** What is kept beside the file itself. */
const besideSchema = framePictureSchema.omit(['jpeg']);

/** What stands beside the file of a stored picture, from JSON. */
export function besidePicture(text: string): Omit<FramePicture, 'jpeg'> {
  const beside: InferType<typeof besideSchema> = besideSchema.validateSync(JSON.parse(text), {
    strict: true
  });
  return beside;
}
