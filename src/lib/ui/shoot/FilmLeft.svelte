<!-- The film in the camera: what is left of it, what it has cost so far, and its end. -->
<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { formatDecimal } from '#core/units/decimal.ts';
  import { changeLoad } from '../api.ts';
  import type { Judged } from '../hand-judge.ts';
  import { sayDone, sayTrouble } from '../notices.svelte.ts';

  let { judged }: { judged: Judged } = $props();
  const pair = $derived(judged.pair);
  const used = $derived(pair.framesTotal - pair.framesLeft);
  const price = $derived(pair.film.price);
  const each = $derived(price === null ? null : price / pair.framesTotal);

  async function change(
    edit: Parameters<typeof changeLoad>[1],
    words: string,
    undo: Parameters<typeof changeLoad>[1]
  ) {
    const { loadId } = pair;
    const changed = await changeLoad(loadId, edit);
    await invalidateAll();
    if (!changed.ok) {
      sayTrouble(changed.error);
      return;
    }
    sayDone(words, () => {
      void changeLoad(loadId, undo).then(async (back) => {
        if (!back.ok) sayTrouble(back.error);
        await invalidateAll();
      });
    });
  }
</script>

<section aria-label="The film">
  <p>
    <b>{pair.film.name}</b>: {pair.framesLeft} left{#if pair.side !== null}
      on side {pair.side === 1 ? 'one' : 'two'}{/if}.
    {#if each !== null}
      <span class="soft" data-testid="cost"
        >{formatDecimal(each, 2)} a frame, {formatDecimal(each * used, 2)} so far.</span
      >
    {/if}
  </p>
  <div>
    {#if pair.side !== null}
      <button
        type="button"
        class="chip"
        onclick={() =>
          void change({ side: pair.side === 1 ? 2 : 1 }, 'The other side is up.', { side: pair.side ?? 1 })}
        >Next side</button
      >
    {/if}
    <button
      type="button"
      class="chip"
      onclick={() => void change({ finished: true }, `${pair.film.name} is finished.`, { finished: false })}
      >Finish film</button
    >
    <a class="chip" href="/kit">New film</a>
  </div>
</section>

<style>
  section {
    display: grid;
    gap: 6px;
    font-size: 0.9375rem;
  }
  div {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
  }
  a {
    display: inline-grid;
    place-content: center;
    text-decoration: none;
  }
</style>
