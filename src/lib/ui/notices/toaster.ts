// The messages on screen.
import { createToaster } from '@skeletonlabs/skeleton-svelte';

/** @see Notices.svelte, which draws them */
export const toaster = createToaster({ placement: 'top-end', max: 3 });
