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
    ['picture', 'Picture'],
    ['frame', 'Frame']
  ] as const;
  type Tab = (typeof TABS)[number][0];
</script>

<script lang="ts">
  import { Tabs } from '@skeletonlabs/skeleton-svelte';
  import { otherSchool } from '#core/light/by-eye.ts';
  import { choiceByEye } from '#core/ways/choice.ts';
  import { changeSettings } from '../offline/remember.ts';
  import { modifiersOf, viewOf } from './panel.ts';
  import { sayLight } from '../text/say-light.ts';
  import ByEye from './ByEye.svelte';
  import SceneChooser from './SceneChooser.svelte';

  let { light, onlight, settings, recent, things, told }: LightPanelProps = $props();
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
</script>

<Tabs
  value={tab}
  onValueChange={({ value }: { value: string }) => turnTo(TABS.find(([name]) => name === value)?.[0] ?? tab)}
>
  <Tabs.List class="apart" aria-label="How you know the light">
    {#each TABS as [value, words] (value)}
      <Tabs.Trigger {value}>{words}</Tabs.Trigger>
    {/each}
  </Tabs.List>
  <p class="mb-2 text-[0.9375rem] leading-[1.3]" data-testid="assumed">
    {told ? sayLight(light) : 'Not told yet.'}
  </p>
  <Tabs.Content value={tab} class="apart" tabindex={-1}>
    {#if tab === 'shadow' || tab === 'sky'}
      <ByEye {light} {onlight} {told} school={tab} />
    {:else if tab === 'scene'}
      <SceneChooser {light} {onlight} {told} />
    {:else if tab === 'reading'}
      {#await import('./ReadingField.svelte') then { default: ReadingField }}
        <ReadingField {light} {onlight} {things} />
      {/await}
    {:else if tab === 'picture'}
      {#await import('../picture/PicturePanel.svelte') then { default: PicturePanel }}
        <PicturePanel {onlight} />
      {/await}
    {:else if tab === 'frame'}
      {#await import('./EarlierFrames.svelte') then { default: EarlierFrames }}
        <EarlierFrames {light} {onlight} {recent} />
      {/await}
    {:else}
      {#await import('./SunPanel.svelte')}
        <p>Finding sun and moon …</p>
      {:then { default: SunPanel }}
        <SunPanel {light} {onlight} {recent} place={settings.place} />
      {/await}
    {/if}
  </Tabs.Content>
</Tabs>
