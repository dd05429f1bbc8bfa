<script module lang="ts">
  import type { Thing } from '#core/kit/thing.ts';
  import type { Settings } from '#schema/settings.ts';
  import type { LightChoice } from '#core/ways/choice.ts';
  import type { RecentFrame } from './recent.ts';

  /** All ways to know the light in one panel. */
  export interface LightPanelProps {
    light: LightChoice;
    onlight: (light: LightChoice) => void;
    settings: Settings;
    recent: readonly RecentFrame[];
    things: readonly Thing[];
  }

  const TABS = [
    ['eye', 'By eye'],
    ['scene', 'Scene'],
    ['reading', 'Meter'],
    ['sun', 'Sun, moon'],
    ['frame', 'As before']
  ] as const;
  type Tab = (typeof TABS)[number][0];
</script>

<script lang="ts">
  import Figures from '../text/Figures.svelte';
  import { sayLight } from '../text/say-light.ts';
  import ByEye from './ByEye.svelte';
  import EarlierFrames from './EarlierFrames.svelte';
  import ReadingField from './ReadingField.svelte';
  import SceneChooser from './SceneChooser.svelte';

  let { light, onlight, settings, recent, things }: LightPanelProps = $props();
  const uid = $props.id();
  const tabOf = (kind: LightChoice['way']['kind']): Tab =>
    kind === 'shadow' || kind === 'sky' || kind === 'hand' ? 'eye' : kind;
  let chosen = $state<Tab | null>(null);
  const tab = $derived(chosen ?? tabOf(light.way.kind));

  function move(event: KeyboardEvent): void {
    const step = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
    if (step === 0) return;
    event.preventDefault();
    const at = TABS.findIndex(([name]) => name === tab);
    const next = TABS[(at + step + TABS.length) % TABS.length] ?? TABS[0];
    chosen = next[0];
    document.getElementById(`${uid}-${next[0]}`)?.focus();
  }
</script>

<div class="tabs" role="tablist" aria-label="How you know the light" tabindex="-1" onkeydown={move}>
  {#each TABS as [name, words] (name)}
    <button
      type="button"
      role="tab"
      class="chip"
      id="{uid}-{name}"
      aria-selected={tab === name}
      aria-controls="{uid}-panel"
      tabindex={tab === name ? 0 : -1}
      onclick={() => (chosen = name)}>{words}</button
    >
  {/each}
</div>
<div id="{uid}-panel" role="tabpanel" aria-labelledby="{uid}-{tab}">
  {#if tab === 'eye'}
    <ByEye {light} {onlight} school={settings.school} />
  {:else if tab === 'scene'}
    <SceneChooser {light} {onlight} />
  {:else if tab === 'reading'}
    <ReadingField {light} {onlight} {things} />
  {:else if tab === 'frame'}
    <EarlierFrames {light} {onlight} {recent} />
  {:else}
    {#await import('./SunPanel.svelte')}
      <p>Finding sun and moon …</p>
    {:then { default: SunPanel }}
      <SunPanel {light} {onlight} place={settings.place} />
    {/await}
  {/if}
</div>
<p class="assumed" data-testid="assumed"><Figures text={sayLight(light)} /></p>

<style>
  .tabs {
    display: flex;
    flex-wrap: wrap;
    gap: 4px;
    margin-bottom: 8px;
  }
  .tabs button {
    flex: 1 1 auto;
    padding: 0 8px;
  }
  .assumed {
    margin-top: 8px;
    font-size: 0.9375rem;
    line-height: 1.35;
  }
</style>
