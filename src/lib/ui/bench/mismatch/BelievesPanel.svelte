<!-- The speed an unknown conversion believes in, from three frames. -->
<script lang="ts">
  import { believedSpeed, speedRange } from '#core/bench/mismatch/believed-speed.ts';
  import { believing } from '#core/bench/mismatch/ways-out.ts';
  import { eyeOf, positionsOf } from '#core/camera/camera.ts';
  import { controlFor } from '#core/camera/setting.ts';
  import { formatStops } from '#core/units/stops.ts';
  import { useCurrent } from '../../current.svelte.ts';
  import Tile from '../../tile/Tile.svelte';
  import { keepCamera } from '../keep-camera.ts';
  import SpeedDrawing from './SpeedDrawing.svelte';

  const current = useCurrent();
  const judged = $derived(current.judged);
  const camera = $derived(judged?.pair.camera ?? null);
  const control = $derived(camera && controlFor(camera, 'compensation'));
  const places = $derived(control ? positionsOf(control) : []);
  const middle = $derived(
    Math.max(
      0,
      places.findIndex((p) => p.value === 0)
    )
  );
  const OUTCOMES = [-3, -2.5, -2, -1.5, -1, -0.5, 0, 0.5, 1, 1.5, 2, 2.5, 3] as const;
  let at = $state.raw<readonly (number | null)[]>([null, null, null]);
  let judgedStops = $state.raw<readonly (number | null)[]>([null, null, null]);
  const frames = $derived(
    judgedStops.flatMap((stops, i) =>
      stops === null ? [] : [{ judgedStops: stops, compensationStops: places[at[i] ?? middle]?.value ?? 0 }]
    )
  );
  const found = $derived(judged && frames.length > 0 ? believedSpeed(judged.pair.film.iso, frames) : null);
  const put = <T,>(all: readonly T[], i: number, value: T): readonly T[] =>
    all.map((v, k) => (k === i ? value : v));
  const sayOutcome = (stops: number): string =>
    stops === 0 ? 'right' : `${formatStops(stops)} ${stops > 0 ? 'too light' : 'too dark'}`;
  async function keep(): Promise<void> {
    if (!judged || !camera || !found) return;
    const iso = Number(found.iso.toPrecision(3));
    await keepCamera(
      judged.pair,
      (now) => believing(now, iso),
      `The ${camera.name} believes in ISO ${iso} from now on.`
    );
  }
</script>

{#if judged && camera && eyeOf(camera)}
  <div class="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-5 lg:grid-cols-[24rem_minmax(0,1fr)]">
    <div class="grid content-start gap-3">
      <p class="leading-snug">
        Take three frames in even light of a grey road or a hand, each {places.length > 1
          ? 'with lighten–darken elsewhere'
          : 'alike'}, and say how each came out.
      </p>
      {#each judgedStops as stops, i (i)}
        <div class="grid grid-cols-2 gap-1.5" role="group" aria-label="Frame {i + 1}">
          {#if control && places.length > 1}
            <Tile
              label="{i + 1}: {control.label}"
              value={String(at[i] ?? middle)}
              onchoose={(v: string) => (at = put(at, i, Number(v)))}
            >
              {#each places as place, p (p)}<option value={String(p)}>{place.mark}</option>{/each}
            </Tile>
          {/if}
          <Tile
            label="{i + 1}: came out"
            value={stops === null ? '' : String(stops)}
            onchoose={(v: string) => (judgedStops = put(judgedStops, i, v === '' ? null : Number(v)))}
          >
            <option value="">not taken</option>
            {#each OUTCOMES as o (o)}<option value={String(o)}>{sayOutcome(o)}</option>{/each}
          </Tile>
        </div>
      {/each}
    </div>
    <div class="grid min-w-0 content-start gap-3">
      {#if found}
        {@const [from, to] = speedRange(found)}
        <SpeedDrawing {found} film={judged.pair.film.iso} now={judged.shown.setting.dialIso ?? 100} />
        <p class="text-[1.25rem] leading-snug" data-testid="believes">
          <b>It believes in about ISO {Math.round(found.iso)}</b>, {Math.round(from)} to {Math.round(to)} in nine
          of ten cases.
        </p>
        {#if controlFor(camera, 'dial')}
          <p class="leading-snug">Its dial says what it believes: set the step nearest to that film.</p>
        {:else}
          <button
            type="button"
            class="btn preset-filled min-h-11 justify-self-start"
            onclick={() => void keep()}>Keep with the camera</button
          >
        {/if}
      {:else}
        <p class="soft">What came out too light was thought slower than it is.</p>
      {/if}
    </div>
  </div>
{:else if judged}
  <p>The {judged.pair.camera.name} sets nothing by itself: it believes in no film.</p>
{/if}
