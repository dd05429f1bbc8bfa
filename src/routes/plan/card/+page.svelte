<!-- A card for the pocket: what to set in each light, with this camera and film, to be printed, cut out and folded. -->
<script lang="ts">
  import { atHandFrom } from '#core/advice/at-hand.ts';
  import { sharedFormat } from '#core/chance/conditions.ts';
  import { cardFlashes, cardLights, cardSeconds } from '#core/plan/card.ts';
  import { useCurrent } from '#ui/current.svelte.ts';
  import { CARD_LIGHTS, cardFront, saySharp } from '#ui/plan/card-text.ts';
  import { CARD_SIZES, ON_A_SHEET, PAPERS, ROOM, type CardSize, type Paper } from '#ui/plan/card-sizes.ts';
  import Choice from '#ui/Choice.svelte';
  import PocketCard from '#ui/plan/PocketCard.svelte';
  import { planPair } from '#ui/plan/planner.svelte.ts';

  const current = useCurrent();
  let size = $state<CardSize>('bank');
  let paper = $state<Paper>('a4');
  let copies = $state(1);
  const LVS = [14, 12, 10, 8, 6, 4, 2, 0, -2] as const;
  const SIZE_WORDS: Readonly<Record<CardSize, string>> = { bank: 'Bank card', a6: 'A6' };
  const PAPER_WORDS: Readonly<Record<Paper, string>> = { a4: 'A4', letter: 'Letter' };

  const card = $derived.by(() => {
    const { pair, things, films, settings } = current;
    if (!pair) return null;
    const { camera, film } = pair;
    const { leastChance, steadiness } = settings;
    const { situation, present, atHand } = planPair(pair, {
      things,
      leastChance,
      steadiness,
      purpose: 'good-frame'
    });
    const room = ROOM[size];
    const owned = { ...atHandFrom(films, things), filters: atHand.filters };
    const lights = CARD_LIGHTS.slice(0, room.lights);
    const rows = cardLights(
      situation,
      present,
      lights.map((l) => l.light),
      owned
    );
    const filters = [0, ...owned.filters.map((f) => f.stops)].slice(0, 4);
    const seconds = cardSeconds(situation, present, LVS, filters);
    const some = seconds.filter((row) => row.seconds.some((v) => v !== null));
    const units =
      camera.flash.kind === 'switch'
        ? [camera.flash.unit]
        : camera.flash.kind === 'shoe'
          ? owned.flashes
          : [];
    return {
      ...{ pair, seconds: some.slice(0, room.seconds), checks: room.checks ? camera.checks : [] },
      ...{ lights, front: cardFront(camera, rows) },
      filters: filters.map((stops) =>
        stops === 0 ? 'bare' : (owned.filters.find((f) => f.stops === stops)?.name ?? '')
      ),
      sharp: saySharp(camera, sharedFormat(camera, film) ?? camera.formats[0] ?? '135'),
      flashes: cardFlashes(situation, present, units).map(({ unit, range }) => ({
        name: unit.name === '' ? 'Its flash' : unit.name,
        range
      })),
      leftOut: [
        ...(some.length > room.seconds ? ['the longest exposures'] : []),
        ...(!room.checks && camera.checks.length > 0 ? ['the reminders before each press'] : [])
      ]
    };
  });
</script>

<svelte:head><title>Pocket card · Just Enough</title></svelte:head>
{#if card}
  <div class="mb-3 grid gap-2 print:hidden">
    <h1 class="mt-1 text-[1.75rem] font-[650]">Pocket card</h1>
    <p>
      {card.pair.camera.name} with {card.pair.film.name}: cut out, fold the left half behind. For the camera
      in use;
      <a class="underline" href="/kit">use another</a> for its card.
    </p>
    <div class="flex flex-wrap items-center gap-3">
      <Choice
        label="Size of the card"
        value={size}
        options={CARD_SIZES.map((s) => [s, SIZE_WORDS[s]] as const)}
        onchoose={(value: string) => (size = CARD_SIZES.find((s) => s === value) ?? size)}
      />
      <Choice
        label="Paper"
        value={paper}
        options={PAPERS.map((p) => [p, PAPER_WORDS[p]] as const)}
        onchoose={(value: string) => (paper = PAPERS.find((p) => p === value) ?? paper)}
      />
      <label class="flex items-center gap-2"
        >Copies
        <select class="select w-auto" bind:value={copies}>
          {#each Array.from({ length: ON_A_SHEET[size] }, (_, i) => i + 1) as count (count)}<option
              value={count}>{count}</option
            >{/each}
        </select></label
      >
      <button type="button" class="btn preset-filled-primary-700-300 min-h-11" onclick={() => print()}
        >Print</button
      >
    </div>
    {#if card.leftOut.length > 0}
      <p class="soft">This size has no room for {card.leftOut.join(' and ')}: A6 has.</p>
    {/if}
    <p class="soft">
      Print at 100 %, not fitted to the page. Pushed film and what a shop develops: its own sheet comes first.
    </p>
  </div>
  <!-- on a small screen it is moved by key, too -->
  <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
  <div
    class="overflow-x-auto pb-2 print:overflow-visible"
    role="region"
    aria-label="The sheet"
    data-paper
    tabindex="0"
  >
    <div class="sheet {paper}{size === 'a6' ? '-wide' : ''}">
      {#each Array.from({ length: Math.min(copies, ON_A_SHEET[size]) }, (_, i) => i) as copy (copy)}
        <PocketCard {size} {...card} />
      {/each}
    </div>
  </div>
{:else}
  <h1 class="mt-1 mb-2 text-[1.75rem] font-[650]">Pocket card</h1>
  <p>No camera is loaded. <a class="underline" href="/kit">Load one</a>, and its card is here.</p>
{/if}

<style>
  @page a4 {
    size: A4;
    margin: 10mm;
  }
  @page a4-wide {
    size: A4 landscape;
    margin: 10mm;
  }
  @page letter {
    size: letter;
    margin: 10mm;
  }
  @page letter-wide {
    size: letter landscape;
    margin: 10mm;
  }
  .sheet {
    display: grid;
    justify-content: start;
    gap: 6mm;
    padding: 1mm;
  }
  .a4 {
    page: a4;
  }
  .a4-wide {
    page: a4-wide;
  }
  .letter {
    page: letter;
  }
  .letter-wide {
    page: letter-wide;
  }
</style>
