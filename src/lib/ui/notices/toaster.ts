// The messages on screen.
import { createToaster } from '@skeletonlabs/skeleton-svelte';

/** @see Notices.svelte, which draws them */
export const toaster = createToaster({
  ...{ placement: 'bottom-end', max: 3 },
  // above the bars that a phone has at the foot: a message lies over neither the rule nor what it is about
  offsets: { top: '1rem', right: '1rem', bottom: 'var(--notice-foot)', left: '1rem' }
});
