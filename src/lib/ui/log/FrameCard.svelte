<script module lang="ts">
  import type { Thing } from '#core/kit/thing.ts';
  import type { Frame } from '#core/log/frame.ts';
  import type { Pair } from '#core/log/pair.ts';
  import type { Settings } from '#schema/settings.ts';
  import type { LightChoice } from '#core/ways/choice.ts';
  import type { FrameActs } from './frame-acts.ts';
  import type { RecentFrame } from '../light/recent.ts';

  /** A logged frame as a small print with its border note. */
  export interface FrameCardProps {
    frame: Frame;
    pair: Pair;
    settings: Settings;
    recent: readonly RecentFrame[];
    things: readonly Thing[];
    acts: FrameActs;
  }
</script>

<script lang="ts">
  import { formatDecimal } from '#core/units/decimal.ts';
  import { printTone } from '#core/film/print.ts';
  import { filmWindow } from '#core/film/window.ts';
  import { sayDone, sayTrouble } from '../notices/say.ts';
  import Figures from '../text/Figures.svelte';
  import { chanceInHundred, sayError } from '../text/say.ts';
  import LightPanel from '../light/LightPanel.svelte';
  import ScenePrint from '../verdict/ScenePrint.svelte';
  import { sayGuess, sayLightShort, sayMarks, sayWhen } from './say-frame.ts';

  let { frame, pair, settings, recent, things, acts }: FrameCardProps = $props();
  const uid = $props.id();
  const tone = $derived(printTone(pair.film, filmWindow(pair.film, frame.light.contrast).usable));
  /** The clocks of the place where the light was last summed up; the server knows no others. */
  const zone = $derived(settings.place?.zone ?? 'UTC');
  let editing = $state(false);
  let number = $state('');
  let note = $state('');
  let fault = $state('');
  /** The frame's light while it is looked at again; null = it stays. */
  let light = $state.raw<LightChoice | null>(null);

  function edit(): void {
    number = String(frame.number);
    note = frame.note;
    fault = '';
    light = null;
    editing = true;
  }

  async function save(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const whole = /^\s*\d+\s*$/.test(number) ? Number(number) : NaN;
    if (Number.isNaN(whole)) {
      fault = `“${number}” is no frame number. Give a whole number from 1 to ${pair.framesTotal}.`;
      return;
    }
    const changed = await acts.change(frame, { number: whole, note, ...(light ? { light } : {}) });
    if (!changed.ok) {
      fault = changed.error;
      return;
    }
    editing = false;
    await acts.changed();
  }

  async function remove(): Promise<void> {
    const removed = await acts.remove(frame);
    if (!removed.ok) sayTrouble(removed.error);
    else sayDone(`Frame ${frame.number} is in the trash.`, () => void restore());
    await acts.changed();
  }

  async function restore(): Promise<void> {
    const restored = await acts.restore(frame);
    if (!restored.ok) sayTrouble(restored.error);
    await acts.changed();
  }
</script>

<article aria-label="Frame {frame.number}">
  <div class="picture">
    <ScenePrint {tone} deltaStops={frame.deltaStops} label="expected, {frame.number}" />
  </div>
  {#if editing}
    <form onsubmit={save}>
      <label for="{uid}-number">Frame number</label>
      <input id="{uid}-number" inputmode="numeric" bind:value={number} aria-describedby="{uid}-fault" />
      <label for="{uid}-note">Note</label>
      <textarea id="{uid}-note" rows="3" maxlength="2000" bind:value={note}></textarea>
      {#if !acts.light}
        <p class="soft">Its light is changed at home.</p>
      {:else if light === null}
        <button type="button" class="quiet" onclick={() => (light = frame.light)}>Change its light</button>
      {:else}
        <LightPanel
          {light}
          onlight={(next: LightChoice) => (light = next)}
          {settings}
          {things}
          recent={recent.filter((r) => r.frame.id !== frame.id)}
        />
      {/if}
      <p id="{uid}-fault" class="fault" role="alert">{fault}</p>
      <div class="acts">
        <button class="press">Save</button>
        <button type="button" class="quiet" onclick={() => (editing = false)}>Leave as it was</button>
      </div>
    </form>
  {:else}
    <div class="beside">
      <p class="marks"><b>{frame.number}</b> <Figures text={sayMarks(pair.camera, frame.choice)} /></p>
      <p><Figures text={sayLightShort(frame.light)} /></p>
      <p>
        <b><Figures text={sayError(frame.deltaStops)} /></b>, {chanceInHundred(frame.pUsable)} in 100
      </p>
      {#if frame.timedSeconds !== null}<p>Held open {formatDecimal(frame.timedSeconds, 1)} s</p>{/if}
      {#if frame.series !== null}<p class="soft">One of a bracket</p>{/if}
      {#if frame.guess}<p><Figures text={sayGuess(frame.guess, frame.light)} /></p>{/if}
      <p class="soft">
        <time datetime={frame.loggedAt}>{sayWhen(frame.loggedAt, zone)}{zone === 'UTC' ? ' UTC' : ''}</time>
      </p>
      {#if frame.note !== ''}<p class="note">{frame.note}</p>{/if}
      <div class="acts">
        <button type="button" class="quiet" onclick={edit} aria-label="Edit frame {frame.number}">Edit</button
        >
        <button type="button" class="quiet" onclick={remove} aria-label="Delete frame {frame.number}"
          >Delete</button
        >
      </div>
    </div>
  {/if}
</article>

<style>
  article {
    display: grid;
    grid-template-columns: 128px minmax(0, 1fr);
    gap: 14px;
    padding: 12px;
    background: var(--sheet);
    border: 1.5px solid var(--line);
    border-radius: 4px;
  }
  .beside,
  form {
    display: grid;
    gap: 2px;
    align-content: start;
    font-size: 0.9375rem;
  }
  /* while it is edited the form has the whole card: the light panel needs the width */
  form {
    grid-column: 1 / -1;
    grid-template-columns: minmax(0, 1fr);
    gap: 6px;
  }
  .marks {
    font: 480 1.1875rem/1.2 var(--font-display);
  }
  .marks b {
    margin-right: 6px;
  }
  .note {
    font-style: italic;
  }
  .acts {
    display: flex;
    gap: 8px;
    margin-top: 6px;
  }
  input,
  textarea {
    width: 100%;
    min-height: 44px;
    padding: 6px 10px;
    border: 1.5px solid var(--soft);
    border-radius: 4px;
    background: #fff;
  }
  .fault {
    color: var(--accent);
    font-weight: 600;
  }
</style>
