<!-- Everything that was noted of a frame, to be put right. What was typed stays when it is refused; what somebody else changed meanwhile is shown beside it. -->
<script lang="ts">
  import { SUPPORTS } from '#core/error/situation.ts';
  import { SUPPORT_WORDS } from '../shoot/words.ts';
  import { untrack } from 'svelte';
  import type { Proposal } from '#core/bench/shutter/proposals.ts';
  import { type Camera, positionCount, setsOf } from '#core/camera/camera.ts';
  import type { Thing } from '#core/kit/thing.ts';
  import type { Frame } from '#core/log/frame.ts';
  import { STARTING_LIGHT, type LightChoice } from '#core/ways/choice.ts';
  import { ABOUT_LIMITS } from '#schema/log/frame.ts';
  import type { FieldFault } from '#schema/reading/parse.ts';
  import type { Settings } from '#schema/settings/settings.ts';
  import ListenForTime from '../heard/ListenForTime.svelte';
  import { Listening } from '../heard/listening.svelte.ts';
  import LightPanel from '../light/LightPanel.svelte';
  import type { RecentFrame } from '../light/recent.ts';
  import type { FrameActs } from './frame-acts.ts';
  import { draftOf, heardText, placesOf, readDraft, type FrameDraft } from './frame-draft.ts';
  import FrameField from './FrameField.svelte';
  import { saidFacts } from './say-facts.ts';

  let {
    frame,
    camera,
    settings,
    recent,
    things,
    acts,
    onclose
  }: {
    frame: Frame;
    /** As it was for the frame; null = how it was is not kept, and what was set cannot be changed. */
    camera: Camera | null;
    settings: Settings;
    recent: readonly RecentFrame[];
    things: readonly Thing[];
    acts: FrameActs;
    onclose: () => void;
  } = $props();
  const uid = $props.id();
  // the form is made anew each time it is opened; what is typed is its own from then on
  let base = $state.raw(untrack(() => frame));
  let draft = $state<FrameDraft>(untrack(() => draftOf(frame)));
  /** Whether the light is being looked at again. */
  let lighting = $state(false);
  let light = $state.raw<LightChoice | null>(untrack(() => frame.light));
  let faults = $state.raw<readonly FieldFault[]>([]);
  /** How the frame is now, where somebody else changed it. */
  let theirs = $state.raw<Frame | null>(null);
  const listening = new Listening();
  const timesItself = $derived(camera !== null && setsOf(camera).time);
  function takeHeard(proposal: Proposal): void {
    const recorded = listening.take(proposal);
    draft = { ...draft, recorded, heard: heardText(recorded.seconds) };
  }
  const controls = $derived(camera?.controls.filter((c) => positionCount(c) > 1) ?? []);
  const faultOf = (field: string): string => faults.find((f) => f.field === field)?.message ?? '';
  const elsewhere = $derived(faults.filter((f) => f.field === '').map((f) => f.message));

  async function save(event?: SubmitEvent): Promise<void> {
    event?.preventDefault();
    const read = readDraft(draft, base, light, camera);
    if (!read.ok) {
      faults = read.error;
      document.getElementById(`${uid}-${read.error[0]?.field ?? ''}`)?.focus();
      return;
    }
    const { from, to } = read.value;
    if (Object.keys(to).length === 0) {
      onclose();
      return;
    }
    const changed = await acts.change(base, from, to);
    if (!changed.ok) {
      faults = [{ field: '', message: changed.error.words }];
      theirs = changed.error.theirs;
      return;
    }
    onclose();
    await acts.changed();
  }

  /** Mine goes over theirs, on how the frame is now. */
  async function keepMine(): Promise<void> {
    if (theirs) base = theirs;
    theirs = null;
    await save();
  }

  async function takeTheirs(): Promise<void> {
    onclose();
    await acts.changed();
  }
</script>

<form
  class="grid gap-1.5 [grid-column:1_/_-1] [grid-template-columns:minmax(0,_1fr)] text-[0.9375rem]"
  onsubmit={save}
