<!-- What a day is planned for: where, when, under which sky, for what. -->
<script lang="ts">
  import { onMount } from 'svelte';
  import { sceneById } from '#core/light/scenes.ts';
  import { PURPOSES, type Purpose } from '#core/error/situation.ts';
  import { FACINGS, type Facing, GROUNDS, type Ground, TOLD_SKIES } from '#core/sky/sky-scene.ts';
  import type { NamedPlace } from '#core/ways/choice.ts';
  import { formatLv } from '#core/units/stops.ts';
  import type { RecentFrame } from '../light/recent.ts';
  import PlaceField from '../light/PlaceField.svelte';
  import TextTile from '../tile/TextTile.svelte';
  import Tile from '../tile/Tile.svelte';
  import WordsTile from '../tile/WordsTile.svelte';
  import { PURPOSE_WORDS } from '../shoot/words.ts';
  import { FACING_WORDS, GROUND_WORDS, skyName } from '../text/say-light.ts';
  import { oneOf } from '../tile/one-of.ts';
  import { LAMP_SCENES, OWN_LAMPS, type PlanDraft } from './plan-draft.svelte.ts';

  let {
    draft,
    lately,
    recent,
    onplace
  }: {
    draft: PlanDraft;
    lately: readonly NamedPlace[];
    /** Frames whose readings can be used again. */
    recent: readonly RecentFrame[];
    onplace: (place: NamedPlace) => void;
  } = $props();
  /** Lights that were read for earlier frames: lamps are as bright as they were. */
  const read = $derived(
    recent.flatMap(({ frame, filmName }) =>
      frame.light?.way.kind === 'reading' ? [{ frame, filmName, text: frame.light.way.text }] : []
    )
  );
  function useLamps(value: string): void {
    const before = read.find((r) => r.frame.id === value);
    if (before) draft.lampReading = before.text;
    draft.lamps = before ? OWN_LAMPS : value;
  }
  const DAYS = ['today', 'tomorrow'] as const;
  /** Where there is room beside the plan, everything stands open. */
  let unfolded = $state(false);
  onMount(() => void (unfolded = matchMedia('(min-width: 1024px)').matches));
  let placing = $state(false);
  function take(place: NamedPlace): void {
    placing = false;
    onplace(place);
  }
  const summary = $derived(
    [
      skyName(draft.sky),
      FACING_WORDS[draft.facing],
      draft.lamps === OWN_LAMPS ? 'lamps as read' : sceneById(draft.lamps)?.name
    ]
      .filter((words) => words !== undefined)
      .join(', ')
  );
</script>

{#snippet text(
  label: string,
  field: 'date' | 'shadeFrom' | 'between' | 'lampReading',
  trouble: string,
  example: string
)}
  <TextTile
    {label}
    value={draft[field]}
    {trouble}
    {example}
    maxlength={40}
    inputmode={field === 'between' ? 'numeric' : 'text'}
    ontype={(typed: string) => (draft[field] = typed)}
  />
{/snippet}

<div class="grid content-start gap-2">
  {#if draft.place}
    <details bind:open={placing}>
      <summary class="min-h-11 cursor-pointer content-center"
        ><b>{draft.place.name}</b> <span class="soft">({draft.place.zone})</span></summary
      >
      <PlaceField place={draft.place} {lately} onplace={take} />
    </details>
  {:else}
    <PlaceField place={null} {lately} onplace={take} />
  {/if}
  {#if draft.place}
    <div class="grid grid-cols-[1fr_auto_auto] items-start gap-1.5">
      {@render text('Day', 'date', draft.dateTrouble, 'tomorrow, Saturday or 12.9.')}
      {#each DAYS as day (day)}
        <button
          type="button"
          class="chip h-13"
          aria-pressed={draft.date === day}
          onclick={() => (draft.date = day)}>{day}</button
        >
      {/each}
    </div>
    <WordsTile
      label="Purpose"
      value={draft.purpose}
      all={PURPOSES}
      words={PURPOSE_WORDS}
      onchoose={(value: Purpose) => (draft.purpose = value)}
    />
    <details bind:open={unfolded}>
      <summary class="min-h-11 cursor-pointer content-center leading-snug">
        {summary}
      </summary>
      <div class="grid grid-cols-2 gap-1.5">
        <Tile
          label="The sky"
          value={draft.sky}
          onchoose={(value: string) => (draft.sky = oneOf(TOLD_SKIES, value, 'unsaid'))}
        >
          {#each TOLD_SKIES as sky (sky)}<option value={sky}>{skyName(sky)}</option>{/each}
        </Tile>
        <WordsTile
          label="The subject is"
          value={draft.facing}
          all={FACINGS}
          words={FACING_WORDS}
          onchoose={(value: Facing) => (draft.facing = value)}
        />
        <Tile label="Lamps that stay on" value={draft.lamps} onchoose={useLamps}>
          <option value="">none</option>
          {#each LAMP_SCENES as { id, name, lv } (id)}<option value={id}>{name} (LV {formatLv(lv)})</option
            >{/each}
          <option value={OWN_LAMPS}>as I read them</option>
          {#each read as { frame, filmName, text } (frame.id)}
            <option value={frame.id}>{text} ({filmName} {frame.number})</option>
          {/each}
        </Tile>
        {#if draft.lamps === OWN_LAMPS}
          {@render text('They read', 'lampReading', draft.lampTrouble, 'LV 5, or f/2.8 1/8 at 400')}
        {/if}
        <WordsTile
          label="On"
          value={draft.ground}
          all={GROUNDS}
          words={GROUND_WORDS}
          onchoose={(value: Ground) => (draft.ground = value)}
        />
        {@render text('The sun is off it from', 'shadeFrom', draft.shadeTrouble, '16:20')}
        {@render text('Seconds between frames', 'between', draft.betweenTrouble, '30')}
      </div>
    </details>
  {:else}
    <p class="soft">Sun, moon and twilight are worked out here, without a network. Say where you will be.</p>
  {/if}
</div>
