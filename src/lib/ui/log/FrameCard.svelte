<script module lang="ts">
  import type { Camera } from '#core/camera/camera.ts';
  import type { Film } from '#core/film/film.ts';
  import type { Thing } from '#core/kit/thing.ts';
  import type { Judgement } from '#core/learn/judgement.ts';
  import type { Frame } from '#core/log/frame.ts';
  import type { Scan } from '#core/log/scan.ts';
  import type { Settings } from '#schema/settings/settings.ts';
  import type { FrameActs } from './frame-acts.ts';
  import type { RecentFrame } from '../light/recent.ts';

  /** A logged frame as a small print with its border note. */
  export interface FrameCardProps {
    frame: Frame;
    /** Its camera and film as they were; null = how they were is not kept. */
    taken: { readonly camera: Camera; readonly film: Film } | null;
    settings: Settings;
    recent: readonly RecentFrame[];
    things: readonly Thing[];
    acts: FrameActs;
    /** How it came out; left out = not judged. */
    judgement?: Judgement | undefined;
    /** A scan of it; left out = the print that is expected is drawn. */
    scan?: Scan | undefined;
    /** Whether a picture of the scene is kept with it. */
    pictured?: boolean;
    /** Whether the camera and film are named: where frames of several films stand together. */
    named?: boolean;
  }
</script>

<script lang="ts">
  import { scanPicture } from '#ui/log/scan-picture.ts';
  import { tick } from 'svelte';
  import { borderExtras, frameMarks } from '#core/log/border-note.ts';
  import { printTone } from '#core/film/print.ts';
  import { filmWindow } from '#core/film/window.ts';
  import { dropPicture, keepPicture, pictureOfFrame } from '../api.ts';
  import { sayJudgement } from '../learn/say-learn.ts';
  import { sayDone, sayTrouble } from '../notices/say.ts';
  import { chanceInHundred, sayError } from '../text/say.ts';
  import ScenePrint from '../verdict/ScenePrint.svelte';
  import FrameForm from './FrameForm.svelte';
  import { frameScene } from './frame-scene.ts';
  import { DOUBT_WORDS, sayGuess, sayLightShort, sayWhen } from './say-frame.ts';

  let {
    frame,
    taken,
    settings,
    recent,
    things,
    acts,
    judgement,
    scan,
    pictured = false,
    named = false
  }: FrameCardProps = $props();
  const tone = $derived(
    taken && printTone(taken.film, filmWindow(taken.film, frame.light?.contrast ?? 'normal').usable)
  );
  const extras = $derived.by(() => {
    const text = borderExtras(frame).join(' · ');
    return text.charAt(0).toUpperCase() + text.slice(1);
  });
  let editing = $state(false);
  let card: HTMLElement;

  /** The frame that stands next: the eye goes there when this one goes. */
  const neighbour = (): Element | null => card.nextElementSibling ?? card.previousElementSibling;

  async function close(): Promise<void> {
    editing = false;
    await tick();
    card.querySelector<HTMLButtonElement>('[data-edit]')?.focus();
  }

  async function remove(): Promise<void> {
    const next = neighbour();
    const removed = await acts.remove(frame);
    if (!removed.ok) sayTrouble(removed.error.words);
    else sayDone(`Frame ${frame.number} is in the trash.`, () => void restore());
    await acts.changed();
    if (removed.ok) next?.querySelector<HTMLButtonElement>('[data-edit]')?.focus();
  }

  /** Takes the picture of the scene away; it can be taken back. */
  async function dropIt(): Promise<void> {
    const picture = await pictureOfFrame(frame.id);
    const dropped = await dropPicture(frame.id);
    if (!dropped.ok) sayTrouble(dropped.error);
    else
      sayDone(`The picture of frame ${frame.number} is away.`, () => {
        if (picture) void keepPicture(frame.id, picture).then(acts.changed);
      });
    await acts.changed();
  }

  async function restore(): Promise<void> {
    const restored = await acts.restore(frame);
    if (!restored.ok) sayTrouble(restored.error.words);
    await acts.changed();
  }
</script>

