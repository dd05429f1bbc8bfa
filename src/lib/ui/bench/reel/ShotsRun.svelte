<!-- After each shot the counter is read: how long it ran, and what comes next. -->
<script lang="ts">
  import { counterProblem, secondsRun, type Reel } from '#core/bench/reel.ts';
  import { afterShot, counterNow, type ReelNote } from '#core/log/reel-note.ts';
  import { err, ok, type Result } from '#core/numeric/result.ts';
  import { formatDecimal, parseDecimal } from '#core/units/decimal.ts';
  import { sayTime } from '../../text/say.ts';
  import ReadTile from '../../tile/ReadTile.svelte';

  let { reel, note, onnote }: { reel: Reel; note: ReelNote; onnote: (note: ReelNote) => void } = $props();
  const ran = $derived(secondsRun(reel, note.counters));
  const [next] = $derived(note.planned);
  function read(text: string): Result<number | null, string> {
    if (text === '') return ok(null);
    const n = parseDecimal(text.replace(/\s*(ft|feet)$/i, ''));
    if (n === null) return err(`“${text}” is no number of feet.`);
    const problem = counterProblem(reel, n);
    if (problem === 'below-empty') return err('The counter ends at 0.');
    return problem === 'above-full' || n > counterNow(note)
      ? err(`The counter runs down: it stood at ${formatDecimal(counterNow(note), 1)} feet before.`)
      : ok(n);
  }
</script>

<section class="card grid gap-2 p-4" aria-label="Shots">
  <h2 class="text-lg font-semibold">After each shot</h2>
  {#if next !== undefined}
    <p class="leading-snug" data-testid="next-shot">Next: {sayTime(next)}.</p>
  {/if}
  <div class="max-w-60">
    {#key note.counters.length}
      <ReadTile
        label="The counter shows now, feet"
        text=""
        {read}
        onread={(feet: number | null) => {
          if (feet !== null) onnote(afterShot(note, feet));
        }}
        inputmode="decimal"
        example={formatDecimal(Math.max(0, counterNow(note) - 1), 1)}
      />
    {/key}
  </div>
  {#if ran.length > 0}
    <ol class="list-decimal pl-5 leading-snug" data-testid="shots-run">
      {#each ran as seconds, i (i)}
        <li>{sayTime(Math.round(seconds))}, to {formatDecimal(note.counters[i] ?? 0, 1)} feet</li>
      {/each}
    </ol>
    <button
      type="button"
      class="min-h-11 cursor-pointer justify-self-start underline"
      onclick={() => onnote({ ...note, counters: note.counters.slice(0, -1) })}>Take the last one back</button
    >
  {/if}
</section>
