<!-- Why frames came out as they did, likely, drawn from the log. -->
<script lang="ts">
  import type { Camera } from '#core/camera/camera.ts';
  import type { Cause } from '#core/learn/causes.ts';
  import type { Judgement } from '#core/learn/judgement.ts';
  import Figures from '../text/Figures.svelte';
  import { sayCause } from './say-cause.ts';
  import { sayJudgement } from './say-learn.ts';

  let {
    camera,
    explained
  }: {
    camera: Camera;
    explained: readonly {
      readonly frameId: string;
      readonly number: number;
      readonly judgement: Judgement;
      readonly causes: readonly Cause[];
    }[];
  } = $props();
  /** Causes told of one frame at most. */
  const MOST = 3;
</script>

{#if explained.length > 0}
  <section aria-label="Why, likely">
    <h2>Why, likely</h2>
    <dl>
      {#each explained as { frameId, number, judgement, causes } (frameId)}
        <dt><b>Frame {number}:</b> <Figures text={sayJudgement(judgement)} /></dt>
        {#each causes.slice(0, MOST) as cause (cause.cause)}
          <dd><Figures text={sayCause(cause, camera, number)} /></dd>
        {/each}
      {/each}
    </dl>
  </section>
{/if}

<style>
  h2 {
    font-size: 1.25rem;
    font-weight: 520;
    margin-bottom: 4px;
  }
  dt {
    margin-top: 6px;
    font-weight: 600;
  }
  dd {
    padding-left: 14px;
    text-indent: -14px;
  }
  dd::before {
    content: '– ';
  }
</style>
