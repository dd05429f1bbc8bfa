<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import type { Judgement, Said } from '#core/learn/judgement.ts';
  import type { Frame } from '#core/log/frame.ts';
  import { judgeFrame, unjudgeFrame } from '#ui/api.ts';
  import CameraSays from '#ui/learn/CameraSays.svelte';
  import HandSays from '#ui/learn/HandSays.svelte';
  import JudgingEye from '#ui/learn/JudgingEye.svelte';
  import JudgeFrame from '#ui/learn/JudgeFrame.svelte';
  import PaperSays from '#ui/learn/PaperSays.svelte';
  import TestRoll from '#ui/learn/TestRoll.svelte';
  import WhySo from '#ui/learn/WhySo.svelte';
  import { sayJudgement } from '#ui/learn/say-learn.ts';
  import { sayDone, sayTrouble } from '#ui/notices/say.ts';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const judgementOf = $derived(new Map(data.judgements.map((j) => [j.frameId, j])));
  /** The frame chosen by hand; else the first that is not judged yet. */
  let chosen = $state<string | null>(null);
  const frame = $derived(
    data.frames.find((f) => f.id === chosen) ??
      data.frames.find((f) => !judgementOf.has(f.id)) ??
      data.frames.at(-1)
  );

  let chips: HTMLElement | undefined = $state();
  $effect(() => {
    const here = frame && chips?.querySelector<HTMLElement>('[aria-pressed=true]');
    if (chips && here) chips.scrollTop = Math.max(0, here.offsetTop - chips.offsetTop - 50);
  });

  /** One judgement at a time: what is pressed while it is sent is for no frame. */
  let busy = false;

  /** Judges the frame that was seen, whatever the page shows by now; one press takes it back. */
  async function judge({ id, number }: Frame, to: Said): Promise<void> {
    if (busy) return;
    busy = true;
    const before = judgementOf.get(id) ?? null;
    const sent = await judgeFrame(id, to, before?.revision ?? 0);
    if (!sent.ok) sayTrouble(sent.error.words);
    else sayDone(`Frame ${number} is judged.`, () => void takeBack(id, before));
    chosen = null;
    await invalidateAll();
    busy = false;
  }

  /** As it was before: another judgement, or none. */
  async function takeBack(id: string, before: Judgement | null): Promise<void> {
    const revision = judgementOf.get(id)?.revision ?? 0;
    const sent = before ? await judgeFrame(id, saidOf(before), revision) : await unjudgeFrame(id, revision);
    if (!sent.ok) sayTrouble(sent.error.words);
    chosen = id;
    await invalidateAll();
  }

  async function takeAway({ id, number }: Frame): Promise<void> {
    const before = judgementOf.get(id);
    if (!before) return;
    const sent = await unjudgeFrame(id, before.revision);
    if (!sent.ok) sayTrouble(sent.error.words);
    else
      sayDone(`Frame ${number} is not judged any more.`, () => {
        void judgeFrame(id, saidOf(before), 0).then(invalidateAll);
      });
    chosen = id;
    await invalidateAll();
  }
  const saidOf = ({ on, outcome, faults, grade }: Judgement): Said => ({
    ...{ on, outcome, faults },
    ...(grade === undefined ? {} : { grade })
  });
</script>

<svelte:head><title>Judge · Just Enough</title></svelte:head>
{#if data.pair && frame}
  <h1 class="mt-1 mx-0 mb-3 text-[1.75rem] font-[650]">
    Judge {data.pair.film.name} from {data.pair.camera.name}
  </h1>
  <div
    class="flex flex-wrap gap-1.5 mb-3 max-h-36 [overflow-y:auto]"
    role="group"
    aria-label="Frames"
    bind:this={chips}
  >
    {#each data.frames as f (f.id)}
      {@const judgement = judgementOf.get(f.id)}
      <button
        type="button"
        class="chip min-w-11"
        aria-pressed={f.id === frame.id}
        aria-label="Frame {f.number}: {judgement ? sayJudgement(judgement) : 'not judged'}"
        onclick={() => (chosen = f.id)}>{f.number}{judgement ? ' ✓' : ''}</button
      >
    {/each}
  </div>
  <div
    class="grid [grid-template-columns:minmax(0,_1.7fr)_minmax(0,_1fr)] gap-y-5.5 gap-x-7.5 max-[900px]:[grid-template-columns:minmax(0,_1fr)]"
  >
    {#key frame.id}
      <JudgeFrame
        {frame}
        film={data.films[frame.id] ?? data.pair.film}
        before={judgementOf.get(frame.id) ?? null}
        scan={data.scans.find((s) => s.frameId === frame.id) ?? null}
        onjudged={(said: Said) => void judge(frame, said)}
        onunjudged={() => void takeAway(frame)}
      />
    {/key}
    <div class="grid gap-5 [align-content:start]">
      {#if data.judging}<JudgingEye eye={data.judging} />{/if}
      {#if data.says}
        <CameraSays
          camera={data.pair.camera}
          film={data.pair.film}
          says={data.says}
          history={data.history}
          revision={data.pair.cameraRevision}
          onchanged={invalidateAll}
        />
      {/if}
      {#if data.hand}<HandSays hand={data.hand} />{/if}
      <PaperSays judgements={data.judgements} minutes={data.minutes} />
      <WhySo camera={data.pair.camera} explained={data.explained} />
      <TestRoll camera={data.pair.camera} plan={data.plan} />
    </div>
  </div>
{:else}
  <h1 class="mt-1 mx-0 mb-3 text-[1.75rem] font-[650]">Nothing to judge yet</h1>
  <p>
    Frames are judged when they are logged. <a class="underline" href="/shoot">Shoot</a> logs one with one press.
  </p>
{/if}

<style>
  [aria-pressed='true'] {
    background: var(--ink);
    color: var(--sheet);
  }
</style>
