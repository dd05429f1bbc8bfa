<script lang="ts">
  import { enhance } from '$app/forms';
  import { THING_KINDS } from '#core/kit/thing.ts';
  import { queryFromLight } from '#schema/light/light-query.ts';
  import { useCurrent } from '#ui/current.svelte.ts';
  import Act from '#ui/kit/Act.svelte';
  import CameraRow from '#ui/kit/CameraRow.svelte';
  import KitList from '#ui/kit/KitList.svelte';
  import { sayFilm, sayThing, THING_WORDS } from '#ui/kit/say-kit.ts';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
  const current = useCurrent();
  const lightQuery = $derived(`?${queryFromLight(current.light).toString()}`);
  const refused = $derived(form?.message === undefined ? null : form);
  const refusedCamera = $derived(refused?.cameraId ?? null);
  const did = $derived(form?.did === undefined ? null : form);
  const films = $derived(data.films.map((f) => ({ id: f.id, name: f.name, words: sayFilm(f) })));
  const bag = $derived(
    THING_KINDS.map((kind) => ({
      kind,
      lines: data.things
        .filter((t) => t.data.kind === kind)
        .map((t) => ({ id: t.id, name: t.name, words: sayThing(t) }))
    })).filter((group) => group.lines.length > 0)
  );
</script>

<svelte:head><title>Kit · Just Enough</title></svelte:head>
<div class="head">
  <h1>Kit</h1>
  <span class="ways">
    <a class="btn preset-outlined-surface-950-50" href="/kit/pairs{lightQuery}"
      >Which film for which camera?</a
    >
    <a class="btn preset-outlined-surface-950-50" href="/kit/camera">Enter a camera</a>
  </span>
</div>
{#if refused && !refusedCamera}<p class="refused" role="alert">{refused.message}</p>{/if}
{#if did}
  <form method="post" action="?/{did.undo}" use:enhance class="done">
    <input type="hidden" name="id" value={did.id} />
    <span role="status">{did.words}</span>
    <button class="btn preset-outlined-surface-950-50">Undo</button>
  </form>
{/if}
<div class="cameras">
  {#each data.cameras as { camera, pair, next } (camera.id)}
    <CameraRow
      {camera}
      {pair}
      {next}
      films={data.films}
      inUse={pair !== null && pair.loadId === data.inUse}
      refused={refusedCamera === camera.id ? refused : null}
      {lightQuery}
    />
  {:else}
    <p>No camera yet. <a href="/start">Answer three questions about yours</a>.</p>
  {/each}
</div>
{#if data.retired.length > 0}
  <details>
    <summary>Retired cameras ({data.retired.length})</summary>
    <ul>
      {#each data.retired as camera (camera.id)}
        <li>
          <b>{camera.name}</b>
          <Act act="bringBack" id={camera.id} words="Bring back" label="Bring back {camera.name}" />
        </li>
      {/each}
    </ul>
  </details>
{/if}
<div class="columns">
  <section aria-label="Films">
    <div class="head">
      <h2>Films</h2>
      <a class="btn preset-outlined-surface-950-50" href="/kit/film">Enter a film</a>
    </div>
    <KitList lines={films} path="/kit/film" remove="removeFilm" />
  </section>
  <section aria-label="In the bag" id="bag">
    <div class="head">
      <h2>In the bag</h2>
      <a class="btn preset-outlined-surface-950-50" href="/kit/thing">Put something in</a>
    </div>
    {#each bag as group (group.kind)}
      <h3>{THING_WORDS[group.kind][1]}</h3>
      <KitList lines={group.lines} path="/kit/thing" remove="removeThing" />
    {:else}
      <p class="soft">
        Filters, flashes, meters, supports and lamps stand here; what would help on Shoot is drawn from them.
      </p>
    {/each}
  </section>
</div>

<style>
  .head {
    display: flex;
    justify-content: space-between;
    align-items: center;
    margin: 4px 0 10px;
  }
  h1 {
    font-size: 1.75rem;
    font-weight: 650;
  }
  .preset-outlined-surface-950-50 {
    display: inline-grid;
    place-content: center;
    text-decoration: none;
  }
  .ways {
    display: flex;
    flex-wrap: wrap;
    justify-content: flex-end;
    gap: 8px;
  }
  .cameras {
    display: grid;
    gap: 12px;
  }
  .columns {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 20px 40px;
    margin-top: 22px;
  }
  h3 {
    font: 600 0.875rem/1.25 var(--font-body);
    color: var(--soft);
    margin-top: 8px;
  }
  details {
    margin-top: 12px;
  }
  li {
    display: flex;
    align-items: center;
    gap: 16px;
    padding: 4px 0;
  }
  .refused {
    color: var(--accent);
    font-weight: 600;
    margin-bottom: 8px;
  }
  .done {
    display: flex;
    gap: 12px;
    align-items: center;
    margin-bottom: 10px;
  }
  a {
    text-decoration: underline;
  }
  @media (max-width: 900px) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
