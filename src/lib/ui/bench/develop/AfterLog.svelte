<!-- On Shoot, from the moment an instant frame is logged: how long until it may be peeled or uncovered. -->
<script lang="ts">
  import { onMount } from 'svelte';
  import { developingTable, developingTime, instantWay } from '#core/bench/develop/instant-time.ts';
  import { circumstancesOf } from '#core/error/situation.ts';
  import type { Judged } from '../../current-judge.ts';
  import { DarkClock, sayClock } from './clock.svelte.ts';
  import { INSTANT_WORDS } from './say-develop.ts';

  let { judged, number }: { judged: Judged; number: number } = $props();
  /** Without a word about the temperature, a room's. */
  const ROOM_C = 20;
  const film = $derived(judged.pair.film);
  const way = $derived(instantWay(film));
  const time = $derived.by(() => {
    const rows = developingTable(film);
    return rows && developingTime(rows, circumstancesOf(judged.situation).temperatureC ?? ROOM_C);
  });
  const clock = new DarkClock((s) => (s >= (time?.seconds ?? 0) ? 'done' : 'rest'));
  onMount(() => {
    clock.start();
    return () => clock.stop();
  });
  const left = $derived(clock.elapsed === null || !time ? null : time.seconds - clock.elapsed);
</script>

{#if way && left !== null}
  <section class="card grid gap-1.5 p-3" aria-label="Developing" data-testid="developing">
    <p class="flex items-baseline justify-between gap-3">
      <b>Frame {number}: {left > 0 ? `${INSTANT_WORDS[way].act.toLowerCase()} in` : INSTANT_WORDS[way].act}</b
      >
      <span class="text-[1.5rem] font-[650]" role="timer">{left > 0 ? sayClock(left) : 'now'}</span>
    </p>
    <p class="soft text-[0.875rem] leading-snug">{INSTANT_WORDS[way].mind}</p>
    <p class="flex gap-4">
      <a class="inline-grid min-h-11 content-center underline" href="/bench/develop">Temperature, table</a>
      <button type="button" class="min-h-11 min-w-11 cursor-pointer underline" onclick={() => clock.stop()}
        >Done with it</button
      >
    </p>
  </section>
{/if}
