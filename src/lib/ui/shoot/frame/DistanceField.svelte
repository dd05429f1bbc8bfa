<!-- How far the subject is, how that is known, and what is sharp. -->
<script lang="ts">
  import { positionsOf } from '#core/camera/camera.ts';
  import { readMetres } from '#core/camera/marks.ts';
  import { playedBy } from '#core/camera/played-by.ts';
  import { controlFor } from '#core/camera/setting.ts';
  import { sharedFormat } from '#core/chance/conditions.ts';
  import { DISTANCE_WAYS, type DistanceBy } from '#core/error/situation.ts';
  import { FORMATS } from '#core/film/formats.ts';
  import { aimOff } from '#core/focus/aim-off.ts';
  import { withFocusAt } from '#core/focus/focused.ts';
  import { formatDecimal } from '#core/units/decimal.ts';
  import { explainQuantity } from '#schema/reading/words.ts';
  import { useCurrent } from '../../current.svelte.ts';
  import type { Judged } from '../../current-judge.ts';
  import { sayMetres } from '../../text/say.ts';
  import { DISTANCE_WORDS, sayAimOff } from '../words.ts';
  import SharpTable from './SharpTable.svelte';

  let { judged }: { judged: Judged } = $props();
  const current = useCurrent();
  const uid = $props.id();
  /** A grown person's pace, metres. Common practice, no source. */
  const PACE_M = 0.75;
  /** Offered where no focus mark says other ones, metres. */
  const USUAL_M = [1, 2, 4, Infinity] as const;
  const camera = $derived(playedBy(judged.pair.camera, judged.shown.setting));
  const subjectM = $derived(current.asked.circumstances?.subjectM ?? null);
  const focus = $derived(controlFor(camera, 'focus'));
  const ready = $derived(
    focus ? positionsOf(focus) : USUAL_M.map((value) => ({ value, mark: sayMetres(value) }))
  );
  let text = $state('');
  let fault = $state('');
  const aim = $derived.by(() => {
    if (subjectM === null || subjectM * 1000 <= camera.focalMm) return '';
    const format = sharedFormat(camera, judged.pair.film) ?? '135';
    return sayAimOff(aimOff(camera.finder, camera.focalMm, FORMATS[format].sizeMm, subjectM));
  });

  function set(metres: number | null, by?: DistanceBy): void {
    if (by) current.asked = { ...current.asked, distanceBy: by };
    current.ask({ subjectM: metres });
    const at = focus && metres !== null ? withFocusAt(camera, {}, metres)[focus.id] : undefined;
    if (focus && at !== undefined) current.leaveAt(focus.id, at);
  }
  function typed(): void {
    fault = '';
    if (text.trim() === '') {
      set(null);
      return;
    }
    const paces = /^(\d+(?:[.,]\d+)?)\s*(?:paces?|steps?)$/i.exec(text.trim());
    const read = paces
      ? { ok: true as const, value: Number((paces[1] ?? '').replace(',', '.')) * PACE_M }
      : readMetres(text);
    if (!read.ok) fault = `${explainQuantity(read.error)} Paces will do too: 4 paces.`;
    else if (read.value * 1000 <= camera.focalMm)
      fault = 'That is inside the lens. Give the distance from the camera.';
    else set(read.value, paces ? 'paces' : undefined);
  }
</script>

<div class="grid gap-1.5">
  <label class="kicker" for="{uid}-distance">How far is the subject?</label>
  <div class="flex flex-wrap gap-1.5">
    {#each ready as p, i (i)}
      <button
        type="button"
        class="chip"
        aria-pressed={subjectM === p.value}
        onclick={() => {
          text = p.mark;
          fault = '';
          set(p.value, focus ? 'paces' : 'eye');
        }}>{p.mark}</button
      >
    {/each}
    <input
      id="{uid}-distance"
      class="input w-auto flex-[1_1_8rem]"
      autocomplete="off"
      placeholder="2.5, 8 ft, 4 paces"
      bind:value={text}
      oninput={typed}
      aria-invalid={fault !== ''}
      aria-describedby="{uid}-fault"
    />
  </div>
  <p id="{uid}-fault" class="fault text-[0.875rem]" role="status">{fault}</p>
  {#if subjectM !== null}
    {#if subjectM !== Infinity}
      <select
        class="select"
        aria-label="How is the distance known?"
        value={current.asked.distanceBy ?? 'eye'}
        onchange={(e) =>
          (current.asked = {
            ...current.asked,
            distanceBy: DISTANCE_WAYS.find((w) => w === e.currentTarget.value) ?? 'eye'
          })}
      >
        {#each DISTANCE_WAYS as way (way)}<option value={way}>{DISTANCE_WORDS[way]}</option>{/each}
      </select>
    {/if}
    <p class="text-[0.875rem] text-(--soft)">
      {subjectM === Infinity ? 'Taken as far away.' : `Taken as ${formatDecimal(subjectM, 2)} m. ${aim}`}
      <button
        type="button"
        class="link"
        onclick={() => {
          text = '';
          fault = '';
          set(null);
        }}>Forget it</button
      >
    </p>
  {/if}
  <details>
    <summary>What is sharp, aperture by aperture</summary>
    <SharpTable {judged} />
  </details>
</div>