>
  <FrameField
    id="{uid}-number"
    label="Frame number"
    numeric
    bind:value={draft.number}
    fault={faultOf('number')}
  />
  <div class="grid [grid-template-columns:repeat(auto-fit,_minmax(130px,_1fr))] gap-y-1.5 gap-x-2.5">
    <FrameField
      id="{uid}-date"
      label="Day"
      hint="2026-05-31"
      bind:value={draft.date}
      fault={faultOf('date')}
    />
    <FrameField id="{uid}-time" label="Time" hint="14:30" bind:value={draft.time} fault={faultOf('time')} />
    <FrameField id="{uid}-zone" label="By the clocks of" bind:value={draft.zone} fault={faultOf('zone')} />
  </div>
  <FrameField id="{uid}-place" label="Place" bind:value={draft.place} fault={faultOf('place')} />
  {#each controls as control (control.id)}
    <label for="{uid}-set-{control.id}">{control.label}</label>
    <select id="{uid}-set-{control.id}" class="select" bind:value={draft.choice[control.id]}>
      {#each placesOf(control) as [value, words] (value)}<option {value}>{words}</option>{/each}
    </select>
  {/each}
  {#if !camera}
    <p class="soft">How the camera was then is not kept: what was set stays as it is noted.</p>
  {/if}
  <div class="grid [grid-template-columns:repeat(auto-fit,_minmax(130px,_1fr))] gap-y-1.5 gap-x-2.5">
    <FrameField
      id="{uid}-distance"
      label="Distance, m"
      numeric
      bind:value={draft.distance}
      fault={faultOf('distance')}
    />
    <FrameField id="{uid}-held" label="Held open, s" bind:value={draft.held} fault={faultOf('held')} />
    <FrameField
      id="{uid}-heard"
      label="Heard"
      hint="about 1/4"
      bind:value={draft.heard}
      fault={faultOf('heard')}
    />
  </div>
  {#if timesItself}
    <ListenForTime {listening} expectedSeconds={null} fromFile ontake={takeHeard} />
  {/if}
  <label for="{uid}-support">Held</label>
  <select id="{uid}-support" class="select" bind:value={draft.support}>
    {#each SUPPORTS as support (support)}<option value={support}>{SUPPORT_WORDS[support]}</option>{/each}
  </select>
  <label for="{uid}-note">Note</label>
  <textarea id="{uid}-note" class="textarea py-1.5" rows="3" maxlength="2000" bind:value={draft.note}
  ></textarea>
  <FrameField
    id="{uid}-subject"
    label="Subject"
    most={ABOUT_LIMITS.subject}
    bind:value={draft.subject}
    fault={faultOf('subject')}
  />
  <FrameField
    id="{uid}-reason"
    label="Why this light, why this setting"
    most={ABOUT_LIMITS.reason}
    bind:value={draft.reason}
    fault={faultOf('reason')}
  />
  <label for="{uid}-tags">Your tags, with commas</label>
  <input id="{uid}-tags" class="input" list="all-tags" bind:value={draft.tags} />
  {#if !lighting}
    <div class="flex flex-wrap gap-2 mt-1.5">
      <button type="button" class="btn preset-outlined-surface-950-50" onclick={() => (lighting = true)}>
        {frame.light ? 'Change its light' : 'Tell its light'}
      </button>
      {#if light}
        <button type="button" class="btn preset-outlined-surface-950-50" onclick={() => (light = null)}
          >The light was not told</button
        >
      {/if}
    </div>
  {:else}
    <LightPanel
      light={light ?? STARTING_LIGHT}
      told={light !== null}
      onlight={(next: LightChoice) => (light = next)}
      {settings}
      {things}
      recent={recent.filter((r) => r.frame.id !== frame.id)}
    />
  {/if}
  {#if theirs}
    <div class="p-2.5 [border:1.5px_solid_var(--accent)]" role="group" aria-label="How it is now">
      <p><b>How it is now:</b></p>
      <ul>
        {#each saidFacts(theirs, camera) as { fact, name, words } (fact)}<li>{name}: {words}</li>{/each}
      </ul>
      <div class="flex flex-wrap gap-2 mt-1.5">
        <button type="button" class="btn preset-filled-primary-700-300" onclick={() => void keepMine()}
          >Keep mine</button
        >
        <button type="button" class="btn preset-outlined-surface-950-50" onclick={() => void takeTheirs()}
          >Keep theirs</button
        >
      </div>
    </div>
  {/if}
  <p id="{uid}-fault" class="fault" role="alert">{elsewhere.join(' ')}</p>
  {#if !theirs}
    <div class="flex flex-wrap gap-2 mt-1.5">
      <button class="btn preset-filled-primary-700-300">Save</button>
      <button type="button" class="btn preset-outlined-surface-950-50" onclick={onclose}
        >Leave as it was</button
      >
    </div>
  {/if}
</form>
