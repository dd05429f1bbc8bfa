<!-- Prints side by side, each judged in a word: a bracket, a whole film, or one subject on several films. -->
<script lang="ts">
  import { scanPicture } from '#ui/log/scan-picture.ts';
  import { invalidateAll } from '$app/navigation';
  import { isNegative, type Film } from '#core/film/film.ts';
  import { printTone } from '#core/film/print.ts';
  import { filmWindow } from '#core/film/window.ts';
  import { borderExtras, frameMarks } from '#core/log/border-note.ts';
  import { WORDS, type Word } from '#core/learn/judgement.ts';
  import type { Frame } from '#core/log/frame.ts';
  import { judgeFrame } from '#ui/api.ts';
  import { sayJudgement, WORD_WORDS } from '#ui/learn/say-learn.ts';
  import { sayLightShort, sayWhen } from '#ui/log/say-frame.ts';
  import { sayTrouble } from '#ui/notices/say.ts';
  import { sayError } from '#ui/text/say.ts';
  import ScenePrint from '#ui/verdict/ScenePrint.svelte';
  import { frameScene } from '#ui/log/frame-scene.ts';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const takenOf = $derived(new Map(data.frames.map((f, i) => [f.id, data.taken[i] ?? null])));
  const judgementOf = $derived(new Map(data.judgements.map((j) => [j.frameId, j])));
  const scanOf = $derived(new Map(data.scans.map((s) => [s.frameId, s])));
  const toneOf = (film: Film, frame: Frame) =>
    printTone(film, filmWindow(film, frame.light?.contrast ?? 'normal').usable);

  async function judge(frame: Frame, film: Film, word: Word): Promise<void> {
    const before = judgementOf.get(frame.id);
    const on = isNegative(film.kind) ? 'negative' : 'print';
    const judgement = { on, outcome: { kind: 'word', word }, faults: before?.faults ?? [] } as const;
    const sent = await judgeFrame(frame.id, judgement, before?.revision ?? 0);
    if (!sent.ok) sayTrouble(sent.error.words);
    await invalidateAll();
  }
</script>

<svelte:head><title>Side by side · Just Enough</title></svelte:head>
<h1 class="title">{data.title}</h1>
{#if data.frames.length === 0}
  <p>
    There is nothing to lay side by side here. <a class="underline" href="/log">Choose a film</a> or give frames
    the same subject.
  </p>
{:else}
  <ul class="grid [grid-template-columns:repeat(auto-fill,_minmax(min(100%,_270px),_1fr))] gap-3">
    {#each data.frames as frame (frame.id)}
      {@const pair = takenOf.get(frame.id)}
      {@const scan = scanOf.get(frame.id)}
      {@const judgement = judgementOf.get(frame.id)}
      {#if pair}
        <li
          class="grid gap-[3px] content-start p-2.5 text-[0.9375rem] bg-(--sheet) border-[1.5px] border-(--line) rounded-[4px] [content-visibility:auto] [contain-intrinsic-size:auto_480px]"
          aria-label="Frame {frame.number} on {pair.film.name}"
        >
          {#if scan}
            <img
              class="w-full p-1.5 print-paper [border:1px_solid_var(--line)]"
              src={scanPicture(scan, 'view')}
              alt="Scan of frame {frame.number}"
              loading="lazy"
            />
          {:else if frame.expected}
            <ScenePrint
              tone={toneOf(pair.film, frame)}
              deltaStops={frame.expected.deltaStops}
              label="expected"
              scene={frameScene(frame, pair.camera)}
              film={pair.film}
            />
          {/if}
          <p class="[font:650_1.125rem/1.2_var(--font-display)]">
            <b>{frame.number}</b>
            {frameMarks(frame)}
          </p>
          <p>{pair.film.name} in {pair.camera.name}</p>
          <p>
            {sayLightShort(frame.light)}{#if frame.expected}, {sayError(frame.expected.deltaStops)}{/if}
          </p>
          <p class="soft">{[sayWhen(frame.takenAt), ...borderExtras(frame)].join(' · ')}</p>
          {#if judgement}<p><b>Came out: {sayJudgement(judgement)}</b></p>{/if}
          <div class="flex flex-wrap gap-1.5 mt-1" role="group" aria-label="Judge frame {frame.number}">
            {#each WORDS[isNegative(pair.film.kind) ? 'negative' : 'print'] as word (word)}
              <button
                type="button"
                class="chip"
                aria-pressed={judgement?.outcome.kind === 'word' && judgement.outcome.word === word}
                onclick={() => void judge(frame, pair.film, word)}>{WORD_WORDS[word]}</button
              >
            {/each}
          </div>
        </li>
      {/if}
    {/each}
  </ul>
{/if}