<article aria-label="Frame {frame.number}" class={editing ? 'col-span-full' : undefined} bind:this={card}>
  <div class="picture">
    {#if scan}
      <img
        class="w-full p-1.5 print-paper [border:1px_solid_var(--line)]"
        src={scanPicture(scan, 'thumb')}
        alt="Scan of frame {frame.number}"
        loading="lazy"
      />
    {/if}
    {#if pictured && tone && taken}
      {#await import('../picture/KeptPicture.svelte') then { default: KeptPicture }}
        <KeptPicture {frame} film={taken.film} {tone} />
      {/await}
    {:else if scan}
      <!-- the scan is enough -->
    {:else if tone && frame.expected}
      <ScenePrint
        {tone}
        deltaStops={frame.expected.deltaStops}
        label="expected, {frame.number}"
        scene={frameScene(frame, taken?.camera ?? null)}
        film={taken?.film}
      />
    {:else}
      <p class="p-2.5 bg-(--well) text-[0.875rem]">Light not told: nothing was expected.</p>
    {/if}
  </div>
  {#if editing}
    <FrameForm
      {frame}
      camera={taken?.camera ?? null}
      {settings}
      {recent}
      {things}
      {acts}
      onclose={() => void close()}
    />
  {:else}
    <div class="grid gap-0.5 [align-content:start] text-[0.9375rem]">
      <p class="[font:650_1.1875rem/1.2_var(--font-display)]">
        <b class="mr-1.5">{frame.number}</b>
        {frameMarks(frame)}
      </p>
      {#if named && taken}<p>{taken.film.name} in {taken.camera.name}</p>{/if}
      <p>{sayLightShort(frame.light)}</p>
      {#if frame.expected}
        <p>
          <b>{sayError(frame.expected.deltaStops)}</b>, {chanceInHundred(frame.expected.pUsable)} in 100
        </p>
      {/if}
      {#if judgement}<p class="font-[650]">{`Came out: ${sayJudgement(judgement)}`}</p>{/if}
      {#if extras !== ''}<p>{extras}</p>{/if}
      {#if frame.guess}<p>{sayGuess(frame.guess, frame.light)}</p>{/if}
      <p class="soft">
        <time datetime={frame.takenAt.at}>{sayWhen(frame.takenAt)}</time>
      </p>
      {#each frame.doubts as doubt (doubt)}<p class="soft">{DOUBT_WORDS[doubt]}</p>{/each}
      {#if frame.about.subject !== ''}
        <p>
          <a
            class="underline underline-offset-[3px]"
            href="/log/compare?subject={encodeURIComponent(frame.about.subject)}">{frame.about.subject}</a
          >
        </p>
      {/if}
      {#if frame.series !== null}
        <p>
          <a
            class="underline underline-offset-[3px]"
            href="/log/compare?film={encodeURIComponent(frame.loadId)}&series={encodeURIComponent(
              frame.series
            )}">The bracket side by side</a
          >
        </p>
      {/if}
      {#if frame.note !== ''}<p class="italic">{frame.note}</p>{/if}
      {#if frame.about.reason !== ''}<p class="soft">Why: {frame.about.reason}</p>{/if}
      {#if frame.about.tags.length > 0}
        <p class="flex flex-wrap gap-y-0 gap-x-3">
          {#each frame.about.tags as tag, i (i)}<a
              class="underline underline-offset-[3px]"
              href="/log?tag={encodeURIComponent(tag)}">{tag}</a
            >{/each}
        </p>
      {/if}
      <div class="flex gap-2 mt-1.5 print:hidden">
        <button
          type="button"
          class="btn preset-outlined-surface-950-50"
          data-edit
          onclick={() => (editing = true)}
          aria-label="Edit frame {frame.number}">Edit</button
        >
        <button
          type="button"
          class="btn preset-outlined-surface-950-50"
          onclick={remove}
          aria-label="Delete frame {frame.number}">Delete</button
        >
        {#if pictured}
          <button
            type="button"
            class="min-h-11 cursor-pointer underline"
            onclick={() => void dropIt()}
            aria-label="Take the picture of frame {frame.number} away">No picture</button
          >
        {/if}
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
    /* hundreds of them: those out of sight are not drawn */
    content-visibility: auto;
    contain-intrinsic-size: auto 220px;
    break-inside: avoid;
  }
  @media print {
    article {
      content-visibility: visible;
    }
  }
</style>
