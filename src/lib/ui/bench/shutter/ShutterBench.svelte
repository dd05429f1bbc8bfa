<script lang="ts">
  import { measurable, withMeasured } from '#core/bench/measured-control.ts';
  import { readTimes, summaryOf, type TimeSummary } from '#core/bench/shutter/summary.ts';
  import type { MeasuredTime } from '#core/bench/shutter/slow-motion.ts';
  import { err, ok, type Result } from '#core/numeric/result.ts';
  import { formatDecimal } from '#core/units/decimal.ts';
  import { explainQuantity } from '#schema/reading/words.ts';
  import Choice from '../../Choice.svelte';
  import { useCurrent } from '../../current.svelte.ts';
  import { sayTime } from '../../text/say.ts';
  import ReadTile from '../../tile/ReadTile.svelte';
  import { keepCamera } from '../keep-camera.ts';
  import { sayLong, tenths } from '../say-bench.ts';
  import LightTracePanel from './LightTracePanel.svelte';
  import SlowMotionPanel from './SlowMotionPanel.svelte';
  import SoundPanel from './SoundPanel.svelte';

  const current = useCurrent();
  const pair = $derived(current.pair);
  const camera = $derived(pair?.camera ?? null);
  const places = $derived(camera ? measurable(camera, 'time') : []);
  const METHODS = [
    ['sound', 'Sound'],
    ['slow', 'Slow motion'],
    ['light', 'Light sensor']
  ] as const;
  let method = $state<string>('sound');
  /** Which mark is measured. */
  let at = $state(0);
  /** Times of each mark, seconds. */
  let times = $state.raw<ReadonlyMap<number, readonly number[]>>(new Map());
  const markSeconds = $derived(places[at]?.value ?? null);

  function put(place: number, seconds: readonly number[]): void {
    const others = [...times].filter(([other]) => other !== place);
    times = new Map(seconds.length > 0 ? [...others, [place, seconds] as const] : others);
  }
  function take({ seconds }: MeasuredTime): void {
    put(at, [...(times.get(at) ?? []), seconds]);
  }
  function read(text: string): Result<readonly number[], string> {
    const found = readTimes(text);
    return found.ok ? found : err(explainQuantity(found.error));
  }
  const written = (seconds: readonly number[]): string =>
    seconds.map((s) => (s < 0.3 ? `1/${formatDecimal(1 / s, 1)}` : `${formatDecimal(s, 2)}s`)).join(' ');
  const sums = $derived(
    new Map([...times].map(([place, seconds]) => [place, summaryOf(seconds, places[place]?.value ?? null)]))
  );
  const sayTimes = ({ seconds, errorStops, spreadStops }: TimeSummary): string =>
    [
      sayTime(seconds),
      ...(errorStops === null ? [] : [sayLong(errorStops)]),
      ...(spreadStops === null ? [] : [`spread ${tenths(spreadStops)}`])
    ].join(', ');
  async function keep(): Promise<void> {
    if (!pair || !camera) return;
    const values = new Map([...sums].map(([place, s]) => [place, Number(s.seconds.toPrecision(5))]));
    const isKept = await keepCamera(
      pair,
      (now) => withMeasured(now, 'time', values),
      `The ${camera.name} has ${values.size === 1 ? 'the time' : 'the times'} you measured.`
    );
    if (isKept) times = new Map();
  }
  const noText = ok<readonly number[]>([]);
  const readAny = (text: string): Result<readonly number[], string> => (text === '' ? noText : read(text));
</script>

<div class="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-5 lg:grid-cols-[24rem_minmax(0,1fr)]">
  <div class="grid content-start gap-2" data-testid="shutter">
    {#if places.length === 0}
      <p class="leading-snug">
        The {camera?.name} times itself: no mark stands for a time of its own. What a release took is told here
        all the same, and noted on Shoot as the time you heard.
      </p>
    {:else}
      <p class="soft leading-snug">
        Choose a mark, release three times, take what is found. Or type what a tester showed: 1/38 1/41, or 40
        ms.
      </p>
      <ol class="grid gap-1.5">
        {#each places as place, p (p)}
          {@const sum = sums.get(p)}
          <li class="grid grid-cols-[5rem_minmax(0,1fr)] items-start gap-2">
            <button
              type="button"
              class="chip h-13 font-semibold"
              aria-pressed={at === p}
              onclick={() => (at = p)}>{place.mark}</button
            >
            <div class="min-w-0">
              <ReadTile
                label={sum ? sayTimes(sum) : `Measured at ${place.mark}`}
                text={written(times.get(p) ?? [])}
                read={readAny}
                onread={(seconds: readonly number[]) => put(p, seconds)}
                example={sayTime(place.value)}
                maxlength={200}
              />
            </div>
          </li>
        {/each}
      </ol>
      {#if times.size > 0}
        <button
          type="button"
          class="btn preset-filled min-h-11 justify-self-start"
          onclick={() => void keep()}>Keep with the camera</button
        >
      {/if}
    {/if}
  </div>
  <div class="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-3">
    <Choice
      label="How it is measured"
      value={method}
      options={METHODS}
      onchoose={(v: string) => (method = v)}
    />
    {#if places.length > 0}<p class="font-semibold">{places[at]?.mark}</p>{/if}
    {#if method === 'sound'}
      {#key at}<SoundPanel {markSeconds} ontaken={take} />{/key}
    {:else if method === 'slow'}
      <SlowMotionPanel ontaken={take} />
    {:else}
      <LightTracePanel ontaken={take} />
    {/if}
  </div>
</div>
