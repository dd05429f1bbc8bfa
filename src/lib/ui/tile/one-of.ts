// What a list of choices gives back, as one of them.

/** The choice of that name, or another where there is none. */
export function oneOf<T extends string>(all: readonly T[], name: string, otherwise: T): T {
  return all.find((x) => x === name) ?? otherwise;
}
