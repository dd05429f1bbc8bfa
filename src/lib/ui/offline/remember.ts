// What the program remembers of the person, through the offline: also while home is out of reach.
import type { Settings } from '#schema/settings/settings.ts';
import { offline } from './offline.svelte.ts';

/** Remembers something of the person. */
export async function changeSettings(edit: Partial<Settings>): Promise<void> {
  await offline.put({ kind: 'settings', edit });
}

/** The settings with what waits to be remembered, or was sent and is not in them yet. */
export function settingsWith(settings: Settings): Settings {
  const waiting = offline.queue.reduce<Settings>(
    (now, { change: { action } }) => (action.kind === 'settings' ? { ...now, ...action.edit } : now),
    settings
  );
  return { ...waiting, ...offline.edits };
}
