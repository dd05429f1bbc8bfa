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
<div class="scenes" role="group" aria-label="Named scenes">
  {#each groups as { group, scenes } (group)}
    <p class="kicker">{GROUP_WORDS[group]}</p>
    {#each scenes as scene (scene.id)}
      <button
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
  .scenes {
    max-height: 290px;
    overflow-y: auto;
    margin-top: 6px;
    padding: 2px;
  }
  .scenes .kicker {
    margin-top: 6px;
  }
  button {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 10px;
    width: 100%;
    min-height: 44px;
    padding: 2px 8px;
    text-align: left;
    line-height: 1.2;
    border-bottom: 1px solid var(--line);
    cursor: pointer;
  }
  button:hover {
    background: var(--well);
  }
  button[aria-pressed='true'] {
    background: var(--ink);
    color: var(--sheet);
  }
</style>
