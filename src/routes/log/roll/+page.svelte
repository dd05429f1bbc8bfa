<!-- A whole film written up after the fact, frame after frame, by keyboard: what stays the same is kept. -->
<script lang="ts">
  import { SUPPORTS } from '#core/error/situation.ts';
  import { SUPPORT_WORDS } from '#ui/shoot/words.ts';
  import { tick } from 'svelte';
  import { enhance } from '$app/forms';
  import { goto, invalidateAll } from '$app/navigation';
  import { positionsOf, setsItself } from '#core/camera/camera.ts';
  import { frameMarks } from '#core/log/border-note.ts';
  import { LIGHT_WORDS } from '#core/ways/light-text.ts';
  import type { Frame } from '#core/log/frame.ts';
  import { removeFrame } from '#ui/api.ts';
  import SelectField from '#ui/kit/SelectField.svelte';
  import TextField from '#ui/kit/TextField.svelte';
  import { sayDay, sayLightShort, sayWhen } from '#ui/log/say-frame.ts';
  import { sayDone, sayTrouble } from '#ui/notices/say.ts';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
  const values = $derived<Readonly<Record<string, string>>>(form?.values ?? {});
  const faults = $derived(form && 'faults' in form ? form.faults : []);
  const faultOf = (field: string): string => faults.find((f) => f.field === field)?.message ?? '';
  const kept = (field: string, otherwise: string): string => values[field] ?? otherwise;
  /** What belongs to one frame alone goes with it. */
  const own = (field: string): string => (faults.length > 0 ? (values[field] ?? '') : '');
  const camera = $derived(data.pair?.camera);
  const controls = $derived(camera?.controls.filter((c) => positionsOf(c).length > 1) ?? []);
  /** The fields that a frame seldom needs: open while one of them is at fault, and once they were opened. */
  const SELDOM: readonly string[] = ['place', 'guess', 'held', 'heard', 'support', 'reason', 'tags', 'note'];
  let more = $state(false);
  $effect(() => {
    if (faults.some((f) => SELDOM.includes(f.field))) more = true;
  });
  const next = $derived(data.pair?.nextNumber ?? data.pair?.framesTotal ?? 1);

  async function takeBack({ id, number, revision }: Frame): Promise<void> {
    const removed = await removeFrame(id, revision);
    if (!removed.ok) sayTrouble(removed.error.words);
    else sayDone(`Frame ${number} is in the trash.`);
    await invalidateAll();
  }
</script>

