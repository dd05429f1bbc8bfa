<script module lang="ts">
  import type { Judged } from '../../current-judge.ts';

  /** What is sharp from where to where, and which mark and opening hold a stretch. */
  export interface SharpTableProps {
    judged: Judged;
  }
</script>

<script lang="ts">
  import { readMetres } from '#core/camera/marks.ts';
  import { sharedFormat } from '#core/chance/conditions.ts';
  import { holding, sharpTable } from '#core/focus/sharp-table.ts';
  import { formatFNumber } from '#core/units/aperture.ts';
  import { markOfFNumber } from '#core/units/series.ts';
  import { explainQuantity } from '#schema/reading/words.ts';
  import { sayMetres } from '../../text/say.ts';

  let { judged }: SharpTableProps = $props();
  const uid = $props.id();
  const camera = $derived(judged.pair.camera);
  const format = $derived(sharedFormat(camera, judged.pair.film) ?? camera.formats[0] ?? '135');
  const table = $derived(sharpTable(camera, format));
  let from = $state('');
  let to = $state('');
  const name = (fNumber: number): string => formatFNumber(markOfFNumber(fNumber));

  const answer = $derived.by(() => {
    if (from.trim() === '' || to.trim() === '') return '';
    const [a, b] = [readMetres(from), readMetres(to)];
    if (!a.ok) return `From: ${explainQuantity(a.error)}`;
    if (!b.ok) return `To: ${explainQuantity(b.error)}`;
    if (b.value < a.value) return 'To: give a distance farther than “from”.';
    const way = holding(table, a.value, b.value);
    if (!way) return 'No mark and opening of this camera hold all of that.';
    return `${name(way.fNumber)}${way.mark === '' ? '' : `, focus at ${way.mark}`}, or any smaller opening.`;
  });
</script>

<div class="overflow-x-auto">
  <table class="[border-collapse:collapse] text-[0.875rem] whitespace-nowrap">
    <thead>
      <tr>
        <th class="pt-1 pr-2.5 pb-1 border-b border-b-(--line) text-left font-semibold" scope="col"
          >{table.length > 1 ? 'Focus at' : 'Aperture'}</th
        >
        {#each table[0]?.cells ?? [] as cell (cell.fNumber)}
          <th class="pt-1 pr-2.5 pb-1 border-b border-b-(--line) text-left font-semibold" scope="col"
            >{name(cell.fNumber)}</th
          >
        {/each}
      </tr>
    </thead>
    <tbody>
      {#each table as row, i (i)}
        <tr>
          <th class="pt-1 pr-2.5 pb-1 border-b border-b-(--line) text-left font-semibold" scope="row"
            >{row.mark === '' ? 'sharp' : row.mark}</th
          >
          {#each row.cells as cell (cell.fNumber)}
            <td class="pt-1 pr-2.5 pb-1 border-b border-b-(--line) text-left font-normal"
              >{sayMetres(cell.nearM)} to {sayMetres(cell.farM)}</td
            >
          {/each}
        </tr>
      {/each}
    </tbody>
  </table>
</div>
<p class="kicker">What holds from … to …?</p>
<div class="flex gap-1.5">
  <input
    class="input [flex:1_1_4rem] min-w-0"
    aria-label="Sharp from"
    placeholder="1 m"
    bind:value={from}
    aria-describedby="{uid}-holds"
  />
  <input
    class="input [flex:1_1_4rem] min-w-0"
    aria-label="Sharp to"
    placeholder="3 m"
    bind:value={to}
    aria-describedby="{uid}-holds"
  />
</div>
<p id="{uid}-holds" role="status">{answer}</p>
