// A recording as it is drawn: the least and the greatest of each column.

/** A column of the drawing. */
export interface Column {
  readonly least: number;
  readonly greatest: number;
}

/**
 * Columns of a stretch of a recording.
 * @param samples one channel @param from first sample @param to the one after the last @param count how many columns, > 0
 */
export function envelopeOf(
  samples: Float32Array,
  from: number,
  to: number,
  count: number
): readonly Column[] {
  const size = (to - from) / count;
  return Array.from({ length: count }, (_, c) => {
    let [least, greatest] = [0, 0];
    for (
      let i = Math.max(0, Math.floor(from + c * size));
      i < Math.min(samples.length, from + (c + 1) * size);
      i++
    ) {
      const v = samples[i] ?? 0;
      if (v < least) least = v;
      if (v > greatest) greatest = v;
    }
    return { least, greatest };
  });
}
