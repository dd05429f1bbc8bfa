// How large the circle of a camera's eye is on a phone's picture: both look out over an angle from about the same place.

/** Half the long side of a frame of 35 mm film, mm: what focal lengths "as on 35 mm" are measured by. */
const HALF_LONG_MM = 18;
/** An eye that nobody measured looks about so wide, degrees. Common practice, no source. */
const USUAL_EYE_DEGREES = 50;
/** The main lens of a phone is about so long as on 35 mm film. Common practice, no source. */
const USUAL_FOCAL35_MM = 26;

/**
 * The circle's radius, in shares of the picture's shorter side.
 * @param eyeDegrees across; null = not known @param focal35Mm of the phone, as on 35 mm film; null = not known
 */
export function eyeRadius(
  eyeDegrees: number | null,
  focal35Mm: number | null,
  size: { readonly width: number; readonly height: number }
): number {
  const eye = Math.tan((((eyeDegrees ?? USUAL_EYE_DEGREES) / 2) * Math.PI) / 180);
  const halfLong = HALF_LONG_MM / (focal35Mm ?? USUAL_FOCAL35_MM);
  const [long, short] = [Math.max(size.width, size.height), Math.min(size.width, size.height)];
  return ((eye / halfLong) * (long / 2)) / short;
}
