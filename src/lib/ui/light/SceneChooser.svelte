<!-- Named scenes indoors, at dusk and by night, to be searched by any word. -->
<script lang="ts">
  import { findScenes, SCENE_GROUPS } from '#core/light/scenes.ts';
  import { choiceFromScene } from '#core/ways/choice.ts';
  import { formatLv, formatThirds } from '#core/units/stops.ts';
  import type { LightPanelWay } from './panel.ts';

  let { light, onlight, told }: LightPanelWay & { told: boolean } = $props();
  const uid = $props.id();
  let words = $state('');
  const found = $derived(findScenes(words));
  const groups = $derived(
    SCENE_GROUPS.map((group) => ({ group, scenes: found.filter((s) => s.group === group) })).filter(
      (g) => g.scenes.length > 0
    )
  );
  const GROUP_WORDS = { indoors: 'Indoors', dusk: 'At dusk', night: 'By night' } as const;
</script>

<label class="kicker" for="{uid}-words">What kind of place is it?</label>
<input id="{uid}-words" class="input" type="search" placeholder="street, stage, moon …" bind:value={words} />
<div class="max-h-72.5 [overflow-y:auto] mt-1.5 p-0.5" role="group" aria-label="Named scenes">
  {#each groups as { group, scenes } (group)}
    <p class="kicker mt-1.5">{GROUP_WORDS[group]}</p>
    {#each scenes as scene (scene.id)}
      <button
        class="flex justify-between items-center gap-2.5 w-full min-h-11 py-0.5 px-2 text-left leading-[1.2] border-b border-b-(--line) cursor-pointer hover:bg-(--well)"
        type="button"
        aria-pressed={told && light.way.kind === 'scene' && light.way.scene === scene.id}
        onclick={() => onlight(choiceFromScene(scene))}
      >
        <span>{scene.name}</span>
        <span class="whitespace-nowrap">{`${formatLv(scene.lv)} ± ${formatThirds(scene.sdStops)}`}</span>
      </button>
    {/each}
  {:else}
    <p>No scene has “{words.trim()}” in it. Try one word: street, church, moon, stage, window.</p>
  {/each}
</div>
<p class="text-(--soft) text-[0.8125rem] mt-1.5">
  After published guides, from memory; each may be a stop off. A meter knows better.
</p>

<style>
  button[aria-pressed='true'] {
    background: var(--ink);
    color: var(--sheet);
  }
</style>
