<script lang="ts">
  import { untrack } from 'svelte';
  import {
    FRAMES_PER_FOOT,
    counterProblem,
    pictureSeconds,
    reelPlan,
    type Gauge,
    type Reel
  } from '#core/bench/reel.ts';
  import { counterNow, type ReelNote } from '#core/log/reel-note.ts';
  import { err, ok, type Result } from '#core/numeric/result.ts';
  import { parseDecimal, formatDecimal } from '#core/units/decimal.ts';
  import { useCurrent } from '../../current.svelte.ts';
  import { sayTime } from '../../text/say.ts';
  import ReadTile from '../../tile/ReadTile.svelte';
  import Tile from '../../tile/Tile.svelte';
  import { KeptReel } from './reel-kept.svelte.ts';
  import ReelDrawing from './ReelDrawing.svelte';
  import ShotsRun from './ShotsRun.svelte';

  const current = useCurrent();
  const GAUGES: readonly (readonly [Gauge, string])[] = [
    ['double-run-8', '8 mm, double run'],
    ['super-8', 'super 8'],
    ['16', '16 mm']
  ];
  const FEET: Readonly<Record<Gauge, number>> = { 'double-run-8': 25, 'super-8': 50, '16': 100 };
  const transport = $derived(current.pair?.camera.transport ?? null);
  let chosen = $state<Gauge | null>(null);
  const gauge = $derived<Gauge>(
    chosen ?? (current.pair?.film.formats.includes('cine-16') ? '16' : 'double-run-8')
  );
  const kept = new KeptReel();
  let angle = $state<number | null>(null);
  $effect(() => {
    if (current.pair && untrack(() => isCine)) void kept.open(current.pair);
  });
  /** Whether there is a reel in the camera in hand: what is noted goes with it. Else it is a sum. */
  const isCine = $derived(
    current.pair !== null && (transport?.kind === 'cine' || current.pair.film.feet !== null)
  );
  const fresh = $derived<ReelNote>({
    ...{ side: current.pair?.side ?? null, counters: [], planned: [], betweenFeet: 0 },
    feet: FEET[gauge],
    framesPerSecond: transport?.kind === 'cine' ? transport.framesPerSecond : gauge === 'super-8' ? 18 : 16
  });
  let sum = $state.raw<Partial<ReelNote>>({});
  const note = $derived<ReelNote>(isCine ? (kept.note ?? fresh) : { ...fresh, ...sum });
  function change(more: Partial<ReelNote>): void {
    if (isCine) kept.keep({ ...note, ...more });
    else sum = { ...sum, ...more };
  }
  const reel = $derived<Reel>({ gauge, feet: note.feet, framesPerSecond: note.framesPerSecond });
  const counter = $derived(Math.min(note.feet, counterNow(note)));
  const shots = $derived(note.planned);
  const plan = $derived(reelPlan(reel, counter, shots, note.betweenFeet));
  const secondsOfText = (text: string): readonly (readonly [string, number | null])[] =>
    text
      .split(/[\s,;]+/)
      .filter((t) => t !== '')
      .map((t) => [t, parseDecimal(t.replace(/s$/i, ''))]);
  const number =
    (what: string, least: number, most: number) =>
    (text: string): Result<number, string> => {
      const n = parseDecimal(text);
      return n !== null && n >= least && n <= most
        ? ok(n)
        : err(`“${text}” is no ${what}. Give ${least} to ${most}.`);
    };
  function readCounter(text: string): Result<number, string> {
    const n = parseDecimal(text);
    if (n === null) return err(`“${text}” is no number of feet.`);
    const problem = counterProblem(reel, n);
    if (problem === 'above-full')
      return err(`This side holds ${formatDecimal(note.feet, 1)} feet: the counter runs down from there.`);
    return problem === null ? ok(n) : err('The counter ends at 0.');
  }
  function readShots(text: string): Result<readonly number[], string> {
    const read = secondsOfText(text);
    const bad = read.find(([, n]) => n === null || n <= 0 || n > 3600);
    return bad === undefined
      ? ok(read.flatMap(([, n]) => n ?? []))
      : err(`“${bad[0]}” is no length in seconds.`);
  }
