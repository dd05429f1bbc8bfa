<!-- The owner's own words before each press: added where they are missed, on the spot. -->
<script lang="ts">
  import type { Camera } from '#core/camera/camera.ts';
  import { MOST_REMINDERS } from '#core/camera/traits.ts';
  import { sayDone } from '../notices/say.ts';
  import { offline } from '../offline/offline.svelte.ts';
  import { sayAsked } from '../offline/say-asked.ts';

  let { camera }: { camera: Camera } = $props();
  const uid = $props.id();
  let open = $state(false);
  let text = $state('');
  let fault = $state('');

  async function change(to: readonly string[], words: string): Promise<void> {
    const from = camera.checks;
    const cameraId = camera.id;
    const put = await offline.put({ kind: 'checks', cameraId, from, to });
    if (put.kind === 'asked') await sayAsked(put.conflict, camera);
    else sayDone(words, () => void offline.put({ kind: 'checks', cameraId, from: to, to: from }));
  }

  async function add(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const line = text.trim();
    if (line === '') fault = 'A reminder needs words, such as “cock the shutter”.';
    else if (camera.checks.includes(line)) fault = `“${line}” is a reminder already.`;
    else if (camera.checks.length >= MOST_REMINDERS)
      fault = `${MOST_REMINDERS} reminders are the most: remove one first.`;
    else fault = '';
    if (fault !== '') return;
    await change([...camera.checks, line], `${camera.name} will remind you.`);
    text = '';
    open = false;
  }
</script>

<div class="reminders">
  <button type="button" class="chip" aria-expanded={open} onclick={() => (open = !open)}>Remind me …</button>
  {#if open}
    <form class="grid gap-1 mt-2" onsubmit={add}>
      <label class="kicker" for="{uid}-line">Before each press of {camera.name}</label>
      <span class="flex gap-2">
        <input
          id="{uid}-line"
          class="input flex-1 min-w-0"
          autocomplete="off"
          maxlength="60"
          bind:value={text}
          aria-describedby="{uid}-fault"
        />
        <button class="btn preset-outlined-surface-950-50">Add</button>
      </span>
      <p id="{uid}-fault" class="text-(--accent-ink) font-semibold text-[0.9375rem]" role="alert">{fault}</p>
      {#each camera.checks as line, i (i)}
        <p class="flex justify-between items-center gap-2 [border-top:1px_solid_var(--line)] py-1 px-0">
          {line}
          <button
            type="button"
            class="chip"
            aria-label="Remove the reminder: {line}"
            onclick={() =>
              void change(
                camera.checks.filter((c) => c !== line),
                'That reminder is removed.'
              )}>Remove</button
          >
        </p>
      {/each}
    </form>
  {/if}
</div>
