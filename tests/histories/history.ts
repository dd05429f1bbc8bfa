// A history: steps in a row, each followed by a look at whether the log still says what was noted.
import { AWAY } from './away.ts';
import { newMemory, untruths } from './model.ts';
import type { Scene } from './scene.ts';
import { AT_HOME } from './steps.ts';
import type { World } from './world.ts';

const STEPS = Object.entries({ ...AT_HOME, ...AWAY });
/** Without these nothing happens. */
const OFTEN = STEPS.filter(([name]) => /log|load|look|edit|write a camera/.test(name));
const ALL = [...STEPS, ...OFTEN, ...OFTEN];
/** How every history begins, so that there is something to change. */
const FIRST = ['load', 'load', 'load', 'log', 'log', 'log', 'look', 'take the phone along'];

/** A step of a history: which, and what it draws. */
export interface Drawn {
  readonly step: number;
  readonly draws: readonly number[];
}

/** How much came of a history. */
export interface Told {
  readonly frames: number;
  readonly did: readonly string[];
}

/**
 * Lets a history happen.
 * @throws {Error} at the first step after which something noted is told otherwise
 */
export function runHistory(world: World, history: readonly Drawn[]): Told {
  return world.undone(() => {
    const memory = newMemory();
    const seen: Scene['seen'] = [new Map(), new Map()];
    const phone: Scene['phone'] = { facts: new Map(), taken: new Map(), queue: [], done: [] };
    const did: string[] = [];
    let names = 0;
    const steps = history.map(({ step, draws }, i) => {
      const [name = '', happens] =
        [...STEPS.filter(([n]) => n === FIRST[i]), ...ALL][FIRST[i] ? 0 : step % ALL.length] ?? [];
      return { name, happens, draws };
    });
    for (const { name, happens, draws } of steps) {
      let drawn = 0;
      const scene: Scene = {
        ...{ world, memory, seen, phone },
        // a draw past the last begins again, moved on
        pick: (count) => (count < 1 ? 0 : ((draws[drawn % draws.length] ?? 0) + 7 * drawn++) % count),
        fresh: (what) => `${what}-${String(++names).padStart(8, '0')}`
      };
      world.pass(11);
      did.push(name);
      happens?.(scene);
      const [first] = untruths(world, memory);
      if (first !== undefined) throw new Error(`after ${did.join(' → ')}: ${first}`);
    }
    return { frames: memory.frames.size, did };
  });
}
