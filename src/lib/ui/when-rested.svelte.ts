// Rest for what components read.
import { Rest } from './rest.ts';

/**
 * Does something each time what `read` reads has rested, as long as the component lives. Called while a component is made.
 * @param read reads what may change @param restMs milliseconds without a change @param then what to do at rest
 */
export function whenRested(read: () => unknown, restMs: number, then: () => void): void {
  const rest = new Rest(restMs, then);
  $effect(() => {
    read();
    rest.stir();
  });
  $effect(() => () => rest.stop());
}
