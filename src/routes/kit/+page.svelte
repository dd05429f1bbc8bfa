<script lang="ts">
  import search from 'lucide-static/icons/search.svg?raw';
  import Icon from '#ui/Icon.svelte';
  import { enhance } from '$app/forms';
  import { THING_KINDS } from '#core/kit/thing.ts';
  import { queryFromLight } from '#schema/address/light-query.ts';
  import { useCurrent } from '#ui/current.svelte.ts';
  import Act from '#ui/kit/Act.svelte';
  import CameraRow from '#ui/kit/CameraRow.svelte';
  import KitList from '#ui/kit/KitList.svelte';
  import { sayFilm, sayThing, THING_WORDS } from '#ui/kit/say-kit.ts';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
  const current = useCurrent();
  // a light that nobody told is not told by a link either
  const lightQuery = $derived(current.isTold ? `?${queryFromLight(current.light).toString()}` : '');
  // what is loaded stands first, the one in use before all; nothing leaps away under the hand while the page is open
  // svelte-ignore state_referenced_locally
  const order = data.cameras
    .map(({ camera, pair }, i) => ({
      id: camera.id,
      at: pair ? (pair.loadId === data.inUse ? -1 : i) : 1000 + i
    }))
    .sort((a, b) => a.at - b.at)
    .map((c) => c.id);
  const placeIn = (id: string): number => (order.includes(id) ? order.indexOf(id) : order.length);
  let words = $state('');
  const isFound = (...texts: readonly string[]): boolean =>
    words
      .trim()
      .toLowerCase()
      .split(/\s+/)
      .every((w) => texts.some((t) => t.toLowerCase().includes(w)));
  const cameras = $derived(
    data.cameras
      .filter(({ camera, pair }) => isFound(camera.name, pair?.film.name ?? ''))
      .sort((a, b) => placeIn(a.camera.id) - placeIn(b.camera.id))
  );
  const refused = $derived(form?.message === undefined ? null : form);
  const refusedCamera = $derived(refused?.cameraId ?? null);
  const did = $derived(form?.did === undefined ? null : form);
  const films = $derived(
    data.films
      .map((f) => ({ id: f.id, name: f.name, words: sayFilm(f) }))
      .filter((f) => isFound(f.name, f.words))
  );
  const bag = $derived(
    THING_KINDS.map((kind) => ({
      kind,
      lines: data.things
        .filter((t) => t.data.kind === kind)
        .map((t) => ({ id: t.id, name: t.name, words: sayThing(t) }))
        .filter((t) => isFound(t.name, t.words, kind))
    })).filter((group) => group.lines.length > 0)
  );
  const bagCount = $derived(bag.reduce((sum, group) => sum + group.lines.length, 0));
</script>

<svelte:head><title>Kit · Just Enough</title></svelte:head>
<div class="mb-2 flex flex-wrap items-center justify-between gap-2">
  <h1 class="text-[1.75rem]">Kit</h1>
  <span class="flex flex-wrap gap-2">
    <a class="btn preset-outlined-surface-950-50" href="/kit/pairs{lightQuery}">Pairs: which film?</a>
    <a class="btn preset-outlined-surface-950-50" href="/kit/camera">Add a camera</a>
  </span>
</div>
{#if refused && !refusedCamera}<p class="mb-2 font-semibold text-(--accent-ink)" role="alert">
    {refused.message}
  </p>{/if}
{#if did}
  <form method="post" action="?/{did.undo}" use:enhance class="mb-2 flex items-center gap-3">
    <input type="hidden" name="id" value={did.id} />
    <span role="status">{did.words}</span>
    <button class="btn preset-outlined-surface-950-50">Undo</button>
  </form>
{/if}
<div class="mb-3 flex flex-wrap items-center gap-x-5 gap-y-1">
  <label class="flex flex-[1_1_16rem] items-center gap-2">
    <Icon svg={search} size={18} /><span class="sr-only">Search the kit</span>
    <input class="input max-w-80" type="search" placeholder="camera, film, filter …" bind:value={words} />
  </label>
  <nav class="flex gap-4" aria-label="Parts of the kit">
    <a class="link" href="#cameras">Cameras {cameras.length}</a>
    <a class="link" href="#films">Films {films.length}</a>
    <a class="link" href="#bag">Bag {bagCount}</a>
  </nav>
</div>
<section aria-labelledby="cameras" class="scroll-mt-2">
  <h2 id="cameras" class="sr-only">Cameras</h2>
  <div class="grid gap-3 lg:grid-cols-2">
    {#each cameras as { camera, pair, next } (camera.id)}
      <CameraRow
        {camera}
        {pair}
        {next}
        films={data.films}
        inUse={pair !== null && pair.loadId === data.inUse}
        refused={refusedCamera === camera.id ? refused : null}
        shoot="/shoot{lightQuery}"
      />
    {:else}
      {#if data.cameras.length === 0}
        <p>No camera yet. <a class="link" href="/start">Answer three questions about yours</a>.</p>
      {:else}
        <p>No camera has “{words.trim()}” in its name or its film’s.</p>
      {/if}
    {/each}
  </div>
  {#if data.retired.length > 0}
    <details class="mt-2">
      <summary class="min-h-11 cursor-pointer py-2">Retired cameras ({data.retired.length})</summary>
      <ul>
        {#each data.retired as camera (camera.id)}
          <li class="flex items-center gap-4 py-1">
            <b>{camera.name}</b>
            <Act act="bringBack" id={camera.id} words="Bring back" label="Bring back {camera.name}" />
          </li>
        {/each}
      </ul>
    </details>
  {/if}
</section>
<div class="mt-6 grid gap-x-10 gap-y-6 lg:grid-cols-2">
  <section aria-label="Films" id="films" class="scroll-mt-2">
    <div class="flex items-center justify-between">
      <h2>Films</h2>
      <a class="btn preset-outlined-surface-950-50" href="/kit/film">Add a film</a>
    </div>
    <KitList lines={films} path="/kit/film" part="film" remove="removeFilm" />
    {#if films.length === 0 && data.films.length > 0}<p>No film has “{words.trim()}” in its name.</p>{/if}
  </section>
  <section aria-label="In the bag" id="bag" class="scroll-mt-2">
    <div class="flex items-center justify-between">
      <h2>In the bag</h2>
      <a class="btn preset-outlined-surface-950-50" href="/kit/thing">Add to the bag</a>
    </div>
    {#each bag as group (group.kind)}
      <h3 class="kicker mt-2">{THING_WORDS[group.kind][1]}</h3>
      <KitList lines={group.lines} path="/kit/thing" part="thing" remove="removeThing" />
    {:else}
      <p class="text-(--soft)">
        {data.things.length === 0
          ? 'Filters, flashes, meters, supports and lamps: what would help on Shoot is drawn from them.'
          : `Nothing in the bag has “${words.trim()}” in its name.`}
      </p>
    {/each}
  </section>
</div>
