<script lang="ts">
  import { FRAMES_PER_FOOT, counterProblem, pictureSeconds, reelPlan, type Gauge } from '#core/bench/reel.ts';
  import { err, ok, type Result } from '#core/numeric/result.ts';
  import { parseDecimal, formatDecimal } from '#core/units/decimal.ts';
  import { useCurrent } from '../../current.svelte.ts';
  import { sayTime } from '../../text/say.ts';
  import ReadTile from '../../tile/ReadTile.svelte';
  import Tile from '../../tile/Tile.svelte';
  import ReelDrawing from './ReelDrawing.svelte';

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
  let typedFeet = $state<number | null>(null);
  let typedSpeed = $state<number | null>(null);
  let typedCounter = $state<number | null>(null);
  let angle = $state<number | null>(null);
  let shotsText = $state('');
  let betweenFeet = $state(0);
  const feet = $derived(typedFeet ?? FEET[gauge]);
  const framesPerSecond = $derived(
    typedSpeed ?? (transport?.kind === 'cine' ? transport.framesPerSecond : gauge === 'super-8' ? 18 : 16)
  );
  const counter = $derived(Math.min(feet, typedCounter ?? feet));
  const reel = $derived({ gauge, feet, framesPerSecond });
  const shots = $derived(
    shotsText
      .split(/[\s,;]+/)
      .map((t) => parseDecimal(t.replace(/s$/i, '')))
      .filter((n) => n !== null && n > 0)
      .map(Number)
  );
  const plan = $derived(reelPlan(reel, counter, shots, betweenFeet));
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
      return err(`This side holds ${formatDecimal(feet, 1)} feet: the counter runs down from there.`);
    return problem === null ? ok(n) : err('The counter ends at 0.');
  }
  function readShots(text: string): Result<string, string> {
    const bad = text
      .split(/[\s,;]+/)
      .find((t) => t !== '' && !((parseDecimal(t.replace(/s$/i, '')) ?? 0) > 0));
    return bad === undefined ? ok(text) : err(`“${bad}” is no length in seconds.`);
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
        text={formatDecimal(feet, 1)}
        read={number('number of feet', 1, 1200)}
        onread={(n: number) => (typedFeet = n)}
        inputmode="decimal"
      />
      <ReadTile
        label="Pictures a second"
        text={formatDecimal(framesPerSecond, 1)}
        read={number('speed', 1, 128)}
        onread={(n: number) => (typedSpeed = n)}
        inputmode="decimal"
      />
      <ReadTile
        label="The counter shows, feet"
        text={formatDecimal(counter, 1)}
        read={readCounter}
        onread={(n: number) => (typedCounter = n)}
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
        text={formatDecimal(betweenFeet, 2)}
        read={number('number of feet', 0, 5)}
        onread={(n: number) => (betweenFeet = n)}
        inputmode="decimal"
      />
    </div>
    <ReadTile
      label="Shots, seconds"
      text={shotsText}
      read={readShots}
      onread={(text: string) => (shotsText = text)}
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
        Each picture is exposed for {sayTime(pictureSeconds(angle, framesPerSecond))}.
      </p>
    {/if}
  </div>
  <div class="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-4">
    <ReelDrawing {feet} {counter} shots={plan.shots} perFoot={FRAMES_PER_FOOT[gauge]} />
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
