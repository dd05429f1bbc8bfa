<!-- An instant picture: how long it develops at this temperature, by a table that is the film's own, and a clock for it. -->
<script lang="ts">
  import { onMount } from 'svelte';
  import { invalidateAll } from '$app/navigation';
  import { developingTable, developingTime, instantWay } from '#core/bench/develop/instant-time.ts';
  import type { DevelopingRow } from '#core/bench/develop/instant-time.ts';
  import { circumstancesOf } from '#core/error/situation.ts';
  import { formatDecimal } from '#core/units/decimal.ts';
  import { changeFilm } from '../../api.ts';
  import type { Judged } from '../../current-judge.ts';
  import { sayDone, sayTrouble } from '../../notices/say.ts';
  import ReadTile from '../../tile/ReadTile.svelte';
  import { DarkClock, sayClock } from './clock.svelte.ts';
  import InstantDrawing from './InstantDrawing.svelte';
  import { between, INSTANT_WORDS, readTable, tableText } from './say-develop.ts';

  let { judged }: { judged: Judged } = $props();
  const film = $derived(judged.pair.film);
  const way = $derived(instantWay(film) ?? 'cover');
  const rows = $derived(developingTable(film) ?? []);
  let typed = $state<number | null>(null);
  const celsius = $derived(typed ?? circumstancesOf(judged.situation).temperatureC ?? 20);
  const time = $derived(developingTime(rows, celsius));
  const clock = new DarkClock((s) => (s >= time.seconds ? 'done' : 'rest'));
  onMount(() => () => clock.stop());
  const left = $derived(clock.elapsed === null ? null : time.seconds - clock.elapsed);

  async function keep(developing: readonly DevelopingRow[]): Promise<void> {
    const kept = await changeFilm({ ...film, developing }, judged.pair.filmRevision);
    if (!kept.ok) {
      sayTrouble(kept.error.words);
      return;
    }
    await invalidateAll();
    sayDone(`The table goes with ${film.name}.`);
  }
</script>

<div class="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-5 lg:grid-cols-[22rem_minmax(0,1fr)]">
  <div class="grid content-start gap-3">
    <ReadTile
      label="Temperature of the air, °C"
      text={formatDecimal(celsius, 1)}
      read={between('temperature', -20, 60)}
      onread={(n: number) => (typed = n)}
      inputmode="decimal"
    />
    <p class="text-[1.25rem] leading-snug" data-testid="instant-time">
      <b>{INSTANT_WORDS[way].act} after {sayClock(time.seconds)}.</b>
    </p>
    {#if time.isBeyond}
      <p class="leading-snug">
        The table ends before {formatDecimal(celsius, 1)} °C: what its sheet says comes first.
      </p>
    {/if}
    <p class="leading-snug">{INSTANT_WORDS[way].mind}</p>
    {#if left === null}
      <button
        type="button"
        class="btn preset-filled min-h-11 justify-self-start"
        onclick={() => clock.start()}>It is out: start the clock</button
      >
    {:else}
      <p class="text-[3rem] leading-none font-[650]" role="timer">{left > 0 ? sayClock(left) : 'Now'}</p>
      <p role="status">{left > 0 ? '' : `${INSTANT_WORDS[way].act} now.`}</p>
      <button
        type="button"
        class="btn preset-outlined min-h-11 justify-self-start"
        onclick={() => clock.stop()}>Stop the clock</button
      >
    {/if}
  </div>
  <div class="grid min-w-0 content-start gap-3">
    <InstantDrawing {rows} {celsius} seconds={time.seconds} />
    <ReadTile
      label="Table of this film: °C and seconds, coldest first"
      text={tableText(rows)}
      read={readTable}
      onread={(found: readonly DevelopingRow[]) => void keep(found)}
      example="15: 45, 21: 30"
      maxlength={200}
    />
    <p class="soft leading-snug">
      Its box or sheet prints one: type it here. {film.developing === undefined
        ? 'Until then the table is what is usual for its kind.'
        : ''}
    </p>
  </div>
</div>
