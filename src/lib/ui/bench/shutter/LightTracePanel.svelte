<script lang="ts">
  import { onDestroy } from 'svelte';
  import type { TraceProblem, TraceTime } from '#core/bench/shutter/read-trace.ts';
  import type { MeasuredTime } from '#core/bench/shutter/slow-motion.ts';
  import { err, ok, type Result } from '#core/numeric/result.ts';
  import { formatDecimal, parseDecimal } from '#core/units/decimal.ts';
  import { sayTime } from '../../text/say.ts';
  import type { TraceAnswer, TraceQuestion } from '../../../../workers/trace.ts';
  import { WorkerLine } from '../../worker/line.ts';
  import ReadTile from '../../tile/ReadTile.svelte';
  import Tile from '../../tile/Tile.svelte';
  import TraceDrawing from './TraceDrawing.svelte';

  let { ontaken }: { ontaken: (time: MeasuredTime) => void } = $props();
  let unit = $state<'s' | 'ms' | 'µs' | 'even'>('s');
  let perSecond = $state(10_000);
  const PROBLEMS: Readonly<Record<TraceProblem, string>> = {
    'no-numbers': 'There are no numbers in it: a row is a time and a light, or a light alone.',
    'too-short': 'There are fewer than eight values in it.',
    'too-long': 'There are more than five million values in it. Cut it to the releases.',
    'time-runs-back': 'The times do not run forwards: is the first column the time?'
  };
  const time = $derived<TraceTime>(unit === 'even' ? { perSecond } : unit);
  const MOST_BYTES = 60_000_000;
  let table = $state.raw<Blob | null>(null);
  let found = $state.raw<TraceAnswer | null>(null);
  /** How far the answer is, 0…1; null = none is on its way. */
  let progress = $state.raw<number | null>(null);
  let trouble = $state('');
  const line = new WorkerLine<TraceQuestion, TraceAnswer>(
    () => new Worker(new URL('../../../../workers/trace.ts', import.meta.url), { type: 'module' })
  );
  onDestroy(() => line.stop());
  $effect(() => {
    if (table === null) return;
    [found, progress] = [null, 0];
    return line.ask(
      { table, time },
      {
        part: (answer) => (found = answer),
        progress: (share) => (progress = share),
        done: () => (progress = null),
        failed: (words) => ([progress, trouble] = [null, words])
      }
    );
  });
  function open(file: File): void {
    trouble = file.size > MOST_BYTES ? 'That file is larger than 60 MB. Cut it to the releases.' : '';
    if (trouble === '') table = file;
  }
  const readRate = (text: string): Result<number, string> => {
    const n = parseDecimal(text);
    return n !== null && n >= 100 && n <= 10_000_000
      ? ok(n)
      : err(`“${text}” is no number of values a second. Give 100 to 10000000.`);
  };
</script>

<p class="leading-snug">
  Put a light behind the camera and the sensor where the film would be; take its numbers as a table. At 10 000
  values a second 1/1000 s is told to a tenth of a stop.
</p>
<div class="grid grid-cols-2 items-start gap-1.5">
  <Tile
    label="The first column counts"
    value={unit}
    onchoose={(v: string) => (unit = v === 'ms' || v === 'µs' || v === 'even' ? v : 's')}
  >
    <option value="s">seconds</option>
    <option value="ms">thousandths of a second</option>
    <option value="µs">millionths of a second</option>
    <option value="even">nothing: light alone, evenly</option>
  </Tile>
  {#if unit === 'even'}
    <ReadTile
      label="Values a second"
      text={formatDecimal(perSecond, 0)}
      read={readRate}
      onread={(n: number) => (perSecond = n)}
      inputmode="numeric"
    />
  {/if}
</div>
<label class="btn preset-outlined min-h-11 cursor-pointer justify-self-start"
  >Choose the table<input
    type="file"
    accept=".csv,.txt,.tsv,text/csv,text/plain"
    class="sr-only"
    onchange={(e) => {
      const [file] = e.currentTarget.files ?? [];
      if (file) open(file);
      e.currentTarget.value = '';
    }}
  /></label
>
{#if trouble !== ''}<p role="alert">{trouble}</p>{/if}
{#if progress !== null}
  <progress class="progress w-full" value={progress} aria-label="Reading the table"></progress>
{/if}
{#if found && 'problem' in found}<p role="alert">{PROBLEMS[found.problem]}</p>{/if}
{#if found && 'trace' in found}
  {@const { trace, pulses } = found}
  {#if pulses.length === 0}
    <p role="alert">The light never rises well above its noise: nothing opened.</p>
  {:else}
    <TraceDrawing {trace} {pulses} />
    <div class="flex flex-wrap gap-2">
      {#each pulses as pulse, i (i)}
        <button type="button" class="btn preset-filled min-h-11" onclick={() => ontaken(pulse)}
          >Take {sayTime(pulse.seconds)}</button
        >
      {/each}
    </div>
  {/if}
{/if}
