<!-- Dial against lever: which combination is closest, which keeps the lens widest, which the time shortest. -->
<script lang="ts">
  import { goto } from '$app/navigation';
  import { dialTable, type DialCell } from '#core/bench/mismatch/dial-table.ts';
  import { positionsOf } from '#core/camera/camera.ts';
  import type { Control } from '#core/camera/kinds/controls.ts';
  import { formatFNumberDigits } from '#core/units/aperture.ts';
  import { markOfFNumber } from '#core/units/series.ts';
  import { useCurrent } from '../../current.svelte.ts';
  import { chanceInHundred, sayInstruction, sayTime } from '../../text/say.ts';
  import LightTile from '../LightTile.svelte';
  import { sayOff } from '../say-bench.ts';
  import DialDrawing from './DialDrawing.svelte';

  const current = useCurrent();
  let typedLv = $state<number | null>(null);
  const judged = $derived(current.judged);
  const lv = $derived(typedLv ?? current.light.lv);
  const situation = $derived(judged && { ...judged.situation, light: { ...judged.situation.light, lv } });
  const table = $derived(situation && judged ? dialTable(situation, judged.pair.present) : null);
  let picked = $state<{ readonly row: number; readonly column: number } | null>(null);
  const chosen = $derived<DialCell | null>(
    (picked && table?.rows[picked.row]?.[picked.column]) ?? table?.closest ?? null
  );
  const picks = $derived(
    table
      ? [
          { name: 'closest', cell: table.closest },
          { name: 'widest', cell: table.widest },
          { name: 'shortest', cell: table.shortest }
        ]
      : []
  );
  /** Each cell that stands out once, with all it stands out by. */
  const named = $derived(
    picks
      .filter((p, i) => picks.findIndex((q) => q.cell === p.cell) === i)
      .map(({ cell }) => ({ cell, name: namesOf(cell) }))
  );
  const namesOf = (cell: DialCell): string =>
    picks
      .filter((p) => p.cell === cell)
      .map((p) => p.name)
      .join(', ');
  const marksOf = (control: Control): readonly string[] => positionsOf(control).map((p) => p.mark);
  const window = $derived(chosen ? chosen.verdict.window.usable : null);
  async function use(): Promise<void> {
    if (!chosen) return;
    current.picked = chosen.verdict.setting.choice;
    if (typedLv !== null) current.moveLight(typedLv);
    await goto('/shoot');
  }
</script>

{#if judged && table && chosen && window}
  {@const { across, down } = table}
  <div class="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-5 lg:grid-cols-[20rem_minmax(0,1fr)]">
    <div class="grid content-start gap-3">
      <LightTile {lv} onlv={(v: number) => (typedLv = v)} />
      <p class="text-[1.25rem] leading-snug" data-testid="dial">
        <b>{sayInstruction(judged.pair.camera, chosen.verdict.setting).join(' ')}</b>
      </p>
      <p class="soft leading-snug">
        f/{formatFNumberDigits(markOfFNumber(chosen.verdict.exposure.fNumber))}, {sayTime(
          chosen.verdict.exposure.seconds
        )}: {sayOff(chosen.offStops)}, {chanceInHundred(chosen.verdict.pUsable)} in 100.
      </p>
      <button type="button" class="btn preset-filled min-h-11 justify-self-start" onclick={() => void use()}
        >Set it on Shoot</button
      >
    </div>
    <div class="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-4">
      <DialDrawing
        cells={table.rows.flat().flatMap((c) => c ?? [])}
        picks={named}
        {chosen}
        from={window.lo - chosen.verdict.aimStops}
        to={window.hi - chosen.verdict.aimStops}
      />
      <div class="card overflow-x-auto p-4">
        <table class="w-full text-[0.9375rem]">
          <caption class="sr-only">{down?.label ?? ''} against {across.label}</caption>
          <thead class="text-left text-[0.8125rem] text-(--soft)">
            <tr
              ><th class="pr-3 font-normal">{down?.label ?? ''}</th>
              {#each marksOf(across) as mark, i (i)}<th class="pr-3 font-normal">{mark}</th>{/each}</tr
            >
          </thead>
          <tbody>
            {#each table.rows as cells, row (row)}
              <tr class="border-t border-(--line)">
                <th class="pr-3 text-left" scope="row">{down ? marksOf(down)[row] : across.label}</th>
                {#each cells as cell, column (column)}
                  <td class="py-1 pr-1">
                    {#if cell}
                      <button
                        type="button"
                        class="chip min-h-11 min-w-11 flex-col items-start! gap-0 leading-tight"
                        aria-pressed={cell === chosen}
                        onclick={() => (picked = { row, column })}
                        ><span>{sayOff(cell.offStops)}</span><span class="text-[0.8125rem]"
                          >{sayTime(cell.verdict.exposure.seconds)}</span
                        >{#if namesOf(cell) !== ''}<b class="text-[0.8125rem]">{namesOf(cell)}</b
                          >{/if}</button
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
{:else}
  <p>This camera has nothing to set its exposure by.</p>
{/if}
