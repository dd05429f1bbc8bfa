<!-- Draws the short messages over the page. -->
<script lang="ts">
  import { Toast } from '@skeletonlabs/skeleton-svelte';
  import { toaster } from './toaster.ts';

  /**
   * The component gives the focus back to where it came from when a message is left, even where the person has gone on to another
   * field: what is typed would land in the old one. Who goes somewhere stays there.
   */
  function staysWhereItWent(event: FocusEvent): void {
    const { relatedTarget: to } = event;
    if (to instanceof HTMLElement && !to.closest('[data-scope=toast]')) setTimeout(() => to.focus());
  }
</script>

<Toast.Group {toaster}>
  {#snippet children(toast)}
    <Toast {toast} class="notice" onfocusout={staysWhereItWent}>
      <Toast.Message><Toast.Title>{toast.title}</Toast.Title></Toast.Message>
      {#if toast.action}<Toast.ActionTrigger class="btn preset-outlined-surface-950-50"
          >{toast.action.label}</Toast.ActionTrigger
        >{/if}
      <Toast.CloseTrigger class="close" aria-label="Close this message">×</Toast.CloseTrigger>
    </Toast>
  {/snippet}
</Toast.Group>

<style>
  :global(.notice) {
    display: flex;
    align-items: center;
    gap: 12px;
    width: max-content;
    max-width: min(440px, calc(100vw - 24px));
    padding: 10px 10px 10px 16px;
    background: var(--ink);
    color: var(--sheet);
    border-radius: 4px;
    font-size: 1rem;
  }
  :global(.notice .preset-outlined-surface-950-50) {
    color: var(--sheet);
    border-color: var(--sheet);
  }
  :global(.notice .preset-outlined-surface-950-50:hover) {
    color: var(--ink);
  }
  :global(.notice .close) {
    min-width: 44px;
    min-height: 44px;
    font-size: 1.4rem;
    cursor: pointer;
  }
  /* nothing bright before eyes that are used to the dark */
  :global([data-scheme='dark'] .notice) {
    background: var(--well);
    color: var(--ink);
    border: 1.5px solid var(--ink);
  }
  :global([data-scheme='dark'] .notice .preset-outlined-surface-950-50) {
    color: var(--ink);
    border-color: var(--ink);
  }
  @media (max-width: 640px) {
    /* the whole width: a message is read while the hand is busy */
    :global(.notice) {
      width: calc(100vw - 24px);
      font-size: 0.9375rem;
    }
    :global(.notice [data-part='title']) {
      flex: 1;
    }
  }
</style>
