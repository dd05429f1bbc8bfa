<!-- The frame beside its light: what it is for, how far the subject is and how it moves, what the camera stands on. -->
<script lang="ts">
  import { playedBy } from '#core/camera/played-by.ts';
  import { CONTRASTS } from '#core/light/contrast.ts';
  import { positionsOf, setsItself } from '#core/camera/camera.ts';
  import { controlFor } from '#core/camera/setting.ts';
  import { readMetres } from '#core/camera/marks.ts';
  import { aimOff } from '#core/focus/aim-off.ts';
  import { FORMATS } from '#core/film/formats.ts';
  import { withFocusAt } from '#core/focus/focused.ts';
  import { sharedFormat } from '#core/chance/conditions.ts';
  import { DISTANCE_WAYS, PURPOSES, SUPPORTS, type Motion, type Purpose } from '#core/error/situation.ts';
  import { formatDecimal } from '#core/units/decimal.ts';
  import { explainQuantity } from '#schema/reading/words.ts';
  import EyeAgainst from './EyeAgainst.svelte';
  import SharpTable from './SharpTable.svelte';
  import LampFields from './LampFields.svelte';
  import { useCurrent } from '../current.svelte.ts';
  import type { Judged } from '../current-judge.ts';
  import {
    CONTRAST_WORDS,
    DISTANCE_WORDS,
    HANDS,
    MOTIONS,
    PURPOSE_WORDS,
    sayAimOff,
    sayHand,
    SUPPORT_WORDS
  } from './words.ts';

  let { judged }: { judged: Judged } = $props();
  const current = useCurrent();
  const uid = $props.id();
  /** A grown person's pace, metres. Common practice, no source. */
  const PACE_M = 0.75;
  const camera = $derived(playedBy(judged.pair.camera, judged.shown.setting));
  const asked = $derived(current.asked);
  /** A lamp of one's own can be moved. */
  const hasLamp = $derived(current.things.some((t) => t.data.kind === 'lamp'));
  const subjectM = $derived(asked.circumstances?.subjectM ?? null);
  const focus = $derived(controlFor(camera, 'focus'));
  let text = $state('');
  let fault = $state('');
  const motion = $derived(
    MOTIONS.findIndex(
      (m) =>
        m.motion?.metresPerSecond === asked.motion?.metresPerSecond && m.motion?.way === asked.motion?.way
    )
  );
  const aim = $derived.by(() => {
    if (subjectM === null || subjectM * 1000 <= camera.focalMm) return '';
    const format = sharedFormat(camera, judged.pair.film) ?? '135';
    return sayAimOff(aimOff(camera.finder, camera.focalMm, FORMATS[format].sizeMm, subjectM));
  });

  function setDistance(metres: number | null): void {
    current.ask({ subjectM: metres });
    const at = focus && metres !== null ? withFocusAt(camera, {}, metres)[focus.id] : undefined;
    if (focus && at !== undefined) current.leaveAt(focus.id, at);
  }
  function typed(): void {
    fault = '';
    if (text.trim() === '') {
      setDistance(null);
      return;
    }
    const paces = /^(\d+(?:[.,]\d+)?)\s*(?:paces?|steps?)$/i.exec(text.trim());
    const read = paces
      ? { ok: true as const, value: Number((paces[1] ?? '').replace(',', '.')) * PACE_M }
      : readMetres(text);
    if (!read.ok) fault = `${explainQuantity(read.error)} Paces will do too: 4 paces.`;
    else if (read.value * 1000 <= camera.focalMm)
      fault = 'That is inside the lens. Give the distance from the camera.';
    else {
      if (paces) current.asked = { ...current.asked, distanceBy: 'paces' };
      setDistance(read.value);
    }
  }
  function setPurpose(purpose: Purpose): void {
    current.asked = { ...asked, purpose };
  }
  function setSteadiness(factor: number): void {
    const own = Object.fromEntries(Object.entries(asked).filter(([name]) => name !== 'steadiness'));
    current.asked = Number.isNaN(factor) ? own : { ...own, steadiness: factor };
  }
  function setMotion(next: Motion | null): void {
    const still = Object.fromEntries(Object.entries(asked).filter(([name]) => name !== 'motion'));
    current.asked = next ? { ...asked, motion: next } : still;
  }
</script>

