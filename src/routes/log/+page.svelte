<script lang="ts">
  import { goto } from '$app/navigation';
  import { queryFromLight } from '#schema/light-query.ts';
  import { useHand } from '#ui/hand.svelte.ts';
  import { homeActs } from '#ui/log/frame-acts.ts';
  import FrameCard from '#ui/log/FrameCard.svelte';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const hand = useHand();
  const uid = $props.id();

  async function show(id: string): Promise<void> {
    const query = queryFromLight(hand.light);
    query.set('film', id);
    await goto(`/log?${query.toString()}`, { keepFocus: true, noScroll: true });
  }
</script>

<svelte:head><title>Log · Just Enough</title></svelte:head>
<div class="head">
  <h1>Log</h1>
  {#if data.shown}
    <label for="{uid}-film">Film</label>
    <select id="{uid}-film" value={data.shown.loadId} onchange={(e) => void show(e.currentTarget.value)}>
      {#each data.loads as { id, pair } (id)}
        <option value={id}
          >{pair.film.name} in {pair.camera.name}{pair.finished ? ', finished' : ''} ({pair.framesTotal -
            pair.framesLeft} of {pair.framesTotal})</option
        >
      {/each}
    </select>
    <a class="judge" href="/log/judge?film={encodeURIComponent(data.shown.loadId)}">Judge its frames</a>
  {/if}
</div>
{#if data.shown && data.frames.length > 0}
  <div class="frames">
    {#each data.frames as frame (frame.id)}
      <FrameCard
        {frame}
        pair={data.shown}
        settings={data.settings}
        recent={data.recent}
        things={data.things}
        acts={homeActs}
      />
    {/each}
  </div>
{:else if data.shown}
  <p>
    Nothing is logged on {data.shown.film.name} yet. <a href="/shoot">Shoot</a> logs a frame with one press.
  </p>
{:else}
  <p>There is no film to log on yet. <a href="/start">Enter a camera and its film</a> first.</p>
{/if}

<style>
  .head {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 12px;
    margin: 4px 0 12px;
  }
  h1 {
    font-size: 1.75rem;
    font-weight: 520;
    margin-right: 12px;
  }
  select {
    min-height: 44px;
    max-width: 100%;
    padding: 0 34px 0 10px;
    border: 1.5px solid var(--soft);
    border-radius: 4px;
    background-color: var(--sheet);
  }
  .frames {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(100%, 370px), 1fr));
    gap: 12px;
  }
  a {
    text-decoration: underline;
  }
</style>
