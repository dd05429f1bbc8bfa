<script module lang="ts">
  import type { Judged } from '../../current-judge.ts';
  import type { Adviser } from '../../verdict/adviser.svelte.ts';

  /** All that is said about the frame beside its light, right below the answer; what needs room opens below the row. */
  export interface FrameBarProps {
    judged: Judged;
    adviser: Adviser;
  }
</script>

<script lang="ts">
  import { setsItself } from '#core/camera/camera.ts';
  import { PURPOSES, type Motion, type Purpose } from '#core/error/situation.ts';
  import { CONTRASTS } from '#core/light/contrast.ts';
  import { useCurrent } from '../../current.svelte.ts';
  import { CONTRAST_WORDS, HANDS, MOTIONS, PURPOSE_WORDS, sayHand } from '../words.ts';
  import FlashMix from './FlashMix.svelte';
  import FlashTile from './FlashTile.svelte';
  import Held from './Held.svelte';
  import OpenTile from './OpenTile.svelte';
  import { sayDistance, sayEye, sayLamp, sayOnLens } from './say-part.ts';
  import Tile from '../../tile/Tile.svelte';
  import WordsTile from '../../tile/WordsTile.svelte';

  type Part = 'distance' | 'eye' | 'filters' | 'lamp';
  let { judged, adviser }: FrameBarProps = $props();
  const current = useCurrent();
  const uid = $props.id();
  let open = $state<Part | null>(null);
  const asked = $derived(current.asked);
  const { camera, packFilter } = $derived(judged.pair);
  const itself = $derived(setsItself(camera));
  /** A lamp of one's own can be moved. */
  const hasLamp = $derived(asked.lamp !== undefined || current.things.some((t) => t.data.kind === 'lamp'));
  const motion = $derived(
    MOTIONS.findIndex(
      (m) =>
        m.motion?.metresPerSecond === asked.motion?.metresPerSecond && m.motion?.way === asked.motion?.way
    )
  );

  const without = (name: 'motion' | 'steadiness'): typeof asked =>
    Object.fromEntries(Object.entries(asked).filter(([key]) => key !== name));
  function setMotion(next: Motion | null | undefined): void {
    current.asked = next ? { ...asked, motion: next } : without('motion');
  }
  function setSteadiness(factor: number): void {
    current.asked = Number.isNaN(factor) ? without('steadiness') : { ...asked, steadiness: factor };
  }
</script>

{#snippet opens(part: Part, label: string, value: string)}
  <OpenTile
    {label}
    {value}
    open={open === part}
    controls="{uid}-part"
    onpress={() => (open = open === part ? null : part)}
  />
{/snippet}

<div class="grid gap-1.5" role="group" aria-label="The frame">
  <Held {adviser} />
  <div class="grid grid-cols-2 gap-1.5 sm:grid-cols-3">
    {@render opens('distance', 'Distance', sayDistance(asked))}
    <FlashTile {judged} />
    {#if itself}{@render opens('eye', 'Its eye sees', sayEye(asked))}{/if}
    <WordsTile
      label="Purpose"
      value={asked.purpose ?? 'good-frame'}
      all={PURPOSES}
      words={PURPOSE_WORDS}
      onchoose={(purpose: Purpose) => (current.asked = { ...asked, purpose })}
    />
    <Tile
      label="Movement"
      value={String(Math.max(0, motion))}
      onchoose={(value) => setMotion(MOTIONS[Number(value)]?.motion)}
    >
      {#each MOTIONS as m, i (m.words)}<option value={String(i)}>{m.words}</option>{/each}
    </Tile>
    <Tile
      label="Contrast"
      value={current.contrastSaid ?? 'own'}
      onchoose={(value) => current.sayContrast(CONTRASTS.find((c) => c === value) ?? null)}
    >
      <option value="own">as the light is</option>
      {#each CONTRASTS as contrast (contrast)}
        <option value={contrast}>{CONTRAST_WORDS[contrast]}</option>
      {/each}
    </Tile>
    {@render opens('filters', 'On the lens', sayOnLens(asked, packFilter))}
    {#if (asked.support ?? 'hand') !== 'standing'}
      <Tile
        label="Your hand"
        value={String(asked.steadiness ?? 'own')}
        onchoose={(value) => setSteadiness(Number(value))}
      >
        <option value="own">{sayHand(current.settings.steadiness)}</option>
        {#each HANDS as { factor, words } (factor)}<option value={String(factor)}>{words}</option>{/each}
      </Tile>
    {/if}
    {#if hasLamp}{@render opens('lamp', 'Your lamp', sayLamp(asked))}{/if}
  </div>
  <FlashMix {judged} />
  <div id="{uid}-part" class={open === null ? 'hidden' : 'border-l-4 border-(--ink) py-1 pl-3'}>
    {#if open === 'distance'}
      {#await import('./DistanceField.svelte') then { default: DistanceField }}<DistanceField
          {judged}
        />{/await}
    {:else if open === 'eye'}
      {#await import('./EyeField.svelte') then { default: EyeField }}<EyeField {judged} />{/await}
    {:else if open === 'filters'}
      {#await import('./FilterField.svelte') then { default: FilterField }}<FilterField {judged} />{/await}
    {:else if open === 'lamp'}
      {#await import('./LampFields.svelte') then { default: LampFields }}<LampFields />{/await}
    {/if}
  </div>
</div>
