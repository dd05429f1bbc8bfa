<script lang="ts">
  import { goto } from '$app/navigation';
  import { sameExposure } from '#core/bench/same-exposure.ts';
  import { useCurrent } from '../../current.svelte.ts';
  import { chanceInHundred, sayInstruction, sayMetres, sayTime } from '../../text/say.ts';
  import { formatFNumberDigits } from '#core/units/aperture.ts';
  import { markOfFNumber } from '#core/units/series.ts';
  import { sayOff } from '../say-bench.ts';
  import LightTile from '../LightTile.svelte';
  import PairDrawing from './PairDrawing.svelte';

  const current = useCurrent();
  let typedLv = $state<number | null>(null);
  const judged = $derived(current.judged);
  const lv = $derived(typedLv ?? current.light.lv);
  const situation = $derived(judged && { ...judged.situation, light: { ...judged.situation.light, lv } });
  /** What is kept: as Shoot shows it until another is chosen here. */
  let chosen = $state.raw<Readonly<Record<string, number>> | null>(null);
  const kept = $derived(judged?.shown.setting.choice ?? {});
  const rows = $derived(situation ? sameExposure(situation, kept) : []);
  const at = $derived(
    Math.max(
      0,
      rows.findIndex((r) => JSON.stringify(r.verdict.setting.choice) === JSON.stringify(chosen ?? kept))
    )
  );
  const row = $derived(rows[at] ?? null);
  async function use(): Promise<void> {
    if (!row) return;
    current.picked = row.verdict.setting.choice;
    await goto('/shoot');
  }
</script>

{#if judged && row}
  {@const { verdict, sharp } = row}
  <div class="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-5 lg:grid-cols-[22rem_minmax(0,1fr)]">
    <div class="grid content-start gap-3">
      <LightTile {lv} onlv={(v: number) => (typedLv = v)} />
      <label class="grid gap-1">
        <span class="soft">Open up or close down: the time follows</span>
        <input
          type="range"
          class="input"
          min="0"
          max={rows.length - 1}
          value={at}
          oninput={(e) => (chosen = rows[e.currentTarget.valueAsNumber]?.verdict.setting.choice ?? null)}
          aria-valuetext="f/{formatFNumberDigits(markOfFNumber(verdict.exposure.fNumber))}, {sayTime(
            verdict.exposure.seconds
          )}"
        />
      </label>
      <p class="text-[1.25rem] leading-snug" data-testid="same">
        <b>{sayInstruction(judged.pair.camera, verdict.setting).join(' ')}</b>
      </p>
      <p class="soft leading-snug">
        f/{formatFNumberDigits(markOfFNumber(verdict.exposure.fNumber))}, {sayTime(verdict.exposure.seconds)}:
        sharp from {sayMetres(sharp.nearM)} to {sayMetres(sharp.farM)}, {chanceInHundred(verdict.pUsable)} in 100.
      </p>
      <button type="button" class="btn preset-filled min-h-11 justify-self-start" onclick={() => void use()}
        >Set it on Shoot</button
      >
    </div>
    <div class="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-4">
      <PairDrawing
        {sharp}
        seconds={verdict.exposure.seconds}
        fNumber={verdict.exposure.fNumber}
        focalMm={verdict.setting.focalMm}
      />
      <div class="card overflow-x-auto p-4">
        <table class="w-full text-[0.9375rem]">
          <caption class="sr-only">Settings that give the film as much</caption>
          <thead class="text-left text-[0.8125rem] text-(--soft)">
            <tr
              ><th class="pr-3 font-normal">Aperture</th><th class="pr-3 font-normal">Time</th><th
                class="pr-3 font-normal">Sharp</th
              ><th class="pr-3 font-normal">Off</th><th class="font-normal">In 100</th></tr
            >
          </thead>
          <tbody>
            {#each rows as r, i (i)}
              <tr class="border-t border-(--line) {i === at ? 'font-semibold' : ''}">
                <th class="pr-3 text-left" scope="row"
                  ><button
                    type="button"
                    class="min-h-11 min-w-11 cursor-pointer text-left {i === at
                      ? 'underline decoration-2'
                      : ''}"
                    aria-pressed={i === at}
                    onclick={() => (chosen = r.verdict.setting.choice)}
                    >f/{formatFNumberDigits(markOfFNumber(r.verdict.exposure.fNumber))}</button
                  ></th
                >
                <td class="pr-3 whitespace-nowrap">{sayTime(r.verdict.exposure.seconds)}</td>
                <td class="pr-3 whitespace-nowrap">{sayMetres(r.sharp.nearM)} to {sayMetres(r.sharp.farM)}</td
                >
                <td class="pr-3 whitespace-nowrap">{sayOff(r.offStops)}</td>
                <td>{chanceInHundred(r.verdict.pUsable)}</td>
              </tr>
            {/each}
          </tbody>
        </table>
      </div>
    </div>
  </div>
{:else}
  <p>This camera has nothing that could be exchanged: its aperture and its time go one way together.</p>
{/if}
