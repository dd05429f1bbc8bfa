// What was ticked of a routine on this device: for a film while it is loaded, for a frame until the next one.
import type { RoutinePart } from '#core/camera/routine-step.ts';

const NAME = 'just-enough-routine';
/** Older ones are forgotten. */
const MOST = 24;

type Kept = readonly (readonly [key: string, words: readonly string[]])[];

function kept(): Kept {
  try {
    const found: unknown = JSON.parse(localStorage.getItem(NAME) ?? '[]');
    return Array.isArray(found) ? found.filter(isEntry) : [];
  } catch {
    return [];
  }
}
function isEntry(value: unknown): value is Kept[number] {
  return (
    Array.isArray(value) &&
    typeof value[0] === 'string' &&
    Array.isArray(value[1]) &&
    value[1].every((w) => typeof w === 'string')
  );
}

/** What a tick is about: parts that come with every frame are ticked anew for each. */
export function tickKey(loadId: string, part: RoutinePart, frame: number | null): string {
  return part === 'before-press' || part === 'after'
    ? `${loadId} ${part} ${frame ?? ''}`
    : `${loadId} ${part}`;
}

/** The ticks of this device. */
export class Ticks {
  #all = $state.raw<Kept>([]);

  /** Reads what is kept; in the page alone. */
  read(): void {
    this.#all = kept();
  }

  /** What is ticked under a key. */
  of(key: string): readonly string[] {
    return this.#all.find(([k]) => k === key)?.[1] ?? [];
  }

  /** Ticks a step, or takes the tick off. */
  put(key: string, words: string, on: boolean): void {
    const now = this.of(key).filter((w) => w !== words);
    const others = this.#all.filter(([k]) => k !== key);
    this.#all = [...others, [key, on ? [...now, words] : now] as const].slice(-MOST);
    try {
      localStorage.setItem(NAME, JSON.stringify(this.#all));
    } catch {
      // a private visit keeps them for the page alone
    }
  }
}
