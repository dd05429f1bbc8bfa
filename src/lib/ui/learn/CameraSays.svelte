<!-- What judged frames say about the camera: its bias and how sure that is; taken up with one press, and back with one. -->
<script lang="ts">
  import type { Camera } from '#core/camera/camera.ts';
  import type { Film } from '#core/film/film.ts';
  import { framesToSettle, type BiasChange, type Estimate } from '#core/learn/bias.ts';
  import type { LastRoll } from '#core/learn/last-roll.ts';
  import type { Outlier } from '#core/learn/outliers.ts';
  import { formatDecimal } from '#core/units/decimal.ts';
  import { changeBias } from '../api.ts';
  import { sayWhen } from '../log/say-frame.ts';
  import { sayDone, sayTrouble } from '../notices/say.ts';
  import { chanceInHundred } from '../text/say.ts';
  import { sayBias, sayCancelling, sayOutlier } from './say-learn.ts';

  let {
    camera,
    film,
    says,
    history,
    revision,
    onchanged
  }: {
    camera: Camera;
    film: Film;
    says: {
      readonly camera: Estimate;
      readonly withFilm: Estimate | null;
      readonly frames: number;
      readonly outliers: readonly (Outlier & { readonly label: string })[];
      readonly lastRoll: LastRoll | null;
    };
    history: readonly BiasChange[];
    /** The camera's, that the page shows. */
    revision: number;
    onchanged: () => Promise<void>;
  } = $props();
  /** Sure enough to be left alone, and no surer than a camera ever is, stops. */
  const SETTLED_SD = 0.2;
  const LEAST_SD = 0.1;
  /** What one more frame of its own reading tells, one sd in stops. */
  const FRAME_TELLS = 0.65;
  const more = $derived(framesToSettle(says.camera, FRAME_TELLS, SETTLED_SD));
  const rounded = $derived({
    stops: Math.round(says.camera.stops * 100) / 100,
    sd: Math.max(LEAST_SD, Math.round(says.camera.sd * 100) / 100)
  });
  const isTaken = $derived(camera.biasStops === rounded.stops && camera.toleranceStops === rounded.sd);

  const signed = (stops: number): string => formatDecimal(stops, 2).replace('-', '−');

  async function take(stops: number, sd: number | null, words: string): Promise<void> {
    const before = { stops: camera.biasStops, sd: camera.toleranceStops };
    const taken = await changeBias(camera.id, { stops, sd }, revision);
    if (!taken.ok) sayTrouble(taken.error.words);
    else sayDone(words, () => void take(before.stops, before.sd, 'The bias is as it was.'));
    await onchanged();
  }
</script>

<section
  class="grid gap-2 justify-items-start [align-content:start]"
  aria-label="What they say about {camera.name}"
>
  <h2>What they say about {camera.name}</h2>
  {#if says.frames === 0}
    <p>
      Nothing yet. Judge a few frames; five in different lights, each with a reading of its own, tell more
      than twenty in one.
    </p>
  {:else}
    <p class="text-[1.1875rem]" data-testid="bias">
      <b class="inline-block first-letter:uppercase">{sayBias(says.camera)}</b>, from
      <a
        class="underline underline-offset-[3px]"
        href="/log?camera={encodeURIComponent(camera.id)}&verdict=judged&view=table"
        >{says.frames} judged {says.frames === 1 ? 'frame' : 'frames'}</a
      >.
    </p>
    {#if says.withFilm}<p>
        With this {film.name}: {sayBias(says.withFilm)}. {sayCancelling(camera, film, says.withFilm)}
      </p>{/if}
    <p class="soft">
      {more === 0
        ? 'That is as sure as it need be.'
        : `About ${more} more, each with its own reading, would make it sure to ${formatDecimal(SETTLED_SD, 1)} stop.`}
      Every answer now counts with {signed(camera.biasStops)} stops{camera.toleranceStops === null
        ? ''
        : ` ± ${formatDecimal(camera.toleranceStops, 2)}`}.
    </p>
    {#if says.outliers.length > 0}
      <p>
        Disagreeing with the rest: {says.outliers.map(sayOutlier).join('; ')}. Look at them again, or at what
        was written of their light.
      </p>
    {/if}
    {#if says.lastRoll}
      <p>
        The {says.lastRoll.frames} frames of this film, set by what was known of the camera then: {chanceInHundred(
          says.lastRoll.knownThen
        )} in 100 on average; set knowing this, {chanceInHundred(says.lastRoll.knowing)}.
      </p>
    {/if}
    {#if !isTaken}
      <button
        type="button"
        class={[
          'btn',
          Math.abs(says.camera.stops) < says.camera.sd
            ? 'preset-outlined-surface-950-50'
            : 'preset-filled-primary-700-300'
        ]}
        onclick={() =>
          void take(rounded.stops, rounded.sd, `Every answer for ${camera.name} counts with it.`)}
        >Count with {signed(rounded.stops)} stops from now on</button
      >
    {/if}
  {/if}
  {#if history.length > 0}
    <details>
      <summary>How it was before</summary>
      <ul>
        {#each history as change (change.id)}
          <li class="flex flex-wrap justify-between items-center gap-y-1 gap-x-3">
            <span
              >{sayWhen(change.changedAt)}: {signed(change.fromStops)} to {signed(change.toStops)} stops,
              {change.frames} frames</span
            >
            <button
              type="button"
              class="chip"
              onclick={() => void take(change.fromStops, change.fromSd, 'The bias is as it was before.')}
              >Back to {signed(change.fromStops)}</button
            >
          </li>
        {/each}
      </ul>
    </details>
  {/if}
</section>

<style>
  .preset-filled-primary-700-300 {
    min-height: 48px;
    padding: 0 16px;
  }
</style>
