<script lang="ts">
  import { onMount } from 'svelte';
  import { SUPPORTS, type Support } from '#core/error/situation.ts';
  import { filmWorth } from '#core/plan/chance-map.ts';
  import { zoneHere } from '#core/sky/zone.ts';
  import { wallClock } from '#core/sky/wall-clock.ts';
  import { FACINGS, type Facing } from '#core/sky/sky-scene.ts';
  import { sceneById } from '#core/light/scenes.ts';
  import { useCurrent } from '#ui/current.svelte.ts';
  import { offline } from '#ui/offline/offline.svelte.ts';
  import ChanceChart from '#ui/plan/film/ChanceChart.svelte';
  import { FilmAsk } from '#ui/plan/film/film-ask.svelte.ts';
  import {
    columnsOf,
    FilmComparison,
    meanByHour,
    pairOfVariant,
    variantsFor
  } from '#ui/plan/film/film-compare.svelte.ts';
  import { readHourOfDay, readShare } from '#ui/plan/film/read-ask.ts';
  import { LAMP_SCENES } from '#ui/plan/plan-draft.svelte.ts';
  import ReadTile from '#ui/tile/ReadTile.svelte';
  import Tile from '#ui/tile/Tile.svelte';
  import WordsTile from '#ui/tile/WordsTile.svelte';
  import { HELD_WORDS } from '#ui/shoot/words.ts';
  import { FACING_WORDS } from '#ui/text/say-light.ts';
  import { chanceInHundred } from '#ui/text/say.ts';

  const current = useCurrent();
  const comparison = new FilmComparison();
  onMount(() => {
    void offline.carry();
    return () => comparison.stop();
  });
  const { place } = $derived(current.settings);
  const today = $derived(wallClock(Date.now(), place?.zone ?? zoneHere()).date);
  // svelte-ignore state_referenced_locally
  const ask = new FilmAsk(today);
  const cameras = $derived(offline.carried?.cameras.map((c) => c.camera) ?? []);
  const camera = $derived(
    cameras.find((c) => c.id === ask.cameraId) ?? current.pair?.camera ?? cameras[0] ?? null
  );
  const variants = $derived(
    camera
      ? variantsFor(
          camera,
          (offline.carried?.films ?? []).map((f) => f.value),
          offline.carried?.things ?? []
        )
      : []
  );
  const { leastChance, steadiness } = $derived(current.settings);

  /** What the answer on the page is about. */
  let answered = $state.raw<{ readonly variants: typeof variants; readonly name: string } | null>(null);
  function compare(): void {
    if (!camera || !place) return;
    answered = { variants, name: camera.name };
    const lamps = sceneById(ask.lamps);
    comparison.ask(
      variants.map((v) => pairOfVariant(camera, v, { leastChance, steadiness })),
      {
        ...{ place, from: ask.from, days: ask.days, facing: ask.facing, ground: 'ground' },
        ...{ skies: ask.skies, support: ask.support },
        lamps: lamps && { lv: lamps.lv, contrast: lamps.contrast }
      }
    );
  }
  const rows = $derived.by(() => {
    const { map } = comparison;
    if (!map || !answered) return [];
    return answered.variants
      .flatMap((variant, i) => {
        const chances = map.chances[i];
        if (!chances) return [];
        return [{ variant, chances, worth: filmWorth(chances, ask.hours, variant.film, leastChance) }];
      })
      .sort((a, b) => b.worth.chance - a.worth.chance);
  });
  let chosen = $state('');
  const row = $derived(rows.find((r) => r.variant.key === chosen) ?? rows[0] ?? null);
  const columns = $derived(row && comparison.map ? columnsOf(comparison.map.dates, row.chances) : []);
  const nameOf = (v: (typeof variants)[number]): string =>
    v.filter ? `${v.film.name} with ${v.filter.name}` : v.film.name;
</script>

<svelte:head><title>Which film? · Just Enough</title></svelte:head>
<div class="mt-1 mb-3 flex flex-wrap items-baseline justify-between gap-x-4">
  <h1 class="text-[1.75rem] font-[650]">Which film?</h1>
  <a class="inline-grid min-h-11 min-w-11 content-center underline" href="/plan">Plan</a>
