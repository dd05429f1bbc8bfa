<!-- One press to a logged frame. A second tap on the same frame does nothing: the frame keeps its id until it is stored. -->
<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { logFrame, removeFrame } from './api.ts';
  import { useHand } from './hand.svelte.ts';
  import type { Judged } from './hand-judge.ts';
  import { sayDone, sayTrouble } from './notices.svelte.ts';

  let { judged }: { judged: Judged } = $props();
  const hand = useHand();
  /** Two taps closer together than this are one. */
  const DOUBLE_TAP_MS = 700;

  let busy = $state(false);
  // not 0: a page can be ready, and pressed, within the first moments of its clock
  let pressedAt = -Infinity;
  // one id for each frame number, kept over failures, so that sending again stores nothing twice
  const frameId = $derived(newId(judged.pair.loadId, judged.pair.nextNumber));
  const full = $derived(judged.pair.nextNumber === null || judged.pair.finished);

  function newId(loadId: string, number: number | null): string {
    return `${loadId.slice(0, 18)}-${number ?? 0}-${crypto.randomUUID()}`.slice(0, 64);
  }

  async function log(): Promise<void> {
    const number = judged.pair.nextNumber;
    const now = performance.now();
    if (busy || number === null || now - pressedAt < DOUBLE_TAP_MS) return;
    busy = true;
    pressedAt = now;
    const id = frameId;
    const { loadId } = judged.pair;
    const { choice } = judged.shown.setting;
    const { light, guess, conditions } = hand;
    const sent = await logFrame({ id, loadId, number, light, guess, conditions, choice, note: '' });
    await invalidateAll();
    busy = false;
    if (sent.ok) {
      hand.picked = null;
      hand.guess = null;
      sayDone(`Frame ${number} is logged.`, () => void undo(id, number));
    } else sayTrouble(sent.error);
  }

  async function undo(id: string, number: number): Promise<void> {
    const removed = await removeFrame(id);
    await invalidateAll();
    if (removed.ok) sayDone(`Frame ${number} is taken back.`);
    else sayTrouble(removed.error);
  }

  function key(event: KeyboardEvent): void {
    const typing = event.target instanceof HTMLInputElement && event.target.type !== 'radio';
    const plain = !event.ctrlKey && !event.metaKey && !event.altKey && !event.repeat;
    if (event.key.toLowerCase() === 'l' && plain && !typing && !full) void log();
  }
</script>

{#if full}
  <a class="press full" href="/kit"
    >{judged.pair.finished ? 'This film is finished' : 'This film is full'}: go to Kit</a
  >
{:else}
  <button type="button" class="press" onclick={log} aria-busy={busy} data-testid="log">
    Log frame {judged.pair.nextNumber} <kbd>L</kbd>
  </button>
{/if}
<svelte:window onkeydown={key} />

<style>
  .press {
    display: grid;
    grid-auto-flow: column;
    place-content: center;
    align-items: center;
    gap: 12px;
    width: 100%;
    min-height: 56px;
    font-size: 1.1875rem;
  }
  .full {
    background: var(--ink);
  }
  kbd {
    font: 400 0.9375rem var(--font-body);
    opacity: 0.85;
    border: 1px solid currentColor;
    border-radius: 3px;
    padding: 0 7px;
  }
  @media (max-width: 640px) {
    kbd {
      display: none;
    }
  }
</style>
