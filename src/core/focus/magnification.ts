// How large the picture of a subject is: a thin lens, the distance measured from it.

/**
 * Magnification at a subject distance: m = f/(s − f); 0 at infinity.
 * @param focalMm > 0 @param subjectM metres, beyond the focal length
 * @throws {RangeError} when the subject is nearer than the focal length
 */
export function magnification(focalMm: number, subjectM: number): number {
  if (subjectM === Infinity) return 0;
  const beyondMm = subjectM * 1000 - focalMm;
  if (!(beyondMm > 0))
    throw new RangeError(`subjectM must be beyond the focal length ${focalMm} mm, got ${subjectM} m`);
  return focalMm / beyondMm;
}
