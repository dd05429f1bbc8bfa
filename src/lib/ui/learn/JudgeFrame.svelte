<!-- One frame against a strip of the same scene at seven exposures: which is closest? Or a word, off the print or the negative. -->
<script lang="ts">
  import { scanPicture } from '#ui/log/scan-picture.ts';
  import type { Film } from '#core/film/film.ts';
  import { developedRange, isNegative } from '#core/film/film.ts';
  import { printTone } from '#core/film/print.ts';
  import { filmWindow } from '#core/film/window.ts';
  import {
    FAULTS,
    TONES,
    usuallyJudgedOn,
    WORDS,
    type Grade,
    type Judgement,
    type JudgedOn,
    type Outcome,
    type Said
  } from '#core/learn/judgement.ts';
  import { suggestedBy } from '#core/learn/suggest.ts';
  import { onMount } from 'svelte';
  import type { Frame } from '#core/log/frame.ts';
  import type { Scan } from '#core/log/scan.ts';
  import { frameMarks } from '#core/log/border-note.ts';
  import { sayLightShort } from '../log/say-frame.ts';
  import Choice from '../Choice.svelte';
  import ScenePrint from '../verdict/ScenePrint.svelte';
  import { FAULT_WORDS, saySuggestion, sayTone, WORD_WORDS } from './say-learn.ts';
  import GradeField from './GradeField.svelte';
  import ScanPrint from './ScanPrint.svelte';

  let {
    frame,
    film,
    before,
    scan = null,
    onjudged,
    onunjudged
  }: {
    frame: Frame;
    /** As it was for the frame. */
    film: Film;
    before: Judgement | null;
    /** A scan of it; null = there is none. */
    scan?: Scan | null;
    onjudged: (said: Said) => void;
    onunjudged: () => void;
  } = $props();
  // a card is made anew for each frame
  // svelte-ignore state_referenced_locally
  let on = $state<JudgedOn>(before?.on ?? usuallyJudgedOn(film));
  // svelte-ignore state_referenced_locally
  let grade = $state<Grade | undefined>(before?.grade);
  // svelte-ignore state_referenced_locally
  let faults = $state.raw<readonly string[]>(before?.faults ?? []);
  const tone = $derived(printTone(film, filmWindow(film, frame.light?.contrast ?? 'normal').usable));

  const suggestion = $derived(scan && suggestedBy(scan.tones, tone));
  /** Whether the scan itself is pushed, instead of the drawn scene. */
  let pushing = $state(false);

  const is = (outcome: Outcome): boolean => JSON.stringify(before?.outcome) === JSON.stringify(outcome);

  /** Whether the frame has been on the screen: a digit that was meant for the one before does not land here. */
  let seen = $state(false);
  onMount(() => {
    // after the second frame the browser has painted this one
    const first = requestAnimationFrame(() => (second = requestAnimationFrame(() => (seen = true))));
    let second = 0;
    return () => {
      cancelAnimationFrame(first);
      cancelAnimationFrame(second);
    };
  });
  /** What the digits stand for: the seven tones of the strip, or the five words. */
  const keyed = $derived<readonly Outcome[]>(
    on === 'print'
      ? TONES.map((stops) => ({ kind: 'tone', stops }))
      : WORDS[on].map((word) => ({ kind: 'word', word }))
  );

  /** A digit judges a frame that is seen and not judged yet; what is judged is changed by pointing at it alone. */
  function key(event: KeyboardEvent): void {
    const { target } = event;
    const typing =
      target instanceof HTMLElement &&
      target.matches('input:not([type=checkbox], [type=radio]), textarea, select, [contenteditable]');
    const held = event.repeat || event.ctrlKey || event.metaKey || event.altKey;
    if (typing || held || !seen || before !== null) return;
    const outcome = /^[1-9]$/.test(event.key) ? keyed[Number(event.key) - 1] : undefined;
    if (outcome) say(outcome);
  }

  const say = (outcome: Outcome): void =>
    onjudged({ on, outcome, faults, ...(grade === undefined ? {} : { grade }) });

  /** A print is often made long after its negative was judged: its paper goes to what was said. */
  function print(on: Grade | undefined): void {
    grade = on;
    if (before) say(before.outcome);
  }

  function toggle(fault: string, has: boolean): void {
    faults = has ? [...faults, fault] : faults.filter((f) => f !== fault);
  }
</script>

<svelte:window onkeydown={key} />
<section
  class="grid gap-2.5 p-3.5 content-start self-start bg-(--sheet) border-[1.5px] border-(--ink) rounded-[4px]"
  aria-label="Judge frame {frame.number}"
  data-seen={seen ? 'yes' : undefined}
