// What the program remembers of the person, through the queue: also while the server is out of reach.
import type { Settings } from '#schema/settings/settings.ts';
import { offline } from './offline.svelte.ts';

/** Remembers something of the person. @param known the settings as this page knows them: what was changed elsewhere since is asked about */
export async function changeSettings(edit: Partial<Settings>, known: Settings): Promise<void> {
  const from = Object.fromEntries(Object.entries(settingsWith(known)).filter(([name]) => name in edit));
  await offline.put({ kind: 'settings', from, edit });
}

/** The settings with what waits to be remembered, or was sent and is not in them yet. */
export function settingsWith(settings: Settings): Settings {
  const waiting = offline.queue.reduce<Settings>(
    (now, { change: { action } }) => (action.kind === 'settings' ? { ...now, ...action.edit } : now),
    settings
  );
  return { ...waiting, ...offline.edits };
}
