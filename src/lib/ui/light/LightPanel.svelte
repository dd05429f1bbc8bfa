<script module lang="ts">
  import type { Thing } from '#core/kit/thing.ts';
  import type { Settings } from '#schema/settings/settings.ts';
  import type { LightChoice } from '#core/ways/choice.ts';
  import type { RecentFrame } from './recent.ts';

  /** All ways to know the light in one panel. */
  export interface LightPanelProps {
    light: LightChoice;
    onlight: (light: LightChoice) => void;
    settings: Settings;
    recent: readonly RecentFrame[];
    things: readonly Thing[];
    /** Whether anybody told this light. */
    told: boolean;
  }

  const TABS = [
    ['shadow', 'Shadow'],
    ['sky', 'Sky'],
    ['scene', 'Scene'],
    ['reading', 'Meter'],
    ['sun', 'Sun'],
    ['frame', 'Frame']
  ] as const;
  type Tab = (typeof TABS)[number][0];
</script>

<script lang="ts">
  import { otherSchool } from '#core/light/by-eye.ts';
  import { choiceByEye } from '#core/ways/choice.ts';
  import { changeSettings } from '../offline/remember.ts';
  import { modifiersOf, viewOf } from './panel.ts';
  import { sayLight } from '../text/say-light.ts';
  import ByEye from './ByEye.svelte';
  import EarlierFrames from './EarlierFrames.svelte';
  import ReadingField from './ReadingField.svelte';
  import SceneChooser from './SceneChooser.svelte';

  let { light, onlight, settings, recent, things, told }: LightPanelProps = $props();
  const uid = $props.id();
  let chosen = $state<Tab | null>(null);
  const tab = $derived<Tab>(chosen ?? (light.way.kind === 'hand' ? settings.school : light.way.kind));

  function turnTo(next: Tab): void {
    chosen = next;
    if (next !== 'shadow' && next !== 'sky') return;
    // the same view in the other school's words, where there is one; the school asked for last is asked first
    const view = viewOf(light.way);
    if (view && view.school !== next) onlight(choiceByEye(otherSchool(view), modifiersOf(light.way)));
    if (settings.school !== next) void changeSettings({ school: next }, settings);
  }

  function move(event: KeyboardEvent): void {
    const step = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
    if (step === 0) return;
    event.preventDefault();
    const at = TABS.findIndex(([name]) => name === tab);
    const next = TABS[(at + step + TABS.length) % TABS.length] ?? TABS[0];
    turnTo(next[0]);
    document.getElementById(`${uid}-${next[0]}`)?.focus();
  }
</script>

<div class="tabs apart" role="tablist" aria-label="How you know the light" tabindex="-1" onkeydown={move}>
  {#each TABS as [name, words] (name)}
    <button
      type="button"
      role="tab"
      class="chip"
      id="{uid}-{name}"
      aria-selected={tab === name}
      aria-controls="{uid}-panel"
      tabindex={tab === name ? 0 : -1}
      onclick={() => turnTo(name)}>{words}</button
    >
  {/each}
</div>
<p class="mb-2 text-[0.9375rem] leading-[1.3]" data-testid="assumed">
  {told ? sayLight(light) : 'Not told yet.'}
</p>
<div class="apart" id="{uid}-panel" role="tabpanel" aria-labelledby="{uid}-{tab}">
  {#if tab === 'shadow' || tab === 'sky'}
    <ByEye {light} {onlight} {told} school={tab} />
  {:else if tab === 'scene'}
    <SceneChooser {light} {onlight} {told} />
  {:else if tab === 'reading'}
    <ReadingField {light} {onlight} {things} />
  {:else if tab === 'frame'}
    <EarlierFrames {light} {onlight} {recent} />
  {:else}
    {#await import('./SunPanel.svelte')}
      <p>Finding sun and moon …</p>
    {:then { default: SunPanel }}
      <SunPanel {light} {onlight} {recent} place={settings.place} />
    {/await}
  {/if}
</div>

<style>
  .tabs {
    display: grid;
    grid-template-columns: repeat(3, 1fr);
    gap: 4px;
    margin-bottom: 6px;
  }
  .tabs button {
    padding: 0 2px;
  }
  @media (max-width: 900px) {
    .tabs {
      grid-template-columns: repeat(6, 1fr);
    }
    .tabs button {
      font-size: 0.875rem;
    }
  }
</style>
