<script lang="ts">
  import search from 'lucide-static/icons/search.svg?raw';
  import Icon from '#ui/Icon.svelte';
  import { page } from '$app/state';
  import { homeActs } from '#ui/log/frame-acts.ts';
  import FilmList from '#ui/log/FilmList.svelte';
  import FindFrames from '#ui/log/FindFrames.svelte';
  import FrameCard from '#ui/log/FrameCard.svelte';
  import LoadPanel from '#ui/log/LoadPanel.svelte';
  import FrameTable from '#ui/log/FrameTable.svelte';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const view = $derived(page.url.searchParams.get('view') === 'table' ? 'table' : 'prints');
  const takenOf = $derived(new Map(data.frames.map((f, i) => [f.id, data.taken[i] ?? null])));
  const judgementOf = $derived(new Map(data.judgements.map((j) => [j.frameId, j])));
  const scanOf = $derived(new Map(data.scans.map((s) => [s.frameId, s])));
  const line = $derived(data.lines.find((l) => l.loadId === data.shown));
  const pieces = $derived(
    [...page.url.searchParams].filter(([key]) => !['after', 'view', 'part'].includes(key))
  );

  /** This page's address with one thing in it changed. */
  function withKey(key: string, value: string): string {
    return `/log?${new URLSearchParams([...pieces, ...(key === 'view' ? [] : [['view', view]]), [key, value]]).toString()}`;
  }
  const last = $derived(data.frames.at(-1));
</script>

<svelte:head><title>Log · Just Enough</title></svelte:head>
<div class="head flex flex-wrap items-center gap-y-1 gap-x-4.5 mb-2">
  <h1 class="text-[1.75rem] font-[650] leading-[1.15] mr-auto">
    {#if data.filter.trash}In the trash{:else if data.looking}Found{:else if line}{line.filmName} in {line.cameraName}{:else}Log{/if}
  </h1>
  <div class="ways flex gap-3">
    <a
      class="underline underline-offset-[3px]"
      href={withKey('view', 'prints')}
      aria-current={view === 'prints' ? 'true' : undefined}>Prints</a
    >
    <a
      class="underline underline-offset-[3px]"
      href={withKey('view', 'table')}
      aria-current={view === 'table' ? 'true' : undefined}>Table</a
    >
  </div>
  {#if data.shown}
    <a class="underline underline-offset-[3px]" href="/log/judge?film={encodeURIComponent(data.shown)}"
      >Judge its frames</a
    >
    <a class="underline underline-offset-[3px]" href="/log/compare?film={encodeURIComponent(data.shown)}"
      >Side by side</a
    >
  {:else if data.looking}
    <a class="underline underline-offset-[3px]" href="/log">Leave the search</a>
  {/if}
  <a class="underline underline-offset-[3px]" href="/log?trash=yes">Trash</a>
</div>
{#if data.load && !data.looking}
  {#key `${data.load.id} ${data.load.revision}`}<LoadPanel
      load={data.load}
      isInstant={data.isInstant}
    />{/key}
{/if}
{#if data.lines.length > 0}
  <form class="mb-1 flex items-center gap-2" method="get" action="/log" role="search">
    <label class="flex min-w-0 flex-1 items-center gap-2 sm:max-w-2xl">
      <Icon svg={search} size={18} /><span class="sr-only">Look for frames</span>
      <input
        class="input"
        type="search"
        name="find"
        value={data.find}
        placeholder="overcast, {data.cameras[0]?.[1] ?? 'my camera'}, too dark, this summer"
      />
    </label>
    <button class="btn preset-outlined-surface-950-50">Look</button>
  </form>
  {#if data.find !== ''}
    <p class="mb-1" data-testid="understood">
      Looked for: {data.understood.length > 0 ? data.understood.join(' · ') : 'nothing that is known here'}.
    </p>
  {/if}
  <FilmList lines={data.lines} page={data.films} shown={data.shown} />
  <details open={(data.looking && data.find === '') || data.problems.length > 0}>
    <summary>Look by field</summary>
    {#key data.filter}
      <FindFrames
        filter={data.filter}
        {view}
        cameras={data.cameras}
        stocks={data.stocks}
        tags={data.tags}
        lines={data.lines}
        problems={data.problems}
      />
    {/key}
  </details>
{/if}
<datalist id="all-tags">
  {#each data.tags as tag (tag)}<option value={tag}></option>{/each}
</datalist>
{#snippet parts(label: string)}
  {#if data.parts.length > 0}
    <nav class="parts flex flex-wrap gap-y-1 gap-x-4.5" aria-label={label}>
      {#each data.parts as part (part.part)}
        <a
          class="underline underline-offset-[3px]"
          href={withKey('part', String(part.part))}
          aria-current={part.from === data.frames[0]?.number ? 'page' : undefined}>{part.from} to {part.to}</a
        >
      {/each}
    </nav>
  {/if}
{/snippet}
{#if data.frames.length > 0}
  {@render parts('Frames of this film')}
  {#if view === 'table' || data.filter.trash}
    {#key data.frames.map((f) => f.id).join()}
      <FrameTable frames={data.frames} {takenOf} {judgementOf} inTrash={data.filter.trash} />
    {/key}
  {:else}
    <div
      class="grid [grid-template-columns:repeat(auto-fill,_minmax(min(100%,_370px),_1fr))] gap-3 print:[grid-template-columns:1fr_1fr]"
    >
      {#each data.frames as frame (frame.id)}
        <FrameCard
          {frame}
          taken={takenOf.get(frame.id) ?? null}
          settings={data.settings}
          recent={data.recent}
          things={data.things}
          acts={homeActs}
          judgement={judgementOf.get(frame.id)}
          scan={scanOf.get(frame.id)}
          pictured={data.pictured.includes(frame.id)}
          named={data.looking}
        />
      {/each}
    </div>
  {/if}
  {@render parts('Frames of this film, below')}
  {#if data.more && last}
    <p class="more mt-3.5">
      <a
        class="btn preset-outlined-surface-950-50 underline underline-offset-[3px]"
        href={withKey('after', `${last.takenAt.at} ${last.id}`)}>Older ones</a
      >
    </p>
  {/if}
{:else if data.filter.trash}
  <p>The trash is empty.</p>
{:else if data.looking}
  <p>No frame is like that. Take a word or a bound away and look again.</p>
{:else if line}
  <p>
    Nothing is logged on {line.filmName} yet.
    <a class="underline underline-offset-[3px]" href="/shoot">Shoot</a>
    logs a frame with one press;
    <a class="underline underline-offset-[3px]" href="/log/roll?film={encodeURIComponent(line.loadId)}"
      >write it up</a
    > if it was shot without.
  </p>
{:else}
  <p>
    There is no film to log on yet. <a class="underline underline-offset-[3px]" href="/start"
      >Add a camera and its film</a
    > first.
  </p>
{/if}

<style>
  .head a {
    display: grid;
    align-content: center;
    min-width: 44px;
    min-height: 44px;
  }
  .ways [aria-current] {
    text-decoration: none;
    font-weight: 650;
  }
  .parts a {
    display: grid;
    align-content: center;
    min-height: 44px;
  }
  .parts [aria-current] {
    text-decoration: none;
    font-weight: 650;
  }
  .more a {
    display: inline-grid;
    align-content: center;
  }
  @media print {
    .ways,
    details,
    .head a,
    .more,
    .parts {
      display: none;
    }
  }
</style>
