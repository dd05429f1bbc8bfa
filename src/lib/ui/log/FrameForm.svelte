<!-- What can be changed of a logged frame. What was typed stays when it is refused. -->
<script lang="ts">
  import type { Thing } from '#core/kit/thing.ts';
  import type { Frame } from '#core/log/frame.ts';
  import type { Pair } from '#core/log/pair.ts';
  import type { LightChoice } from '#core/ways/choice.ts';
  import { ABOUT_LIMITS } from '#schema/log/frame.ts';
  import type { Settings } from '#schema/settings/settings.ts';
  import LightPanel from '../light/LightPanel.svelte';
  import type { RecentFrame } from '../light/recent.ts';
  import type { FrameActs } from './frame-acts.ts';
  import { tagsFrom, textFromTags } from './tags.ts';

  let {
    frame,
    pair,
    settings,
    recent,
    things,
    acts,
    onclose
  }: {
    frame: Frame;
    pair: Pair;
    settings: Settings;
    recent: readonly RecentFrame[];
    things: readonly Thing[];
    acts: FrameActs;
    onclose: () => void;
  } = $props();
  const uid = $props.id();
  // the form is made anew each time it is opened; what is typed is its own from then on
  // svelte-ignore state_referenced_locally
  let number = $state(String(frame.number));
  // svelte-ignore state_referenced_locally
  let note = $state(frame.note);
  // svelte-ignore state_referenced_locally
  let subject = $state(frame.about.subject);
  // svelte-ignore state_referenced_locally
  let reason = $state(frame.about.reason);
  // svelte-ignore state_referenced_locally
  let tags = $state(textFromTags(frame.about.tags));
  let fault = $state('');
  /** The frame's light while it is looked at again; null = it stays. */
  let light = $state.raw<LightChoice | null>(null);

  async function save(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const whole = /^\s*\d+\s*$/.test(number) ? Number(number) : NaN;
    if (Number.isNaN(whole)) {
      fault = `“${number}” is no frame number. Give a whole number from 1 to ${pair.framesTotal}.`;
      return;
    }
    const about = { subject: subject.trim(), reason: reason.trim(), tags: tagsFrom(tags) };
    const changed = await acts.change(frame, {
      ...{ number: whole, note },
      ...(light ? { light } : {}),
      ...(acts.whole ? { about } : {})
    });
    if (!changed.ok) {
      fault = changed.error;
      return;
    }
    onclose();
    await acts.changed();
  }
</script>

<form onsubmit={save}>
  <label for="{uid}-number">Frame number</label>
  <input
    id="{uid}-number"
    class="entry"
    inputmode="numeric"
    bind:value={number}
    aria-describedby="{uid}-fault"
  />
  <label for="{uid}-note">Note</label>
  <textarea id="{uid}-note" class="entry" rows="3" maxlength="2000" bind:value={note}></textarea>
  {#if acts.whole}
    <label for="{uid}-subject">Subject</label>
    <input id="{uid}-subject" class="entry" maxlength={ABOUT_LIMITS.subject} bind:value={subject} />
    <label for="{uid}-reason">Why this light, why this setting</label>
    <input id="{uid}-reason" class="entry" maxlength={ABOUT_LIMITS.reason} bind:value={reason} />
    <label for="{uid}-tags">Your tags, with commas</label>
    <input id="{uid}-tags" class="entry" list="all-tags" bind:value={tags} />
    {#if light === null}
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
  {:else}
    <p class="soft">Its light, subject and tags are changed at home.</p>
  {/if}
  <p id="{uid}-fault" class="fault" role="alert">{fault}</p>
  <div class="acts">
    <button class="press">Save</button>
    <button type="button" class="quiet" onclick={onclose}>Leave as it was</button>
  </div>
</form>

<style>
  /* the form has the whole card: the light panel needs the width */
  form {
    display: grid;
    gap: 6px;
    grid-column: 1 / -1;
    grid-template-columns: minmax(0, 1fr);
    font-size: 0.9375rem;
  }
  textarea {
    padding-block: 6px;
  }
  .acts {
    display: flex;
    gap: 8px;
    margin-top: 6px;
  }
  .fault {
    color: var(--accent);
    font-weight: 600;
  }
</style>
