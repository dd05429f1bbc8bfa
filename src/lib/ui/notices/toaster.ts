// The messages on screen.
import { createToaster } from '@skeletonlabs/skeleton-svelte';

/** @see Notices.svelte, which draws them */
export const toaster = createToaster({
  ...{ placement: 'top-end', max: 3 },
  // below the head of the page: a message must not lie over what it points to
  offsets: { top: '4.5rem', right: '1rem', bottom: '1rem', left: '1rem' }
});
