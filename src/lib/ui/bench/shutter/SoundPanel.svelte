<script lang="ts">
  import { onMount } from 'svelte';
  import type { MeasuredTime } from '#core/bench/shutter/slow-motion.ts';
  import { recordedSd } from '#core/camera/heard.ts';
  import { sayTime } from '../../text/say.ts';
  import type { Marked } from '../../heard/clicks.svelte.ts';
  import { SoundTest } from './sound-test.svelte.ts';
  import Waveform from './Waveform.svelte';

  let { markSeconds, ontaken }: { markSeconds: number | null; ontaken: (time: MeasuredTime) => void } =
    $props();
  const test = new SoundTest(() => markSeconds);
  onMount(() => () => test.stop());
  let seed = 1;
  const seconds = $derived(test.marked ? test.marked.closeSeconds - test.marked.openSeconds : null);
  function take(): void {
    if (seconds === null) return;
    ontaken({ seconds, sdStops: recordedSd(seconds) });
    if (test.at + 1 < test.releases.length) test.go(test.at + 1);
  }
</script>

{#if test.isTooShort}
  <p class="leading-snug">
    <b>Shorter than sound can tell.</b> From 1/60 s on, clicks say how long it was open; for shorter times take
    slow motion or a light sensor.
  </p>
{:else}
  <div class="flex flex-wrap gap-2">
    <button type="button" class="btn preset-filled min-h-11" onclick={() => void test.listen()}
      >{test.clicks.taking ? 'Stop recording' : 'Record'}</button
    >
    <label class="btn preset-outlined min-h-11 cursor-pointer"
      >Choose a recording<input
        type="file"
        accept="audio/*,.wav"
        class="sr-only"
        onchange={(e) => {
          const [file] = e.currentTarget.files ?? [];
          if (file) void test.file(file);
          e.currentTarget.value = '';
        }}
      /></label
    >
    <button type="button" class="btn preset-outlined min-h-11" onclick={() => test.simulate(seed++)}
      >Try a simulated shutter</button
    >
  </div>
  {#if test.clicks.taking}<p role="status">
      Listening: hold the camera near, and leave a pause after each release.
    </p>{/if}
  {#if test.clicks.progress !== null}<progress
      class="progress w-full"
      max="1"
      value={test.clicks.progress}
      aria-label="Looking for clicks"
    ></progress>{/if}
  {#if test.clicks.trouble !== ''}<p role="alert">{test.clicks.trouble}</p>{/if}
  {#if test.clicks.recording && test.release}
    {@const { proposals, onsets } = test.release}
    {#if test.releases.length > 1}
      <p role="status">
        Release {test.at + 1} of {test.releases.length}.
        {#if test.at > 0}<button
            type="button"
            class="min-h-11 min-w-11 cursor-pointer underline"
            onclick={() => test.go(test.at - 1)}>Before</button
          >{/if}
        {#if test.at + 1 < test.releases.length}<button
            type="button"
            class="min-h-11 min-w-11 cursor-pointer underline"
            onclick={() => test.go(test.at + 1)}>Next</button
          >{/if}
      </p>
    {/if}
    <figure class="chart m-0">
      <Waveform
        recording={test.clicks.recording}
        {onsets}
        marked={test.marked}
        onmarked={(marked: Marked) => (test.moved = marked)}
      />
    </figure>
    {#if proposals.length === 0}
      <p class="leading-snug">No two of these clicks fit that mark. Choose another mark, or try once more.</p>
    {:else}
      <div class="flex flex-wrap items-center gap-2" role="group" aria-label="Which two clicks?">
        <span class="soft">Which two clicks?</span>
        {#each proposals as p, i (i)}
          <button
            type="button"
            class="chip min-h-11"
            aria-pressed={test.marked?.openSeconds === p.openSeconds &&
              test.marked.closeSeconds === p.closeSeconds}
            onclick={() => (test.moved = p)}>{sayTime(p.seconds)}</button
          >
        {/each}
      </div>
      <p class="soft leading-snug">
        The first loud click opens, the next as loud closes; a rebound or a motor comes after. Drag the marks,
        or move them with the arrow keys.
      </p>
      {#if seconds !== null}
        <button type="button" class="btn preset-filled min-h-11 justify-self-start" onclick={take}
          >Take {sayTime(seconds)}</button
        >
      {/if}
    {/if}
  {/if}
{/if}