>
  <h2 class="[font:650_1.375rem/1.2_var(--font-display)]">
    Frame {frame.number}{frame.about.subject === '' ? '' : `: ${frame.about.subject}`}
  </h2>
  <p class="[font:650_1.1875rem/1.3_var(--font-display)]">
    {frameMarks(frame)}
    <span class="soft [font:400_0.9375rem_var(--font-body)] ml-2">{sayLightShort(frame.light)}</span>
    {#if frame.note !== ''}<i class="[font:400_0.9375rem_var(--font-body)] ml-2">{frame.note}</i>{/if}
  </p>
  <Choice
    label="Judged on"
    value={on}
    options={[
      ['print', 'The print or slide'],
      ['negative', 'The negative']
    ]}
    onchoose={(value: string) => (on = value === 'negative' ? 'negative' : 'print')}
  />
  {#if scan}
    <div class="flex flex-wrap gap-y-2.5 gap-x-4">
      <a href={scanPicture(scan, 'view')} target="_blank"
        ><img
          class="max-h-65 max-w-full p-1.5 print-paper border border-(--line)"
          src={scanPicture(scan, 'view')}
          alt="Scan {scan.name} of frame {frame.number}"
        /></a
      >
      <div class="flex-1 min-w-55 grid gap-2 content-start">
        {#if suggestion}
          <p>{saySuggestion(suggestion)}</p>
          <p class="soft">
            A hint only: labs and scanners correct exposures, and not every scene is grey in the middle. The
            print or negative itself decides.
          </p>
        {/if}
        {#if on === 'print'}
          <Choice
            label="Compared with"
            value={pushing ? 'scan' : 'drawn'}
            options={[
              ['drawn', 'A drawn scene'],
              ['scan', 'The scan itself']
            ]}
            onchoose={(value: string) => (pushing = value === 'scan')}
          />
        {/if}
      </div>
    </div>
  {/if}
  {#if on === 'print'}
    <p class="kicker">
      {pushing
        ? 'Pushed through this film’s curve: which looks as it should have come out?'
        : 'Which is closest?'}
    </p>
    {#if isNegative(film.kind)}
      <p class="soft">
        Prints of a negative look alike over several stops: a click here tells no more than can be seen. The
        negative tells more.
      </p>
    {/if}
    <div class="strip grid grid-cols-[repeat(auto-fit,minmax(88px,1fr))] gap-2">
      {#each TONES as stops, i (stops)}
        <button
          class="p-0 [border:3px_solid_transparent] rounded-[4px] bg-transparent text-left cursor-pointer hover:[border-color:var(--line)]"
          type="button"
          aria-pressed={is({ kind: 'tone', stops })}
          aria-label="{i + 1}: {sayTone(stops)}"
          onclick={() => say({ kind: 'tone', stops })}
        >
          {#if pushing && scan}
            <ScanPrint
              scanId={scan.id}
              range={developedRange(film)}
              stops={-stops}
              label={stops === 0 ? 'as it is' : `so it is ${sayTone(stops)}`}
            />
          {:else}
            <ScenePrint {tone} deltaStops={stops} label={sayTone(stops)} {film} />
          {/if}
          <kbd
            class="inline-block min-w-[1.5em] [font:600_0.875rem_var(--font-body)] [border:1px_solid_currentColor] [border-radius:3px] text-center"
            >{i + 1}</kbd
          >
        </button>
      {/each}
    </div>
  {:else}
    <p class="soft">
      Labs and scanners correct prints; the negative tells the truth. Hold it against the light.
    </p>
  {/if}
  {#if film.kind === 'negative-bw'}<GradeField {grade} ongrade={print} />{/if}
  <div class="items-start flex flex-wrap gap-1.5" role="group" aria-label="Or in a word">
    {#each WORDS[on] as word, i (word)}
      <button
        type="button"
        class="chip"
        aria-pressed={is({ kind: 'word', word })}
        onclick={() => say({ kind: 'word', word })}
        >{#if on === 'negative'}<kbd
            class="inline-block min-w-[1.5em] [font:600_0.875rem_var(--font-body)] [border:1px_solid_currentColor] [border-radius:3px] text-center"
            >{i + 1}</kbd
          >
        {/if}{WORD_WORDS[word]}</button
      >
    {/each}
  </div>
  {#if !frame.light}
    <p class="soft">Nobody told its light: the judgement is kept, and teaches nothing of the camera.</p>
  {:else if frame.doubts.includes('setting')}
    <p class="soft">
      Its marks are not sure any more: the judgement is kept, and teaches nothing of the camera.
    </p>
  {/if}
  {#if before}
    <button type="button" class="btn preset-outlined-surface-950-50" onclick={onunjudged}
      >Take this judgement away</button
    >
  {/if}
  <fieldset class="flex flex-wrap gap-y-0.5 gap-x-4 [border:0] p-0">
    <legend class="kicker mb-0.5">What else went wrong (tick before you judge)</legend>
    {#each FAULTS as fault (fault)}
      <label class="flex items-center gap-2 min-h-11">
        <input
          class="w-5 h-5 [accent-color:var(--accent)]"
          type="checkbox"
          checked={faults.includes(fault)}
          onchange={(e) => toggle(fault, e.currentTarget.checked)}
        />
        {FAULT_WORDS[fault]}
      </label>
    {/each}
  </fieldset>
</section>

<style>
  [aria-pressed='true'] {
    border-color: var(--accent) !important;
    font-weight: 650;
  }
</style>
