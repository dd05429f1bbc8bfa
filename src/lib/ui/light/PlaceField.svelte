<!-- A place: searched by name in the gazetteer that came with the program, or as coordinates. -->
<script lang="ts">
  import { parseCoordinates } from '#core/sky/coordinates.ts';
  import type { NamedPlace } from '#core/ways/choice.ts';
  import { findPlaces, zoneOf } from '../api.ts';
  import { explainCoordinates, sayCoordinates } from './say-sun.ts';

  let {
    place,
    lately,
    onplace
  }: {
    place: NamedPlace | null;
    /** Places of earlier frames: they need no gazetteer. */
    lately: readonly NamedPlace[];
    onplace: (place: NamedPlace) => void;
  } = $props();
  const uid = $props.id();
  const REST_MS = 200;
  let text = $state('');
  let found = $state.raw<readonly (NamedPlace & { readonly country: string })[]>([]);
  let said = $state('');
  let timer: ReturnType<typeof setTimeout> | undefined;

  function typed(): void {
    clearTimeout(timer);
    found = [];
    said = '';
    if (text.trim() !== '') timer = setTimeout(() => void look(text), REST_MS);
  }

  async function look(asked: string): Promise<void> {
    const coordinates = parseCoordinates(asked);
    if (coordinates.ok) {
      const { latitude, longitude } = coordinates.value;
      const zone = await zoneOf(latitude, longitude);
      if (text !== asked) return;
      const name = sayCoordinates(latitude, longitude);
      // without the server the clocks of this phone are as good as any: the light itself does not depend on them
      const own = Intl.DateTimeFormat().resolvedOptions().timeZone;
      take({ name, latitude, longitude, zone: zone.ok ? zone.value : own });
      if (!zone.ok)
        said = `Times are by this phone’s own clock (${own}): the zones of the world are on the server.`;
      return;
    }
    if (coordinates.error.problem === 'off-the-earth') {
      said = explainCoordinates(coordinates.error);
      return;
    }
    const places = await findPlaces(asked);
    if (text !== asked) return;
    if (!places.ok) said = `${places.error} Coordinates work without it, such as 47.5 −28.2.`;
    else if (places.value.length === 0) {
      said = `No place “${asked.trim()}” of 15,000 people or more. ${explainCoordinates(coordinates.error)}`;
    } else found = places.value;
  }

  function take(next: NamedPlace): void {
    text = '';
    found = [];
    said = '';
    onplace(next);
  }
</script>

<label class="kicker" for="{uid}-place">{place ? 'Another place' : 'Where is it?'}</label>
<input
  id="{uid}-place"
  class="input"
  type="search"
  autocomplete="off"
  maxlength="80"
  placeholder="a town, or 47.5 −28.2"
  bind:value={text}
  oninput={typed}
  aria-describedby="{uid}-said"
/>
<p id="{uid}-said" class="text-(--accent-ink) font-semibold text-[0.875rem] leading-[1.3]" role="status">
  {said}
</p>
{#if found.length === 0 && lately.length > 0}
  <div class="flex flex-wrap gap-1.5" role="group" aria-label="Places of earlier frames">
    {#each lately as entry (entry.name)}
      <button type="button" class="chip" onclick={() => take(entry)}>{entry.name}</button>
    {/each}
  </div>
{/if}
{#if found.length > 0}
  <ul
    class="max-h-55 [overflow-y:auto] border-[1.5px] border-(--line) rounded-[4px]"
    aria-label="Places found"
  >
    {#each found as entry (`${entry.latitude} ${entry.longitude} ${entry.name}`)}
      {@const { name, latitude, longitude, zone, country } = entry}
      <li>
        <button
          class="w-full min-h-11 py-0 px-2.5 text-left border-b border-b-(--line) bg-(--sheet) cursor-pointer hover:bg-(--well)"
          type="button"
          onclick={() => take({ name, latitude, longitude, zone })}
        >
          <b>{name}</b>, {country}
        </button>
      </li>
    {/each}
  </ul>
{/if}