<div class="grid gap-1">
  <label class="kicker" for="{uid}-purpose">What is the frame for?</label>
  <select
    id="{uid}-purpose"
    class="select"
    value={asked.purpose ?? 'good-frame'}
    onchange={(e) => setPurpose(PURPOSES.find((p) => p === e.currentTarget.value) ?? 'good-frame')}
  >
    {#each PURPOSES as purpose (purpose)}<option value={purpose}>{PURPOSE_WORDS[purpose]}</option>{/each}
  </select>
  <label class="kicker" for="{uid}-distance">How far is the subject?</label>
  <div class="row">
    <input
      id="{uid}-distance"
      class="input"
      autocomplete="off"
      placeholder="2.5, 8 ft, 4 paces"
      bind:value={text}
      oninput={typed}
      aria-invalid={fault !== ''}
      aria-describedby="{uid}-fault"
    />
    {#if focus}
      {#each positionsOf(focus) as p, i (i)}
        <button
          type="button"
          class="chip"
          aria-pressed={subjectM === p.value}
          onclick={() => {
            text = p.mark;
            fault = '';
            current.asked = { ...current.asked, distanceBy: 'paces' };
            setDistance(p.value);
          }}>{p.mark}</button
        >
      {/each}
    {/if}
  </div>
  <p id="{uid}-fault" class="text-(--accent) font-semibold text-[0.875rem]" role="status">{fault}</p>
  {#if subjectM !== null && subjectM !== Infinity}
    <select
      class="select"
      aria-label="How is the distance known?"
      value={asked.distanceBy ?? 'eye'}
      onchange={(e) =>
        (current.asked = {
          ...current.asked,
          distanceBy: DISTANCE_WAYS.find((w) => w === e.currentTarget.value) ?? 'eye'
        })}
    >
      {#each DISTANCE_WAYS as way (way)}<option value={way}>{DISTANCE_WORDS[way]}</option>{/each}
    </select>
    <p class="text-(--soft) text-[0.875rem]">
      Taken as {formatDecimal(subjectM, 2)} m. {aim}
      <button
        type="button"
        class="min-h-11 underline underline-offset-[3px] cursor-pointer"
        onclick={() => {
          text = '';
          setDistance(null);
        }}>Forget it</button
      >
    </p>
  {/if}
  <details>
    <summary>What is sharp, opening by opening</summary>
    <SharpTable {judged} />
  </details>
  <label class="kicker" for="{uid}-motion">Does it move?</label>
  <select
    id="{uid}-motion"
    class="select"
    value={String(Math.max(0, motion))}
    onchange={(e) => setMotion(MOTIONS[Number(e.currentTarget.value)]?.motion ?? null)}
  >
    {#each MOTIONS as m, i (m.words)}<option value={String(i)}>{m.words}</option>{/each}
  </select>
  <label class="kicker" for="{uid}-contrast">Contrast of the subject</label>
  <select
    id="{uid}-contrast"
    class="select"
    value={current.light.contrast}
    onchange={(e) =>
      (current.light = {
        ...current.light,
        contrast: CONTRASTS.find((c) => c === e.currentTarget.value) ?? 'normal'
      })}
  >
    {#each CONTRASTS as contrast (contrast)}<option value={contrast}>{CONTRAST_WORDS[contrast]}</option
      >{/each}
  </select>
  <label class="kicker" for="{uid}-support">How is the camera held?</label>
  <select
    id="{uid}-support"
    class="select"
    value={asked.support ?? 'hand'}
    onchange={(e) =>
      (current.asked = {
        ...asked,
        support: SUPPORTS.find((s) => s === e.currentTarget.value) ?? 'hand'
      })}
  >
    {#each SUPPORTS as support (support)}<option value={support}>{SUPPORT_WORDS[support]}</option>{/each}
  </select>
  {#if (asked.support ?? 'hand') !== 'standing'}
    <label class="kicker" for="{uid}-hand">How still is your hand today?</label>
    <select
      id="{uid}-hand"
      class="select"
      value={String(asked.steadiness ?? 'own')}
      onchange={(e) => setSteadiness(Number(e.currentTarget.value))}
    >
      <option value="own">{sayHand(current.settings.steadiness)}</option>
      {#each HANDS as { factor, words } (factor)}<option value={String(factor)}>{words}</option>{/each}
    </select>
  {/if}
  {#if setsItself(camera)}<EyeAgainst />{/if}
  {#if hasLamp || asked.lamp}
    <LampFields />
  {/if}
  <div class="grid [grid-template-columns:1fr_1fr] gap-1.5 mt-2">
    {#if setsItself(camera)}
      <button
        type="button"
        class="chip"
        aria-pressed={asked.scene === 'uneven'}
        onclick={() => (current.asked = { ...asked, scene: asked.scene === 'uneven' ? 'even' : 'uneven' })}
        >Patchy light</button
      >
    {/if}
  </div>
</div>

<style>
  .kicker {
    margin-top: 6px;
  }
  .row {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
  }
  .row :is(.input, .select) {
    flex: 1 1 8rem;
    width: auto;
  }
</style>
