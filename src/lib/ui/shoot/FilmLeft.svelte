<!-- The film in the camera: what is left of it, what it has cost so far, and its end. -->
<script lang="ts">
  import { formatDecimal } from '#core/units/decimal.ts';
  import type { Action } from '#core/offline/change.ts';
  import type { Judged } from '../current-judge.ts';
  import { sayDone } from '../notices/say.ts';
  import { offline } from '../offline/offline.svelte.ts';
  import { sayAsked } from '../offline/say-asked.ts';

  let { judged }: { judged: Judged } = $props();
  const pair = $derived(judged.pair);
  const used = $derived(pair.framesTotal - pair.framesLeft);
  const price = $derived(pair.film.price);
  const each = $derived(price === null ? null : price / pair.framesTotal);

  async function change(action: Action, words: string, undo: Action) {
    const put = await offline.put(action);
    if (put.kind === 'asked') await sayAsked(put.conflict, pair.camera);
    else sayDone(words, () => void offline.put(undo));
  }

  function turn(side: 1 | 2): void {
    const { loadId } = pair;
    const back: Action = { kind: 'side', loadId, side: side === 1 ? 2 : 1 };
    void change({ kind: 'side', loadId, side }, 'The other side is up.', back);
  }

  function finish(): void {
    const { loadId } = pair;
    const back: Action = { kind: 'finish', loadId, finished: false };
    void change({ kind: 'finish', loadId, finished: true }, `${pair.film.name} is finished.`, back);
  }
</script>

<section class="grid gap-1.5 text-[0.9375rem]" aria-label="The film">
  <p>
    <b>{pair.film.name}</b>: {pair.framesLeft} left{#if pair.side !== null}
      on side {pair.side === 1 ? 'one' : 'two'}{/if}.
    {#if each !== null}
      <span class="soft" data-testid="cost"
        >{formatDecimal(each, 2)} a frame, {formatDecimal(each * used, 2)} so far.</span
      >
    {/if}
  </p>
  <div class="flex flex-wrap gap-1.5">
    {#if pair.side !== null}
      <button type="button" class="chip" onclick={() => turn(pair.side === 1 ? 2 : 1)}>Next side</button>
    {/if}
    <button type="button" class="chip" onclick={finish}>Finish film</button>
    <a class="chip inline-grid place-content-center no-underline" href="/kit">New film</a>
  </div>
</section>
