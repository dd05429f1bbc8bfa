// What is sharp: hyperfocal distance and the near and far limits of a lens. Metres outside, f and c in mm.
// H = f²/(N·c) + f; near = s(H − f)/(H + s − 2f); far = s(H − f)/(H − s).
// Source: S. F. Ray, Applied Photographic Optics, 3rd ed. (2002), ch. 22 (formulas from memory).

/** A stretch of distances, metres; `farM` may be Infinity. */
export interface SharpRange {
  readonly nearM: number;
  readonly farM: number;
}

/**
 * Hyperfocal distance in metres: focused there, all is sharp from half of it to infinity.
 * @param focalMm > 0 @param fNumber > 0 @param circleMm largest blur disc that still looks sharp, > 0
 * @throws {RangeError} when an argument is not a finite number above 0
 */
export function hyperfocalM(focalMm: number, fNumber: number, circleMm: number): number {
  for (const [name, value] of Object.entries({ focalMm, fNumber, circleMm })) {
    if (!(value > 0 && Number.isFinite(value)))
      throw new RangeError(`${name} must be a finite number above 0, got ${value}`);
  }
  return ((focalMm * focalMm) / (fNumber * circleMm) + focalMm) / 1000;
}

/**
 * The distances that are sharp when the lens stands at `focusedM` (Infinity allowed: then from H on).
 * @throws {RangeError} when focused nearer than the focal length
 */
export function sharpRange(focalMm: number, fNumber: number, circleMm: number, focusedM: number): SharpRange {
  const f = focalMm / 1000;
  if (!(focusedM > f))
    throw new RangeError(`focusedM must be beyond the focal length ${focalMm} mm, got ${focusedM} m`);
  const h = hyperfocalM(focalMm, fNumber, circleMm);
  if (focusedM === Infinity) return { nearM: h, farM: Infinity };
  const nearM = (focusedM * (h - f)) / (h + focusedM - 2 * f);
  const farM = focusedM >= h ? Infinity : (focusedM * (h - f)) / (h - focusedM);
  return { nearM, farM };
}

/**
 * Depth of a range, 1/near − 1/far: the more, the more is in focus.
 * @param range from where to where it is sharp, metres
 * @returns dioptres, ≥ 0
 */
export function depthDioptres({ nearM, farM }: SharpRange): number {
  return 1 / nearM - 1 / farM;
}
