// What the program remembers of the person, through the pocket: also while home is out of reach.
import type { Settings } from '#schema/settings/settings.ts';
import { pocket } from './pocket.svelte.ts';

/** Remembers something of the person. */
export async function changeSettings(edit: Partial<Settings>): Promise<void> {
  await pocket.put({ kind: 'settings', edit });
}

/** The settings with what waits to be remembered, or was sent and is not in them yet. */
export function settingsWith(settings: Settings): Settings {
  const waiting = pocket.queue.reduce<Settings>(
    (now, { change: { deed } }) => (deed.kind === 'settings' ? { ...now, ...deed.edit } : now),
    settings
  );
  return { ...waiting, ...pocket.edits };
}
