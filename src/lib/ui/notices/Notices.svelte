<!-- Draws the short messages over the page. -->
<script lang="ts">
  import { Toast } from '@skeletonlabs/skeleton-svelte';
  import { toaster } from './toaster.ts';

  /** Where the person was before a message took the focus. */
  let before: HTMLElement | null = null;

  const isMessage = (place: EventTarget | null): place is Element =>
    place instanceof Element && place.closest('[data-scope=toast]') !== null;

  /**
   * The component gives the focus back to where it came from whenever a message is left, even where the person has gone on to
   * another field: what is typed would land in the old one. So it never hears of the focus; that the messages wait while one of
   * them has it is done here.
   */
  function comes(event: FocusEvent): void {
    event.stopPropagation();
    if (event.relatedTarget instanceof HTMLElement && !isMessage(event.relatedTarget))
      before = event.relatedTarget;
    toaster.pause();
  }

  /** Who goes somewhere stays there; only a focus lost because its message is gone goes back to where it was. */
  function goes(event: FocusEvent): void {
    event.stopPropagation();
    const { target: left, relatedTarget: to } = event;
    if (isMessage(to)) return;
    // a moment later: a message on its way out would be shown anew
    queueMicrotask(() => {
      toaster.resume();
      const gone = left instanceof Element && !left.isConnected;
      if (to === null && gone && document.activeElement === document.body)
        before?.focus({ preventScroll: true });
    });
  }
</script>

<div class="contents" onfocusincapture={comes} onfocusoutcapture={goes}>
  <Toast.Group {toaster}>
    {#snippet children(toast)}
      <Toast {toast} class="notice">
        <Toast.Message><Toast.Title>{toast.title}</Toast.Title></Toast.Message>
        {#if toast.action}<Toast.ActionTrigger class="btn preset-outlined-surface-950-50"
            >{toast.action.label}</Toast.ActionTrigger
          >{/if}
        <Toast.CloseTrigger class="close" aria-label="Close this message">×</Toast.CloseTrigger>
      </Toast>
    {/snippet}
  </Toast.Group>
</div>

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
