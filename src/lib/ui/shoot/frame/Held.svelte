<!-- How the camera is held, with the chance each way. -->
<script lang="ts">
  import { SUPPORTS, type Support } from '#core/error/situation.ts';
  import { useCurrent } from '../../current.svelte.ts';
  import { chanceInHundred } from '../../text/say.ts';
  import type { Adviser } from '../../verdict/adviser.svelte.ts';
  import Choice from '../../Choice.svelte';
  import { HELD_WORDS } from '../words.ts';

  let { adviser }: { adviser: Adviser } = $props();
  const current = useCurrent();
  const support = $derived(current.asked.support ?? 'hand');
  const chances = $derived(current.isTold ? adviser.answer?.held : undefined);

  const supportOf = (value: string): Support => SUPPORTS.find((s) => s === value) ?? support;
  function hold(value: string): void {
    current.asked = { ...current.asked, support: supportOf(value) };
  }
</script>

<Choice
  label="How the camera is held"
  value={support}
  options={SUPPORTS.map((s) => [s, HELD_WORDS[s]] as const)}
  onchoose={hold}
  wide
>
  {#snippet below(value: string)}
    {@const chance = chances?.[supportOf(value)]}
    {#if chance !== undefined}<b data-testid="held-{value}">{chanceInHundred(chance)}</b>{/if}
  {/snippet}
</Choice>
