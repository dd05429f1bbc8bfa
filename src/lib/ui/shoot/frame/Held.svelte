<!--
  How the camera is held, with the chance each way. It stands in Shoot's first view: Skeleton's segmented control as its classes draw
  it, around the browser's own radio buttons. They are set up in a tenth of the time that the component takes, and a press on them
  counts before any program has come.
-->
<script lang="ts">
  import { SUPPORTS, type Support } from '#core/error/situation.ts';
  import { useCurrent } from '../../current.svelte.ts';
  import { chanceInHundred } from '../../text/say.ts';
  import type { Adviser } from '../../verdict/adviser.svelte.ts';
  import { HELD_WORDS } from '../words.ts';

  let { adviser }: { adviser: Adviser } = $props();
  const current = useCurrent();
  const held = {
    get support(): Support {
      return current.asked.support ?? 'hand';
    },
    set support(next: Support) {
      current.asked = { ...current.asked, support: next };
    }
  };
  const chances = $derived(current.isTold ? adviser.answer?.held : undefined);
</script>

<div data-scope="radio-group" data-part="root" role="radiogroup" aria-label="How the camera is held">
  <div data-scope="radio-group" data-part="control" class="flex">
    {#each SUPPORTS as value (value)}
      <label data-scope="radio-group" data-part="item">
        <input type="radio" class="sr-only" name="held" {value} bind:group={held.support} />
        <span data-scope="radio-group" data-part="item-text" class="grid justify-items-center leading-tight">
          <span>{HELD_WORDS[value]}</span>
          {#if chances}<b data-testid="held-{value}">{chanceInHundred(chances[value])}</b>{/if}
        </span>
      </label>
    {/each}
  </div>
</div>
