// Leads the eye to what was refused.
import { tick } from 'svelte';
import type { Attachment } from 'svelte/attachments';

/** Moves the focus to the first field at fault whenever the server has said no. @param refused what it said; null = nothing yet */
export function toFault(refused: () => unknown): Attachment<HTMLFormElement> {
  return (form) => {
    if (!refused()) return;
    void tick().then(() => form.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus());
  };
}