</div>
{#if !place}
  <p>
    Say where you will be on <a class="underline" href="/plan">Plan</a>: the light of a place decides.
  </p>
{:else if !camera}
  <p>
    No camera is in the kit. <a class="underline" href="/kit/camera">Add one</a>, and its films are compared.
  </p>
{:else if variants.length === 0}
  <p>
    No film in the kit fits the {camera.name}. <a class="underline" href="/kit/film">Add one</a>.
  </p>
{:else}
  <div class="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-5 lg:grid-cols-[20rem_minmax(0,1fr)]">
    <div class="grid content-start gap-2">
      <p><b>{place.name}</b> <a class="underline" href="/plan">another place</a></p>
      <Tile label="Camera" value={camera.id} onchoose={(v: string) => (ask.cameraId = v)}>
        {#each cameras as { id, name } (id)}<option value={id}>{name}</option>{/each}
      </Tile>
      <Tile label="Days" value={ask.span} onchoose={(v: string) => (ask.span = v)}>
        {#each ask.spans as { value, words } (value)}<option {value}>{words}</option>{/each}
      </Tile>
      <div class="grid grid-cols-2 items-start gap-1.5">
        <WordsTile
          label="Held"
          value={ask.support}
          all={SUPPORTS}
          words={HELD_WORDS}
          onchoose={(value: Support) => (ask.support = value)}
        />
        <ReadTile
          label="Out from, hour"
          text={String(ask.hours[0])}
          read={readHourOfDay}
          onread={(h: number) => (ask.hours = [h, ask.hours[1]])}
          inputmode="numeric"
        />
        <ReadTile
          label="Until, hour"
          text={String(ask.hours[1])}
          read={readHourOfDay}
          onread={(h: number) => (ask.hours = [ask.hours[0], h])}
          inputmode="numeric"
        />
        <ReadTile
          label="Clear days of ten"
          text={ask.clearText}
          read={(t: string) => readShare(t, ask.brokenTenths)}
          onread={(n: number | null) => (ask.clearTenths = n)}
          inputmode="decimal"
          example="a third"
        />
        <ReadTile
          label="With broken cloud"
          text={ask.brokenText}
          read={(t: string) => readShare(t, ask.clearTenths)}
          onread={(n: number | null) => (ask.brokenTenths = n)}
          inputmode="decimal"
          example="a third"
        />
        <WordsTile
          label="The subject is"
          value={ask.facing}
          all={FACINGS}
          words={FACING_WORDS}
          onchoose={(value: Facing) => (ask.facing = value)}
        />
        <Tile label="Lamps that stay on" value={ask.lamps} onchoose={(v: string) => (ask.lamps = v)}>
          <option value="">none</option>
          {#each LAMP_SCENES as { id, name } (id)}<option value={id}>{name}</option>{/each}
        </Tile>
      </div>
      {#if comparison.progress === null}
        <button type="button" class="btn preset-filled min-h-11" onclick={compare}>Compare</button>
      {:else}
        <progress class="progress w-full" max="1" value={comparison.progress} aria-label="Comparing"
        ></progress>
        <button type="button" class="btn preset-outlined min-h-11" onclick={() => comparison.cancel()}
          >Stop</button
        >
      {/if}
      {#if comparison.trouble !== ''}<p role="alert">Not compared: {comparison.trouble}</p>{/if}
    </div>
    <div
      class="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-4"
      aria-busy={comparison.progress !== null}
      data-testid="films"
    >
      {#if row && answered}
        <div class="card overflow-x-auto p-4">
          <table class="w-full text-[0.9375rem]">
            <caption class="sr-only">Films by the chance of a usable frame</caption>
            <thead class="text-left text-[0.8125rem] text-(--soft)">
              <tr class="align-bottom"
                ><th class="pr-3 font-normal">Film in the {answered.name}</th><th class="pr-3 font-normal"
                  >In 100</th
                ><th class="pr-3 font-normal">Hours that work</th><th class="pr-3 font-normal"
                  >Keepers of a pack or roll</th
                ><th class="font-normal">Cost of one</th></tr
              >
            </thead>
            <tbody>
              {#each rows as { variant, worth } (variant.key)}
                <tr class="border-t border-(--line)">
                  <th class="pr-3 text-left font-semibold" scope="row"
                    ><button
                      type="button"
                      class="min-h-11 cursor-pointer py-1 text-left leading-tight {variant.key ===
                      row.variant.key
                        ? 'underline decoration-2'
                        : ''}"
                      aria-pressed={variant.key === row.variant.key}
                      onclick={() => (chosen = variant.key)}>{nameOf(variant)}</button
                    ></th
                  >
                  <td class="pr-3">{chanceInHundred(worth.chance)}</td>
                  <td class="pr-3 whitespace-nowrap">{Math.round(100 * worth.hoursThatWork)} %</td>
                  <td class="pr-3 whitespace-nowrap">{worth.keepers.toFixed(1)} of {variant.film.frames}</td>
                  <td>{worth.costPerKeeper === null ? '–' : worth.costPerKeeper.toFixed(2)}</td>
                </tr>
              {/each}
            </tbody>
          </table>
        </div>
        <figure class="chart m-0">
          <figcaption class="kicker">
            {nameOf(row.variant)}: usable frames in 100 by hour and {columns.length ===
            comparison.map?.dates.length
              ? 'day'
              : 'week'}
          </figcaption>
          <ChanceChart {columns} label="Chances by hour and day; the table below says the same" />
        </figure>
        <details>
          <summary class="chip inline-grid place-content-center">Hour by hour</summary>
          <table class="text-[0.9375rem]">
            <thead><tr><th class="pr-4 text-left">Hour</th><th class="text-left">In 100</th></tr></thead>
            <tbody>
              {#each meanByHour(row.chances) as chance, hour (hour)}
                <tr
                  ><th class="pr-4 text-left font-normal" scope="row">{String(hour).padStart(2, '0')}:00</th
                  ><td>{chanceInHundred(chance)}</td></tr
                >
              {/each}
            </tbody>
          </table>
        </details>
      {:else}
        <p class="soft">
          Every film that fits, through every hour of the days you will be out: how often a frame comes out,
          how many of a pack are worth keeping, and what one of them costs. The moon is left out.
        </p>
      {/if}
    </div>
  </div>
{/if}
