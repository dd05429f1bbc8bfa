<script lang="ts">
  import { goto } from '$app/navigation';
  import { atHandFrom } from '#core/advice/at-hand.ts';
  import { longTable, timerLimitSeconds, waysToLength, type LongCell } from '#core/bench/long-table.ts';
  import type { Stack } from '#core/bench/stacks.ts';
  import { setsItself } from '#core/camera/camera.ts';
  import { circumstancesOf } from '#core/error/situation.ts';
  import { PLAIN } from '#core/error/circumstances.ts';
  import { err, ok, type Result } from '#core/numeric/result.ts';
  import { formatFNumberDigits } from '#core/units/aperture.ts';
  import { parseShutter } from '#core/units/shutter.ts';
  import { markOfFNumber } from '#core/units/series.ts';
  import { explainQuantity } from '#schema/reading/words.ts';
  import { useCurrent } from '../../current.svelte.ts';
  import { chanceInHundred, sayTime } from '../../text/say.ts';
  import ReadTile from '../../tile/ReadTile.svelte';
  import { sayOff } from '../say-bench.ts';
  import LightTile from '../LightTile.svelte';
  import HoldOpen from '../../shoot/HoldOpen.svelte';
  import LengthDrawing from './LengthDrawing.svelte';

  const current = useCurrent();
  let typedLv = $state<number | null>(null);
  let wanted = $state<number | null>(null);
  const judged = $derived(current.judged);
  const lv = $derived(typedLv ?? current.light.lv);
  const owned = $derived(atHandFrom([], current.things).filters);
  const situation = $derived(
    judged && {
      ...judged.situation,
      light: { ...judged.situation.light, lv },
      circumstances: { ...circumstancesOf(judged.situation), filters: [] }
    }
  );
  const present = $derived(judged?.pair.present ?? {});
  const table = $derived(situation ? longTable(situation, present, owned) : { fNumbers: [], rows: [] });
  const ways = $derived(
    situation && wanted !== null ? waysToLength(situation, present, owned, wanted).slice(0, 6) : []
  );
  const limit = $derived(judged ? timerLimitSeconds(judged.pair.camera, present) : null);
  const isCounted = $derived(table.rows.some(({ cells }) => cells.some((c) => c?.counted)));
  const stackName = ({ filters, stops }: Stack): string =>
    filters.length === 0
      ? 'bare'
      : filters.map((f) => (f.name === '' ? `${f.stops} stops` : f.name)).join(' + ') +
        (filters.length > 1 ? ` (${stops})` : '');
  function readLength(text: string): Result<number | null, string> {
    if (text === '') return ok(null);
    const read = parseShutter(/^\d+([.,]\d+)?$/.test(text) ? `${text} s` : text);
    return read.ok ? ok(read.value.seconds) : err(explainQuantity(read.error));
  }
  async function use(stack: Stack, cell: LongCell): Promise<void> {
    if (!judged) return;
    const place = setsItself(judged.pair.camera) ? 'lens-and-eye' : 'lens';
    const circumstances = { ...PLAIN, ...current.asked.circumstances };
    const filters = stack.filters.map((f) => ({ ...f, place }) as const);
    current.asked = {
      ...current.asked,
      ...{ support: 'standing', purpose: 'whole-seconds' },
      circumstances: { ...circumstances, filters }
    };
    current.picked = cell.choice;
    current.countSeconds = cell.counted ? cell.seconds : null;
    if (typedLv !== null) current.moveLight(typedLv);
    await goto('/shoot');
  }
</script>

