// Short messages over the page, some with a way back. One place, so that every part speaks alike. What draws them is fetched
// with the first message; where it cannot be had any more, the words stand plainly on the page.
import { notices, pageAnswers } from './wanted.svelte.ts';

interface Message {
  readonly title: string;
  readonly type: 'info' | 'error';
  readonly duration: number;
  readonly action?: { readonly label: string; readonly onClick: () => void };
}

/** The message of the last thing done; null = an error was said since. */
let doneBefore: string | null = null;

async function say(message: Message): Promise<void> {
  await pageAnswers;
  notices.wanted = true;
  try {
    const { toaster } = await import('./toaster.ts');
    // what was done before makes room: its way back must not lie over the new one's
    if (doneBefore !== null) toaster.dismiss(doneBefore);
    const id = toaster.create(message);
    doneBefore = message.type === 'info' ? id : null;
  } catch {
    notices.plain = message.title;
  }
}

/** Says what was done, with a way to undo it. */
export function sayDone(title: string, undo?: () => void): void {
  const action = undo ? { action: { label: 'Undo', onClick: undo } } : {};
  void say({ title, type: 'info', duration: 8000, ...action });
}

/** Says what went wrong; stays until it is closed. */
export function sayTrouble(title: string): void {
  void say({ title, type: 'error', duration: 60_000 });
}
