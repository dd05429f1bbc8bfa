<!-- How the camera is held, with the chance each way. -->
<script lang="ts">
  import { SegmentedControl } from '@skeletonlabs/skeleton-svelte';
  import { SUPPORTS } from '#core/error/situation.ts';
  import { useCurrent } from '../../current.svelte.ts';
  import { chanceInHundred } from '../../text/say.ts';
  import type { Adviser } from '../../verdict/adviser.svelte.ts';
  import { HELD_WORDS } from '../words.ts';

  let { adviser }: { adviser: Adviser } = $props();
  const current = useCurrent();
  const support = $derived(current.asked.support ?? 'hand');
  const chances = $derived(current.isTold ? adviser.answer?.held : undefined);

  function hold(value: string | null): void {
    const next = SUPPORTS.find((s) => s === value);
    if (next && next !== support) current.asked = { ...current.asked, support: next };
  }
</script>

<SegmentedControl
  name="held"
  value={support}
  onValueChange={({ value }: { value: string | null }) => hold(value)}
  class="gap-0"
>
  <SegmentedControl.Label class="sr-only">How the camera is held</SegmentedControl.Label>
  <SegmentedControl.Control class="flex">
    {#each SUPPORTS as value (value)}
      <SegmentedControl.Item {value}>
        <SegmentedControl.ItemText class="grid justify-items-center leading-tight">
          <span>{HELD_WORDS[value]}</span>
          {#if chances}<b data-testid="held-{value}">{chanceInHundred(chances[value])}</b>{/if}
        </SegmentedControl.ItemText>
        <SegmentedControl.ItemHiddenInput />
      </SegmentedControl.Item>
    {/each}
  </SegmentedControl.Control>
</SegmentedControl>