{#if situation && table.fNumbers.length > 0}
  <div class="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-5 lg:grid-cols-[20rem_minmax(0,1fr)]">
    <div class="grid content-start gap-3">
      <LightTile {lv} onlv={(v: number) => (typedLv = v)} />
      <ReadTile
        label="A length that is wanted"
        text={wanted === null ? '' : sayTime(wanted)}
        read={readLength}
        onread={(s: number | null) => (wanted = s)}
        example="45 s"
      />
      {#if wanted !== null}
        {#if ways.length === 0}
          <p class="leading-snug">
            Nothing you own gives {sayTime(wanted)} in this light: more light, less of it, or another filter is
            needed.
          </p>
        {:else}
          <ol class="grid gap-1.5" data-testid="ways" aria-label="What gives {sayTime(wanted)}">
            {#each ways as { stack, cell }, i (i)}
              <li>
                <button
                  type="button"
                  class="card grid min-h-11 w-full cursor-pointer px-3 py-2 text-left leading-snug"
                  onclick={() => void use(stack, cell)}
                >
                  <span
                    ><b>f/{formatFNumberDigits(markOfFNumber(cell.fNumber))}, {stackName(stack)}</b
                    >{cell.counted ? '' : `, ${sayTime(cell.seconds)}`}</span
                  ><span class="soft text-[0.875rem]"
                    >{sayOff(cell.offStops)}, {chanceInHundred(cell.chance)} in 100</span
                  >
                </button>
              </li>
            {/each}
          </ol>
        {/if}
      {/if}
      {#if limit !== null}
        <p class="leading-snug" data-testid="timer-limit">
          By itself it stays open {sayTime(limit)} at most.
        </p>
      {/if}
      {#if judged && isCounted}
        <details>
          <summary class="min-h-11 cursor-pointer content-center underline">How it is held open</summary>
          <div class="grid gap-2"><HoldOpen camera={judged.pair.camera} /></div>
        </details>
      {/if}
      <p class="soft leading-snug">
        Set down, through the filters of your bag, with what the film loses in long exposures. A press on a
        time takes it to Shoot, with its count.
      </p>
      <p class="soft leading-snug">
        Never look at the sun through a finder or a lens, whatever filter is on it: grey filters do not
        protect eyes.
      </p>
    </div>
    <div class="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-4">
      <LengthDrawing rows={table.rows} {wanted} />
      <div class="card overflow-x-auto p-4">
        <table class="w-full text-[0.9375rem]" data-testid="long">
          <caption class="sr-only">Lengths by filters and aperture</caption>
          <thead class="text-left text-[0.8125rem] text-(--soft)">
            <tr
              ><th class="pr-3 font-normal">On the lens</th>
              {#each table.fNumbers as n (n)}<th class="pr-2 font-normal whitespace-nowrap"
                  >f/{formatFNumberDigits(markOfFNumber(n))}</th
                >{/each}</tr
            >
          </thead>
          <tbody>
            {#each table.rows as { stack, cells }, r (r)}
              <tr class="border-t border-(--line)">
                <th class="min-w-24 py-1 pr-3 text-left leading-tight font-semibold" scope="row"
                  >{stackName(stack)}</th
                >
                {#each cells as cell, c (c)}
                  <td class="pr-2 whitespace-nowrap">
                    {#if cell}
                      <button
                        type="button"
                        class="min-h-11 min-w-11 cursor-pointer text-left underline decoration-(--line) underline-offset-4 {cell.chance <
                        0.5
                          ? 'text-(--soft)'
                          : ''}"
                        aria-label="{sayTime(cell.seconds)} at f/{formatFNumberDigits(
                          markOfFNumber(cell.fNumber)
                        )}, {stackName(stack)}, {chanceInHundred(cell.chance)} in 100"
                        onclick={() => void use(stack, cell)}>{sayTime(cell.seconds)}</button
                      >
                    {/if}
                  </td>
                {/each}
              </tr>
            {/each}
          </tbody>
        </table>
      </div>
    </div>
  </div>
{:else if situation}
  <p>
    The {judged?.pair.camera.name} can neither be held open nor times itself: it has no long exposures. B, T or
    a trick is entered on <a class="underline" href="/kit">its sheet</a>.
  </p>
{/if}
