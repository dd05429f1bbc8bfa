<!-- Every key of Shoot, in one sheet. -->
<script lang="ts">
  import { onMount } from 'svelte';

  let { onclose }: { onclose: () => void } = $props();
  let dialog = $state<HTMLDialogElement>();
  onMount(() => dialog?.showModal());
  const KEYS: readonly (readonly [string, string])[] = [
    ['[  ]', 'less or more light, a third of a stop'],
    ['{  }', 'a whole stop'],
    [',  .', 'a step darker or lighter'],
    ['A', 'back to the advice'],
    ['S', 'remember the controls as shown'],
    ['L', 'log the frame'],
    ['B', 'bracket, or leave it'],
    ['T', 'start or close a long exposure'],
    ['U', 'take the last remedy back'],
    ['D', 'day, evening, dark-adapted'],
    ['1  2  3', 'Shoot, Kit, Log'],
    ['?', 'this sheet']
  ];
</script>

<dialog bind:this={dialog} onclose={() => onclose()} aria-labelledby="keys-title">
  <h2 id="keys-title">Keys</h2>
  <dl>
    {#each KEYS as [keys, words] (keys)}
      <dt><kbd>{keys}</kbd></dt>
      <dd>{words}</dd>
    {/each}
  </dl>
  <button type="button" class="btn preset-filled-primary-700-300" onclick={() => onclose()}>Close</button>
</dialog>

<style>
  dialog {
    margin: auto;
    padding: 20px 24px;
    border: 1.5px solid var(--ink);
    border-radius: 4px;
    background: var(--sheet);
    color: var(--ink);
  }
  dialog::backdrop {
    background: rgb(0 0 0 / 0.45);
  }
  h2 {
    font-size: 1.375rem;
    margin-bottom: 8px;
  }
  dl {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 6px 18px;
    margin-bottom: 14px;
  }
  kbd {
    font: 600 0.9375rem var(--font-body);
    white-space: pre;
  }
</style>
