<!-- What the print will look like: as set, and a step darker and lighter; a tap on a step takes it. -->
<script lang="ts">
  import { judge } from '#core/chance/verdict.ts';
  import type { Setting } from '#core/camera/setting.ts';
  import { stepsAround } from '#core/advice/steps.ts';
  import { formatStops } from '#core/units/stops.ts';
  import { lightKindOf } from '#core/ways/choice.ts';
  import { useCurrent } from '../current.svelte.ts';
  import type { Judged } from '../current-judge.ts';
  import { instructionParts } from '../text/say.ts';
  import ScenePrint from './ScenePrint.svelte';
  import { sceneOf } from './scenes.ts';

  let { judged }: { judged: Judged } = $props();
  const current = useCurrent();
  const film = $derived(judged.pair.film);
  /** The person's own scene, where they took a picture of it; else a drawn one. */
  const own = $derived(current.scene);
  const lightKind = $derived(judged.situation.circumstances?.lightKind ?? 'daylight');
  const scene = $derived(
    sceneOf(judged.light.lv, lightKind, judged.situation.circumstances?.subjectM ?? null)
  );
  const shown = $derived(judged.shown);
  const aim = $derived(shown.aimStops - shown.deltaStops);
  const steps = $derived(stepsAround(judged.situation, shown.setting));
  /** An error that is worth aiming off for, stops. */
  const AIM_WORTH = 0.5;

  const beside = (setting: Setting | null, words: string) => {
    if (!setting) return [];
    const { deltaStops } = judge(judged.situation, setting);
    const to = instructionParts(judged.pair.camera, setting).join(', ');
    return [{ setting, words, deltaStops, to }];
  };
  const prints = $derived([
    ...beside(steps.darker, 'a step darker'),
    ...beside(steps.lighter, 'a step lighter')
  ]);
</script>

{#snippet print(deltaStops: number, label: string)}
  {#if own?.small}
    {@const pixels = own.small}
    {#await import('../picture/AsPrinted.svelte') then { default: AsPrinted }}
      <AsPrinted
        {pixels}
        subjectStops={own.subjectStops}
        phone={own.phone}
        {film}
        tone={judged.tone}
        lightKind={lightKindOf(judged.light.way)}
        {deltaStops}
        {label}
      />
    {/await}
  {:else}
    <ScenePrint tone={judged.tone} {deltaStops} {label} {scene} {film} {lightKind} />
  {/if}
{/snippet}

<div
  class="grid [grid-template-columns:1fr_1fr] gap-2 p-2.5 bg-(--table) max-[900px]:[grid-template-columns:repeat(3,_1fr)]"
>
  <div class="[grid-column:span_2] max-[900px]:[grid-column:auto] max-[900px]:order-0">
    {@render print(shown.deltaStops, 'as set')}
  </div>
  {#each prints as step, i (i)}
    <button
      class="p-0 cursor-pointer [text-align:inherit] hover:[outline:2px_solid_var(--ink)]"
      type="button"
      aria-label="Take {step.words}: {step.to}"
      onclick={() => (current.picked = step.setting.choice)}
    >
      {@render print(step.deltaStops, step.words)}
    </button>
  {/each}
</div>
{#if own?.pixels}
  {#await import('../picture/OwnScene.svelte') then { default: OwnScene }}
    <OwnScene picture={own} />
  {/await}
{/if}
{#if Math.abs(shown.aimStops) >= AIM_WORTH}
  <p class="text-[0.9375rem] leading-[1.3]" data-testid="aim">
    {`Aim ${formatStops(shown.aimStops)} ${shown.aimStops > 0 ? 'over: this film forgives over better than under' : 'under: this film keeps its highlights so'}.${Math.abs(aim) < AIM_WORTH ? ' You are there.' : ''}`}
  </p>
{/if}