<svelte:head><title>Write a film up · Just Enough</title></svelte:head>
{#if data.pair && camera}
  <div class="flex flex-wrap justify-between items-center gap-y-0 gap-x-5">
    <h1 class="title">Write up {data.pair.film.name} from {camera.name}</h1>
    <SelectField
      name="film"
      label="Film"
      value={data.pair.loadId}
      options={data.lines.map(
        (l) => [l.loadId, `${l.filmName} in ${l.cameraName}, ${sayDay(l.loadedAt)}`] as const
      )}
      onchoose={(id: string) => void goto(`/log/roll?film=${encodeURIComponent(id)}`)}
    />
  </div>
  {#if data.pair.framesLeft === 0}
    <p>
      Every frame of it is in the log. <a
        class="underline"
        href="/log?film={encodeURIComponent(data.pair.loadId)}">See them</a
      >
      or <a class="underline" href="/log/judge?film={encodeURIComponent(data.pair.loadId)}">judge them</a>; a
      frame more than its counter says goes in below.
    </p>
  {/if}
  <p class="lead">
    Tab goes through the fields, Enter stores the frame and begins the next. Times are by the clocks of {data.zone}.
  </p>
  {#key `${next} ${faults.length}`}
    <form
      class="flex flex-wrap items-start gap-y-2.5 gap-x-3.5 p-3.5 bg-(--sheet) border-[1.5px] border-(--ink) rounded-[4px]"
      method="post"
      use:enhance={() =>
        async ({ update, result }) => {
          await update({ reset: false });
          await tick();
          const to = result.type === 'success' ? '[name=light]' : '[aria-invalid=true]';
          const field = document.querySelector<HTMLInputElement>(`form ${to}`);
          field?.focus();
          if (result.type === 'success') field?.select();
        }}
    >
      <TextField
        name="number"
        label="Frame"
        value={faults.length > 0 ? kept('number', String(next)) : String(next)}
        fault={faultOf('number')}
        number
      />
      <TextField
        name="light"
        label="Light: clue, scene or reading; empty = not told"
        value={kept('light', '')}
        fault={faultOf('light')}
        list="light-words"
        wide
      />
      {#each controls as control (control.id)}
        <SelectField
          name="set-{control.id}"
          label={control.label}
          value={kept(`set-${control.id}`, String(data.pair.present[control.id] ?? 0))}
          options={positionsOf(control).map((p, i) => [String(i), p.mark] as const)}
        />
      {/each}
      <TextField name="subject" label="Subject" value={own('subject')} fault={faultOf('subject')} wide />
      <TextField name="date" label="Day" value={kept('date', data.clock.date)} fault={faultOf('date')} />
      <TextField name="time" label="Time" value={kept('time', data.clock.time)} fault={faultOf('time')} />
      <button class="btn preset-filled-primary-700-300 mt-5.5">Store frame, on to the next</button>
      <details class="w-full" bind:open={more}>
        <summary>More: place, guess, held open, why, tags, note</summary>
        <div class="fields mt-1.5">
          <TextField name="place" label="Place" value={kept('place', '')} fault={faultOf('place')} />
          <TextField
            name="guess"
            label="Light as guessed before"
            value={own('guess')}
            fault={faultOf('guess')}
            list="light-words"
          />
          <TextField name="held" label="Held open, seconds" value={own('held')} fault={faultOf('held')} />
          {#if setsItself(camera)}
            <TextField name="heard" label="Time as heard" value={own('heard')} fault={faultOf('heard')} />
          {/if}
          <SelectField
            name="support"
            label="Held"
            value={kept('support', '')}
            options={SUPPORTS.map((support) => [support === 'hand' ? '' : support, SUPPORT_WORDS[support]])}
          />
          <TextField
            name="reason"
            label="Why this light, why this setting"
            value={own('reason')}
            fault={faultOf('reason')}
            wide
          />
          <TextField
            name="tags"
            label="Your tags, with commas"
            value={kept('tags', '')}
            fault={faultOf('tags')}
            list="all-tags"
            wide
          />
          <TextField name="note" label="Note" value={own('note')} fault={faultOf('note')} wide />
        </div>
      </details>
    </form>
  {/key}
  <datalist id="light-words"
    >{#each LIGHT_WORDS as word (word)}<option value={word}></option>{/each}</datalist
  >
  <datalist id="all-tags"
    >{#each data.tags as tag (tag)}<option value={tag}></option>{/each}</datalist
  >
  <ol class="mt-4">
    {#each [...data.frames].reverse() as frame (frame.id)}
      <li
        class="flex flex-wrap items-center gap-y-0.5 gap-x-4.5 min-h-12 [border-bottom:1px_solid_var(--line)]"
      >
        <b>{frame.number}</b>
        <span>{frameMarks(frame)}</span>
        <span>{sayLightShort(frame.light)}</span>
        <span class="soft">{sayWhen(frame.takenAt)}</span>
        <span class="mr-auto italic">{frame.about.subject || frame.note}</span>
        <button type="button" class="chip" onclick={() => void takeBack(frame)}
          >Take back<span class="sr-only"> frame {frame.number}</span></button
        >
      </li>
    {/each}
  </ol>
{:else}
  <h1 class="title">No film to write up yet</h1>
  <p><a class="underline" href="/start">Add a camera and its film</a> first.</p>
{/if}
