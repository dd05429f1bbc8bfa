<!-- Listens for the two clicks of a shutter, or reads a recording of them; of at most three times one press says which it was. -->
<script lang="ts">
  import { onMount } from 'svelte';
  import type { Proposal } from '#core/bench/shutter/proposals.ts';
  import { sayTime } from '../text/say.ts';
  import type { Listening } from './listening.svelte.ts';

  let {
    listening,
    expectedSeconds,
    canListen = true,
    fromFile = false,
    ontake
  }: {
    listening: Listening;
    /** What the camera should have taken; null = not known. */
    expectedSeconds: number | null;
    /** Whether sound can tell a time like that. */
    canListen?: boolean;
    /** Whether a recording made elsewhere may be chosen. */
    fromFile?: boolean;
    ontake: (proposal: Proposal) => void;
  } = $props();
  const clicks = $derived(listening.clicks);
  onMount(() => () => listening.stop());
</script>

{#if canListen || clicks.taking}
  <div class="flex flex-wrap gap-2">
    <button type="button" class="chip min-h-11" onclick={() => void listening.listen(expectedSeconds)}
      >{clicks.taking ? 'Stop listening' : 'Listen for it'}</button
    >
    {#if fromFile}
      <label class="chip min-h-11 cursor-pointer"
        >Choose a recording<input
          type="file"
          accept="audio/*,.wav"
          class="sr-only"
          onchange={(e) => {
            const [file] = e.currentTarget.files ?? [];
            if (file) void listening.file(file, expectedSeconds);
            e.currentTarget.value = '';
          }}
        /></label
      >
    {/if}
  </div>
{/if}
{#if clicks.taking}
  <p role="status" class="basis-full">
    Listening, {listening.seconds} s: hold the phone near the camera, release, wait for the second click.
  </p>
{/if}
{#if clicks.progress !== null}
  <progress class="progress w-full" max="1" value={clicks.progress} aria-label="Looking for clicks"
  ></progress>
{/if}
{#if clicks.trouble !== ''}<p role="alert" class="basis-full">{clicks.trouble}</p>{/if}
{#if listening.proposals.length > 0}
  <div class="flex basis-full flex-wrap items-center gap-2" role="group" aria-label="Which time was it?">
    <span>{listening.frame ? `Frame ${listening.frame.number}: which` : 'Which'} time was it?</span>
    {#each listening.proposals as p (p.openSeconds + p.closeSeconds)}
      <button type="button" class="chip min-h-11 font-semibold" onclick={() => ontake(p)}
        >{sayTime(p.seconds)}</button
      >
    {/each}
    <button type="button" class="chip min-h-11" onclick={() => listening.close()}>None of these</button>
  </div>
{/if}
