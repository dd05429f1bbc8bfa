<!-- Every key: of Shoot, and of all pages. -->
<script lang="ts">
  import { onMount } from 'svelte';
  import { PLACES } from './places.ts';

  let { onclose }: { onclose: () => void } = $props();
  let dialog = $state<HTMLDialogElement>();
  onMount(() => dialog?.showModal());
  const ON_SHOOT: readonly (readonly [string, string])[] = [
    ['[  ]', 'less or more light, a third of a stop'],
    ['{  }', 'a whole stop'],
    [',  .', 'a step darker or lighter'],
    ['A', 'back to the advice'],
    ['S', 'remember the controls as shown'],
    ['L', 'log the frame'],
    ['B', 'bracket, or leave it'],
    ['T', 'start or close a long exposure'],
    ['U', 'take the last remedy back']
  ];
  const EVERYWHERE: readonly (readonly [string, string])[] = [
    ...PLACES.flatMap(({ key, name }): readonly (readonly [string, string])[] => (key ? [[key, name]] : [])),
    ['D', 'day, evening, dark-adapted'],
    ['Esc', 'close what is open'],
    ['?', 'this sheet']
  ];
</script>

{#snippet list(title: string, keys: readonly (readonly [string, string])[])}
  <div>
    <h3 class="kicker mb-1">{title}</h3>
    <dl class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
      {#each keys as [key, words] (key)}
        <dt><kbd class="font-semibold whitespace-pre">{key}</kbd></dt>
        <dd>{words}</dd>
      {/each}
    </dl>
  </div>
{/snippet}

<dialog
  bind:this={dialog}
  class="card m-auto max-w-[92vw] p-5 text-(--ink) backdrop:bg-black/45"
  onclose={() => onclose()}
  aria-labelledby="keys-title"
>
  <h2 id="keys-title" class="mb-2">Keys</h2>
  <div class="mb-4 grid gap-x-10 gap-y-4 sm:grid-cols-2">
    {@render list('On every page', EVERYWHERE)}
    {@render list('On Shoot', ON_SHOOT)}
  </div>
  <button type="button" class="btn preset-filled-primary-700-300" onclick={() => onclose()}>Close</button>
</dialog>
