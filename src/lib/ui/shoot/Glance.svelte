<script module lang="ts">
  import type { Judged } from '../current-judge.ts';

  /** The answer in one line at the top of the screen while the whole of it is scrolled away. */
  export interface GlanceProps {
    judged: Judged;
    /** The element that holds the whole answer. */
    answer: HTMLElement | undefined;
  }
</script>

<script lang="ts">
  import { chanceInHundred, sayInstruction } from '../text/say.ts';

  let { judged, answer }: GlanceProps = $props();
  let away = $state(false);

  $effect(() => {
    if (!answer) return;
    const watch = new IntersectionObserver(([seen]) => (away = seen !== undefined && !seen.isIntersecting));
    watch.observe(answer);
    return () => watch.disconnect();
  });
</script>

{#if away}
  <button
    type="button"
    class="fixed inset-x-0 top-0 z-20 flex min-h-12 cursor-pointer items-center justify-between gap-4 border-b-2 border-(--ink) bg-(--sheet) px-5 py-1 text-left"
    data-testid="glance"
    onclick={() => answer?.scrollIntoView({ block: 'center' })}
  >
    <span class="font-semibold leading-tight"
      >{sayInstruction(judged.pair.camera, judged.shown.setting).join(' ')}</span
    >
    <span class="shrink-0"
      ><b class="text-2xl">{chanceInHundred(judged.shown.pUsable)}</b>
      <span class="text-[0.875rem] text-(--soft)">in 100</span></span
    >
  </button>
{/if}
