<!-- What is noted of a pack, roll or reel itself: when it was loaded, its numbers, what lies on the pack, its development, a remark. -->
<script lang="ts">
  import { developmentLine } from '#core/log/development.ts';
  import { untrack } from 'svelte';
  import { invalidateAll } from '$app/navigation';
  import type { LabState, Load } from '#core/log/load.ts';
  import { formatStops } from '#core/units/stops.ts';
  import { readLoadDraft, loadDraftOf, type LoadDraft } from '#schema/kit/load-draft.ts';
  import type { FieldFault } from '#schema/reading/parse.ts';
  import { changeLoad } from '../api.ts';
  import { sayDone, sayTrouble } from '../notices/say.ts';
  import FrameField from './FrameField.svelte';
  import { sayWhen } from './say-frame.ts';

  let { load, isInstant = false }: { load: Load; isInstant?: boolean } = $props();
  const uid = $props.id();
  let editing = $state(false);
  /** As it was when the form was opened: only what differs from that is sent. */
  let opened = $state.raw(untrack(() => load));
  /** The revision that the person has seen. */
  let seen = $state(untrack(() => load.revision));
  let draft = $state<LoadDraft>(untrack(() => loadDraftOf(load)));
  let faults = $state.raw<readonly FieldFault[]>([]);
  const faultOf = (field: string): string => faults.find((f) => f.field === field)?.message ?? '';
  const developed = $derived(load.development ? developmentLine(load.development) : '');

  function open(): void {
    opened = load;
    seen = load.revision;
    draft = loadDraftOf(load);
    faults = [];
    editing = true;
  }
  async function toLab(lab: LabState): Promise<void> {
    const before = load.lab;
    const sent = await changeLoad(load.id, { lab }, load.revision);
    if (!sent.ok) {
      sayTrouble(sent.error.words);
      return;
    }
    const { id, revision } = load;
    await invalidateAll();
    sayDone(lab === 'sent' ? 'Noted: it is at the lab.' : 'Noted: it is back.', () => {
      void changeLoad(id, { lab: before }, revision + 1).then(() => invalidateAll());
    });
  }
  async function save(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const read = readLoadDraft(draft, opened);
    if (!read.ok) {
      faults = read.error;
      document.getElementById(`${uid}-${read.error[0]?.field ?? ''}`)?.focus();
      return;
    }
    const sent = await changeLoad(load.id, read.value, seen);
    if (!sent.ok) {
      // how it is now stands above; what was typed stays, and is sent again by the one who saw both
      await invalidateAll();
      const changed = load.revision !== seen;
      seen = load.revision;
      const decide = changed ? ' Above is how it is now; save again to have it as you typed it.' : '';
      faults = [{ field: '', message: `${sent.error.words}${decide}` }];
      return;
    }
    editing = false;
    await invalidateAll();
  }
</script>

<section class="mb-2.5 text-[0.9375rem]" aria-label="This film">
  <p>
    Loaded {sayWhen(load.loadedAt)}{load.finishedAt ? `, finished ${sayWhen(load.finishedAt)}` : ''}.
    {#if load.firstNumber !== 1}Counted from {load.firstNumber}.{/if}
    {#if load.packFilter}{load.packFilter.name || 'A filter'} of {formatStops(load.packFilter.stops)}
      {load.packFilter.on ? 'on the pack' : 'to be laid on the pack'}.{/if}
    {#if developed !== ''}Developed: {developed}.{/if}
    {#if load.lab === 'sent'}It is at the lab.{:else if load.lab === 'back'}Back from the lab.{/if}
    {#if load.remark !== ''}<b>{load.remark}</b>{/if}
    {#if !editing && load.finishedAt && !isInstant && load.lab !== 'back'}
      <button
        type="button"
        class="min-h-11 py-0 px-1.5 underline underline-offset-[3px] cursor-pointer"
        onclick={() => void toLab(load.lab === 'sent' ? 'back' : 'sent')}
        >{load.lab === 'sent' ? 'It is back' : 'It goes to the lab'}</button
      >
    {/if}
    {#if !editing}
      <button
        type="button"
        class="min-h-11 py-0 px-1.5 underline underline-offset-[3px] cursor-pointer"
        onclick={open}>{load.finishedAt && !load.development ? 'Note its development' : 'Change'}</button
      >
    {/if}
  </p>
  {#if editing}
    <form class="grid gap-2 p-3 bg-(--sheet) [border:1.5px_solid_var(--line)] rounded-[4px]" onsubmit={save}>
      <div class="grid [grid-template-columns:repeat(auto-fit,_minmax(150px,_1fr))] gap-y-1.5 gap-x-3">
        <FrameField id="{uid}-date" label="Loaded on" bind:value={draft.date} fault={faultOf('date')} />
        <FrameField id="{uid}-time" label="At" bind:value={draft.time} fault={faultOf('time')} />
        <FrameField
          id="{uid}-firstNumber"
          label="First frame’s number"
          numeric
          bind:value={draft.firstNumber}
          fault={faultOf('firstNumber')}
        />
      </div>
      {#if load.finishedAt}
        <p class="kicker">Development</p>
        <div class="grid [grid-template-columns:repeat(auto-fit,_minmax(150px,_1fr))] gap-y-1.5 gap-x-3">
          <FrameField
            id="{uid}-developer"
            label="Developer"
            bind:value={draft.developer}
            fault={faultOf('developer')}
          />
          <FrameField
            id="{uid}-dilution"
            label="Dilution"
            hint="1+31"
            bind:value={draft.dilution}
            fault={faultOf('dilution')}
          />
          <FrameField
            id="{uid}-minutes"
            label="Minutes"
            numeric
            bind:value={draft.minutes}
            fault={faultOf('minutes')}
          />
          <FrameField
            id="{uid}-temperature"
            label="Temperature, °C"
            numeric
            bind:value={draft.temperature}
            fault={faultOf('temperature')}
          />
          <FrameField
            id="{uid}-shift"
            label="Speed moved by, stops"
            hint="+1 pushed, −1 pulled"
            bind:value={draft.shift}
            fault={faultOf('shift')}
          />
        </div>
        <p class="soft">
          Developers are chemicals: gloves, fresh air, nothing on the skin. The product’s own sheet and local
          rules come first.
        </p>
      {:else}
        <p class="soft">Its development is noted when the film is finished.</p>
      {/if}
      <FrameField
        id="{uid}-remark"
        label="What was noticed on it (comes up before the next one)"
        hint="a noise while winding"
        bind:value={draft.remark}
        fault={faultOf('remark')}
        most={500}
      />
      <p class="fault" role="alert">{faultOf('')}</p>
      <div class="flex gap-2">
        <button class="btn preset-filled-primary-700-300">Save</button>
        <button type="button" class="btn preset-outlined-surface-950-50" onclick={() => (editing = false)}
          >Leave as it was</button
        >
      </div>
    </form>
  {/if}
</section>