</script>

<div class="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-5 lg:grid-cols-[24rem_minmax(0,1fr)]">
  <div class="grid content-start gap-2">
    <div class="grid grid-cols-2 items-start gap-1.5">
      <Tile
        label="Film"
        value={gauge}
        onchoose={(v: string) => (chosen = GAUGES.find(([g]) => g === v)?.[0] ?? null)}
      >
        {#each GAUGES as [g, words] (g)}<option value={g}>{words}</option>{/each}
      </Tile>
      <ReadTile
        label="Feet of one side"
        text={formatDecimal(note.feet, 1)}
        read={number('number of feet', 1, 1200)}
        onread={(feet: number) => change({ feet, counters: note.counters.filter((c) => c <= feet) })}
        inputmode="decimal"
      />
      <ReadTile
        label="Pictures a second"
        text={formatDecimal(note.framesPerSecond, 1)}
        read={number('speed', 1, 128)}
        onread={(framesPerSecond: number) => change({ framesPerSecond })}
        inputmode="decimal"
      />
      <ReadTile
        label="The counter shows, feet"
        text={formatDecimal(counter, 1)}
        read={readCounter}
        onread={(n: number) =>
          // less than before has run; more puts right what was read
          change({ counters: [...note.counters.filter((c) => c > n), ...(n < note.feet ? [n] : [])] })}
        inputmode="decimal"
      />
      <ReadTile
        label="Shutter open, degrees"
        text={angle === null ? '' : formatDecimal(angle, 0)}
        read={number('angle', 5, 355)}
        onread={(n: number) => (angle = n)}
        inputmode="numeric"
        example="170"
      />
      <ReadTile
        label="Run off between, feet"
        text={formatDecimal(note.betweenFeet, 2)}
        read={number('number of feet', 0, 5)}
        onread={(betweenFeet: number) => change({ betweenFeet })}
        inputmode="decimal"
      />
    </div>
    <ReadTile
      label="Shots to come, seconds"
      text={shots.map((n) => formatDecimal(n, 1)).join(' ')}
      read={readShots}
      onread={(planned: readonly number[]) => change({ planned })}
      example="5 8 12 5"
      maxlength={400}
    />
    <p class="text-[1.25rem] leading-snug" data-testid="reel">
      <b>{sayTime(Math.round(plan.leftSeconds))} left</b>, {plan.leftFrames} pictures.
    </p>
    {#if shots.length > 0}
      <p class="leading-snug" role="status">
        {#if plan.overSeconds >= 0}
          All {shots.length === 1 ? 'of it fits' : `${shots.length} shots fit`}; {sayTime(
            Math.floor(plan.overSeconds)
          )} stay.
        {:else}
          <b>{formatDecimal(Math.ceil(-plan.overSeconds), 0)} s too much</b> for this side.
        {/if}
      </p>
    {/if}
    {#if angle !== null}
      <p class="leading-snug">
        Each picture is exposed for {sayTime(pictureSeconds(angle, note.framesPerSecond))}.
      </p>
    {/if}
  </div>
  <div class="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-4">
    <ReelDrawing feet={note.feet} {counter} shots={plan.shots} perFoot={FRAMES_PER_FOOT[gauge]} />
    {#if isCine}<ShotsRun {reel} {note} onnote={change} />{/if}
    <section class="card grid gap-1.5 p-4" aria-label="Loading">
      <h2 class="text-lg font-semibold">Loading</h2>
      <ol class="list-decimal pl-5 leading-snug">
        <li>In dim light, never in sun: the outer turns are all that guards the rest.</li>
        <li>Through the gate with a loop above and below, as the camera shows; close the gate.</li>
        <li>Run a little with the door open: the loops stay, the claw draws.</li>
        <li>Close it, set the counter, run off the leader.</li>
        {#if gauge === 'double-run-8'}<li>
            At 0 let it run out. In dim light turn the full reel over, and thread it again for side two.
          </li>{/if}
      </ol>
    </section>
  </div>
</div>
