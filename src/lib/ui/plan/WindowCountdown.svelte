<!-- Counts down to a window while the page is open: the screen stays lit, and a tone and a shake call when it opens and shuts. -->
<script lang="ts">
  import { onMount } from 'svelte';
  import type { Stretch } from '#core/plan/windows.ts';
  import { beep, keepAwake, shake } from '../shoot/signals.ts';
  import { sayCountdown } from './say-plan.ts';

  let { fromMs, toMs, onstop }: Stretch & { onstop: () => void } = $props();
  const TICK_MS = 500;
  let nowMs = $state(Date.now());
  onMount(() => {
    let letSleep: () => void = () => undefined;
    let isGone = false;
    const audio = 'AudioContext' in window ? new AudioContext() : null;
    void audio?.resume();
    void keepAwake().then((release) => {
      if (isGone) release();
      else letSleep = release;
    });
    const timer = setInterval(() => {
      const before = nowMs;
      nowMs = Date.now();
      for (const edge of [fromMs, toMs])
        if (before < edge && nowMs >= edge) {
          beep(audio, true);
          shake(400);
        }
    }, TICK_MS);
    return () => {
      isGone = true;
      clearInterval(timer);
      letSleep();
      void audio?.close();
    };
  });
</script>

<p class="flex flex-wrap items-center gap-x-3">
  <b class="text-xl tabular-nums" role="timer">{sayCountdown(nowMs, fromMs, toMs)}</b>
  <button type="button" class="min-h-11 cursor-pointer underline" onclick={onstop}>Stop counting</button>
</p>
