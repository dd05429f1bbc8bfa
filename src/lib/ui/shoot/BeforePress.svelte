<!-- At most three lines before each press: only what can go wrong now. -->
<script lang="ts">
  import { atHandFrom } from '#core/advice/at-hand.ts';
  import { toldBefore } from '#core/log/told-before.ts';
  import { pressChecks } from '#core/log/before-press.ts';
  import { useCurrent } from '../current.svelte.ts';
  import type { Judged } from '../current-judge.ts';
  import { sayDone } from '../notices/say.ts';
  import { offline } from '../offline/offline.svelte.ts';
  import Reminders from './Reminders.svelte';
  import { sayCheck, sayTold } from './words.ts';

  let { judged }: { judged: Judged } = $props();
  const current = useCurrent();
  const checks = $derived(
    pressChecks(
      judged.pair.camera,
      judged.shown,
      judged.pair.present,
      current.conditions,
      judged.pair.lastConditions,
      judged.pair
    )
  );

  const bySight = $derived(['shadow', 'sky'].includes(judged.light.way.kind));
  const told = $derived(
    toldBefore(judged.situation, judged.shown, bySight, atHandFrom([], current.things).flashes)
  );

  async function layFilter(): Promise<void> {
    const { loadId } = judged.pair;
    await offline.put({ kind: 'pack-filter', loadId, on: true });
    sayDone('The filter lies on the pack: every answer counts with it.', () => {
      void offline.put({ kind: 'pack-filter', loadId, on: false });
    });
  }
</script>

{#if checks.length > 0}
  <ul aria-label="Before you press" data-testid="checks">
    {#each checks as check, i (i)}<li>
        {sayCheck(check)}
        {#if check.check === 'pack-filter'}
          <button type="button" class="chip" onclick={() => void layFilter()}>It is on</button>
        {/if}
      </li>{/each}
  </ul>
{/if}
{#if told.length > 0}
  <ul class="told" aria-label="Good to know" data-testid="told">
    {#each told as fact (fact.told)}<li>{sayTold(fact)}</li>{/each}
  </ul>
{/if}
<Reminders camera={judged.pair.camera} />

<style>
  .told {
    gap: 3px;
    padding: 0;
    border: 0;
    color: var(--soft);
  }
  .told li::before {
    display: none;
  }
  ul {
    display: grid;
    gap: 3px;
    padding: 8px 12px;
    border: 1.5px dashed var(--ink);
    border-radius: 4px;
    font-size: 0.9375rem;
    line-height: 1.3;
  }
  li {
    display: flex;
    gap: 8px;
  }
  li::before {
    content: '';
    flex: 0 0 11px;
    height: 11px;
    margin-top: 4px;
    border: 2px solid var(--ink);
    border-radius: 2px;
  }
</style>
