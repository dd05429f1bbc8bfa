// Short messages over the page, some with a way back. One place, so that every part speaks alike.
import { createToaster } from '@skeletonlabs/skeleton-svelte';

/** The messages on screen. */
export const notices = createToaster({ placement: 'top-end', max: 3 });

/** Says what was done, with a way to undo it. */
export function sayDone(title: string, undo?: () => void): void {
  notices.create({
    title,
    type: 'info',
    duration: 8000,
    ...(undo ? { action: { label: 'Undo', onClick: undo } } : {})
  });
}

/** Says what went wrong; stays until it is closed. */
export function sayTrouble(title: string): void {
  notices.create({ title, type: 'error', duration: 60_000 });
}
