<script module lang="ts">
  import type { Remedy } from '#core/advice/remedy.ts';
  import type { Judged } from '../current-judge.ts';
  import type { Adviser } from './adviser.svelte.ts';

  /** One remedy: what to do, what to set then, and what it brings; pressed, it is counted with. */
  export interface RemedyRowProps {
    remedy: Remedy;
    judged: Judged;
    adviser: Adviser;
  }
</script>

<script lang="ts">
  import { useCurrent } from '../current.svelte.ts';
  import { chanceInHundred } from '../text/say.ts';
  import { sayRemedy, sayRemedySetting } from '../text/say-remedy.ts';
  import { isDoable } from './adviser.svelte.ts';

  let { remedy, judged, adviser }: RemedyRowProps = $props();
  const current = useCurrent();
  const now = $derived(chanceInHundred(judged.advice.pUsable));
  const point = (): void => void (current.pointed = remedy.steps);
  const leave = (): void => void (current.pointed = null);
</script>

{#snippet words()}
  <span>
    <b class="font-[650]">{sayRemedy(remedy, adviser.clock)}</b>
    {sayRemedySetting(judged.pair.camera, remedy)}
  </span>
  <span class="gain whitespace-nowrap">
    {#if remedy.gain > 0.005}<i class="[font-style:normal]">{now}&nbsp;to&nbsp;</i>{/if}<b class="font-[650]"
      >{chanceInHundred(remedy.verdict.pUsable)}</b
    >
  </span>
{/snippet}
<div class="remedy" data-testid="remedy" role="presentation" onpointerenter={point} onpointerleave={leave}>
  {#if isDoable(remedy)}
    <button
      class="cursor-pointer"
      type="button"
      onclick={() => void adviser.take(remedy, judged)}
      onfocus={point}
      onblur={leave}>{@render words()}</button
    >
  {:else if remedy.steps.some((s) => s.kind === 'film')}
    <a class="text-inherit" href="/kit">{@render words()}</a>
  {:else if remedy.steps[0]?.kind === 'test'}
    <a class="text-inherit" href="/log/judge?film={encodeURIComponent(judged.pair.loadId)}"
      >{@render words()}</a
    >
  {:else}
    <p>{@render words()}</p>
  {/if}
</div>

<style>
  .remedy > * {
    display: flex;
    justify-content: space-between;
    gap: 14px;
    width: 100%;
    min-height: 44px;
    padding: 8px 0;
    text-align: left;
    font-size: 0.9375rem;
    line-height: 1.3;
  }
  a b,
  button b {
    text-decoration: underline;
    text-underline-offset: 3px;
  }
  .gain b {
    text-decoration: none;
  }
  button:hover b {
    text-decoration-thickness: 2px;
  }
</style>
