<script module lang="ts">
  import type { Steadiness } from '#core/learn/steadiness.ts';

  /** What frames in the hand say of how still it holds. */
  export interface HandSaysProps {
    hand: Steadiness;
  }
</script>

<script lang="ts">
  import { formatDecimal } from '#core/units/decimal.ts';
  import { useCurrent } from '../current.svelte.ts';
  import { changeSettings } from '../offline/remember.ts';
  import { sayDone } from '../notices/say.ts';
  import { sayHandLearned, handIsSure } from './say-hand.ts';

  let { hand }: HandSaysProps = $props();
  const current = useCurrent();
  const rounded = $derived(Math.round(hand.factor * 10) / 10);

  async function take(factor: number, words: string): Promise<void> {
    const before = current.settings.steadiness;
    await changeSettings({ steadiness: factor }, current.settings);
    sayDone(words, () => void take(before, 'Your hand counts as before.'));
  }
</script>

<section aria-label="How still you hold">
  <h2>How still you hold</h2>
  <p>{sayHandLearned(hand)}</p>
  {#if handIsSure(hand) && rounded !== current.settings.steadiness}
    <button
      type="button"
      class="btn preset-outlined-surface-950-50"
      onclick={() => void take(rounded, 'Every answer counts with your own hand.')}
      >Count with {formatDecimal(rounded, 1)} from now on</button
    >
  {/if}
</section>
