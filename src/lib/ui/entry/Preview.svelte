<!-- The camera as it will lie in the hand, while it is being entered: its card, its answer for the light now, its reach. -->
<script lang="ts">
  import { positionCount } from '#core/camera/camera.ts';
  import type { Choice } from '#core/camera/setting.ts';
  import type { Film } from '#core/film/film.ts';
  import { misfitsOf } from '#core/camera/fits.ts';
  import { explainMisfit } from '#schema/kit/misfit-words.ts';
  import ControlView from '../card/ControlView.svelte';
  import { fixedLine } from '../card/fixed-line.ts';
  import { useCurrent } from '../current.svelte.ts';
  import { judgePair, reachOfPair, triedPair, troubleOf } from '../current-judge.ts';
  import { deltasAlong } from '../rule/deltas.ts';
  import Strips from '../rule/Strips.svelte';
  import { percent, shareOf, WHOLE } from '../rule/view.ts';
  import { chanceInHundred, sayExposure, sayInstruction, sayVerdict } from '../text/say.ts';
  import { sayReach } from '../text/say-light.ts';
  import type { Draft } from './draft.svelte.ts';

  let { draft, film }: { draft: Draft; film: Film } = $props();
  const current = useCurrent();
  let choice = $state.raw<Choice | null>(null);
  const camera = $derived(draft.camera);
  const judged = $derived.by(() => {
    if (!camera) return null;
    const pair = triedPair(camera, film);
    if (troubleOf(pair) !== '') return null;
    return judgePair(current.light, reachOfPair(pair, current.light, {}, {}), {
      ...{ choice, leftAt: {} },
      conditions: {}
    });
  });
  const movable = $derived((camera?.controls ?? []).filter((c) => positionCount(c) > 1));
  const deltas = $derived(judged ? deltasAlong(WHOLE, 79, judged.reach, judged.situation) : []);
  const misfits = $derived(camera ? misfitsOf(camera, film) : []);
</script>

<div class="card grid grid-cols-[minmax(0,1fr)] gap-2 py-3.5 px-4" data-testid="preview">
  <p class="kicker">As it will answer, with {film.name} in the light on the ruler</p>
  {#if judged && camera}
    <p class="[font:650_1.375rem/1.15_var(--font-display)]">
      {sayInstruction(camera, judged.shown.setting).join(' ')}
    </p>
    <p>
      {sayVerdict(judged.shown)}: <b>{chanceInHundred(judged.shown.pUsable)}</b> in 100.
      {`${sayExposure(camera, judged.shown.exposure)}.`}
    </p>
    <div class="reach relative">
      <Strips tone={judged.tone} contrast={current.light.contrast} {deltas} height="44px" />
      <i
        class="absolute top-[-5px] bottom-[-5px] w-[3px] bg-(--accent)"
        style:left={percent(shareOf(WHOLE, current.light.lv))}
      ></i>
    </div>
    <p class="soft">{`${sayReach(judged.reach)}.`}</p>
    <div class="controls flex flex-wrap gap-y-3 gap-x-6">
      {#each movable as control (control.id)}
        <ControlView
          {control}
          shown={judged.shown.setting.choice}
          advised={judged.advice.setting.choice}
          present={{}}
          onpick={(position: number) => (choice = { ...judged.shown.setting.choice, [control.id]: position })}
        />
      {/each}
    </div>
    {#if fixedLine(camera) !== ''}<p>{fixedLine(camera)}</p>{/if}
    {#each misfits as misfit, i (i)}<p class="soft">
        {explainMisfit(misfit, camera.name, film.name)}
      </p>{/each}
  {:else}
    <p>The answer comes back as soon as this can be read:</p>
    <ul>
      {#each draft.wrong as fault, i (i)}<li class="ml-[1.1em] [list-style:disc]">{fault.message}</li>{/each}
    </ul>
  {/if}
</div>

<style>
  .soft,
  li {
    color: var(--soft);
    font-size: 0.9375rem;
  }
  .controls > :global(fieldset) {
    flex: 1 1 14rem;
    min-width: 0;
  }
</style>
