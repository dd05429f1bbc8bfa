<script lang="ts">
  import { onMount } from 'svelte';
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { carriedPairs } from '#core/offline/carried.ts';
  import type { Outing } from '#core/plan/outing.ts';
  import { zoneHere } from '#core/sky/zone.ts';
  import { wallClock } from '#core/sky/wall-clock.ts';
  import { useCurrent } from '#ui/current.svelte.ts';
  import { offline } from '#ui/offline/offline.svelte.ts';
  import { newOuting } from '#ui/plan/outing/new-outing.ts';
  import OutingEditor from '#ui/plan/outing/OutingEditor.svelte';

  const current = useCurrent();
  onMount(() => void offline.carry());

  const outings = $derived(offline.carried?.outings ?? []);
  const asked = $derived(page.url.searchParams.get('id'));
  /** As it was changed last, until the phone has kept that: the next change is made on it. */
  let mine = $state.raw<Outing | null>(null);
  const outing = $derived((mine?.id === asked ? mine : outings.find((o) => o.id === asked)) ?? null);
  const bag = $derived({
    pairs: offline.carried ? carriedPairs(offline.carried).filter((p) => !p.finished) : [],
    films: offline.carried?.films.map((f) => f.value) ?? [],
    things: offline.carried?.things ?? current.things,
    ...{ leastChance: current.settings.leastChance, steadiness: current.settings.steadiness }
  });
  const put = (id: string, from: Outing | null, to: Outing | null) =>
    offline.put({ kind: 'outing', outingId: id, from, to });

  async function change(from: Outing, to: Outing): Promise<void> {
    mine = to;
    await put(from.id, from, to);
    if (mine === to) mine = null;
  }

  async function begin(): Promise<void> {
    const zone = current.settings.place?.zone ?? zoneHere();
    const made = newOuting(crypto.randomUUID(), wallClock(Date.now(), zone).date);
    await put(made.id, null, made);
    await goto(`/plan/outings?id=${made.id}`);
  }
  /** What was just deleted, to be put back. */
  let deleted = $state.raw<Outing | null>(null);
  async function remove(gone: Outing): Promise<void> {
    await put(gone.id, gone, null);
    deleted = gone;
    await goto('/plan/outings');
  }
  async function putBack(gone: Outing): Promise<void> {
    await put(gone.id, null, gone);
    deleted = null;
  }
</script>

<svelte:head><title>{outing ? outing.name : 'Outings'} · Just Enough</title></svelte:head>
<div class="mt-1 mb-3 flex flex-wrap items-baseline justify-between gap-x-4">
  <h1 class="text-[1.75rem] font-[650]">{outing ? outing.name : 'Outings'}</h1>
  <a class="inline-grid min-h-11 min-w-11 content-center underline" href={outing ? '/plan/outings' : '/plan'}
    >{outing ? 'All outings' : 'Plan'}</a
  >
</div>
{#if outing}
  <div class="grid gap-4">
    <OutingEditor
      {outing}
      {bag}
      place={current.settings.place}
      recent={current.recent}
      onchange={(to: Outing) => void change(outing, to)}
    />
    <button
      type="button"
      class="min-h-11 cursor-pointer justify-self-start underline"
      onclick={() => void remove(outing)}>Delete this outing</button
    >
  </div>
{:else}
  <div class="grid max-w-160 gap-3">
    {#if asked !== null && offline.opened && deleted === null}
      <p role="status">There is no such outing any more.</p>
    {/if}
    {#if deleted}
      {@const gone = deleted}
      <p role="status">
        {gone.name} is deleted.
        <button type="button" class="min-h-11 cursor-pointer underline" onclick={() => void putBack(gone)}
          >Put it back</button
        >
      </p>
    {/if}
    <ul class="grid gap-1.5">
      {#each outings as { id, name, date, stops } (id)}
        <li>
          <a class="card flex min-h-11 flex-wrap items-baseline gap-x-3 p-3" href="/plan/outings?id={id}">
            <b>{name}</b>
            <span class="soft">{date}, {stops.length === 1 ? '1 stop' : `${stops.length} stops`}</span>
          </a>
        </li>
      {:else}
        <li>
          A day out in stops: where and when, what you want there, and how many frames. What to pack follows.
        </li>
      {/each}
    </ul>
    <button type="button" class="btn preset-filled min-h-11 justify-self-start" onclick={() => void begin()}
      >New outing</button
    >
  </div>
{/if}
