<!-- That judged tones are corrected by the person's drills, where it acts; one press has them as they are called. -->
<script lang="ts">
  import type { PrintEye } from '#core/learn/print-eye.ts';
  import { useCurrent } from '../current.svelte.ts';
  import { changeSettings } from '../offline/remember.ts';
  import { sayJudging } from '../practice/say-eye.ts';

  let { eye }: { eye: PrintEye } = $props();
  const current = useCurrent();

  function plainly(): void {
    void changeSettings({ correctJudgements: false }, current.settings);
    current.settings = { ...current.settings, correctJudgements: false };
  }
</script>

<p class="leading-snug" data-testid="judging">
  {sayJudging(eye)}
  <button type="button" class="min-h-11 cursor-pointer underline" onclick={plainly}>As I call them</button>
</p>
