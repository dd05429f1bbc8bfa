<!-- One question of a drill: what is shown, the answer to give, and after it is sealed what was right and why. -->
<script lang="ts">
  import { filmWindow } from '#core/film/window.ts';
  import { printTone } from '#core/film/print.ts';
  import { judgedFilm } from '#core/practice/judged-film.ts';
  import type { Bag, Question } from '#core/practice/question.ts';
  import type { Drills } from './drills.svelte.ts';
  import { saySceneSubject } from './scene-words.ts';
  import { sayAsk, sayGraded, sayOption, sayStopsAnswer, sayTruth, sayWhy } from './say-question.ts';
  import SceneView from './SceneView.svelte';

  let { drills, question, bag }: { drills: Drills; question: Question; bag: Bag | null } = $props();
  const camera = $derived(question.own?.camera ?? bag?.situation.camera ?? null);
  const asksPrint = $derived(question.drill === 'print' || question.drill === 'mistake');
  const inHand = $derived(bag?.situation.film ?? null);
  const film = $derived(
    question.own?.film ?? (asksPrint || !inHand ? judgedFilm(inHand, bag?.films ?? []) : inHand)
  );
  const names = $derived({ camera: camera?.name ?? 'The camera', film: film.name });
  const { graded } = $derived(drills);

  const uid = $props.id();
  let slider = $state<HTMLInputElement | null>(null);
  /** Whether an answer was to be sealed before there was one. */
  let isEmpty = $state(false);

  /** The middle is an answer too, once it was touched. */
  function answerWith({ currentTarget }: { currentTarget: HTMLInputElement }): void {
    if (graded !== null) return;
    drills.answer = currentTarget.valueAsNumber;
    isEmpty = false;
  }
  function seal(): void {
    isEmpty = drills.answer === null;
    if (drills.answer === null) slider?.focus();
    else void drills.seal(drills.answer);
  }

  const printed = (deltaStops: number) => ({
    film,
    tone: printTone(film, filmWindow(film, question.scene?.contrast ?? 'normal').usable),
    deltaStops
  });
  /** The error that the answer would have given. */
  const given = $derived.by((): number | null => {
    const { asks, drill } = question;
    const { answer } = drills;
    if (graded === null || answer === null) return null;
    if (drill === 'light' || drill === 'compensation') {
      const off = graded.errorStops ?? 0;
      // a light called too bright is given too little
      return drill === 'light' ? -off : off;
    }
    const taken = asks.kind === 'one-of' ? asks.options[answer] : undefined;
    return taken?.kind === 'setting' ? taken.deltaStops : null;
  });
</script>

<div class="grid gap-3" data-testid="question" data-drill={question.drill}>
  <div class="grid gap-3 {question.scene ? 'lg:grid-cols-[minmax(0,1.5fr)_minmax(0,1fr)]' : ''}">
    {#if question.scene}
      {@const { scene } = question}
      <SceneView
        {scene}
        print={asksPrint ? printed(question.printStops) : null}
        label={saySceneSubject(scene)}
      />
    {/if}
    <div class="grid content-start gap-3">
      <h2 class="text-[1.25rem] leading-tight font-[650]">{sayAsk(question, names)}</h2>
      {#if question.asks.kind === 'stops'}
        {@const { from, to, step } = question.asks}
        <label class="grid gap-1">
          <output class="text-[1.125rem]">
            {drills.answer === null ? 'Slide to where it is' : sayStopsAnswer(question, drills.answer)}
          </output>
          <input
            type="range"
            class="block h-11 w-full accent-(--accent)"
            aria-label="Your answer"
            aria-valuetext={drills.answer === null
              ? 'no answer yet'
              : sayStopsAnswer(question, drills.answer)}
            aria-describedby={isEmpty ? `${uid}-empty` : undefined}
            bind:this={slider}
            min={from}
            max={to}
            {step}
            disabled={graded !== null}
            value={drills.answer ?? (from + to) / 2}
            oninput={answerWith}
            onclick={answerWith}
          />
        </label>
        {#if graded === null}
          <button type="button" class="btn preset-filled min-h-11 justify-self-start" onclick={seal}
            >That is my answer</button
          >
          {#if isEmpty}<p id="{uid}-empty" role="alert">Slide it first.</p>{/if}
        {/if}
      {:else}
        <div class="grid gap-2" role="group" aria-label="Your answer">
          {#each question.asks.options as option, i (i)}
            {@const isRight = graded !== null && i === question.asks.right}
            <button
              type="button"
              class="btn min-h-11 justify-start text-left whitespace-normal {isRight
                ? 'preset-filled'
                : 'preset-outlined-surface-950-50'}"
              aria-pressed={drills.answer === i}
              disabled={graded !== null}
              onclick={() => void drills.seal(i)}>{sayOption(option, camera)}</button
            >
          {/each}
        </div>
      {/if}
      {#if graded}
        <div class="grid gap-1.5 leading-snug" role="status" data-testid="graded" data-right={graded.right}>
          <p>
            <b>{sayGraded(question, graded)}</b>
            {graded.right && question.asks.kind === 'one-of' ? '' : sayTruth(question, camera)}
          </p>
          {#if sayWhy(question) !== ''}<p>{sayWhy(question)}</p>{/if}
        </div>
        <button
          type="button"
          class="btn preset-filled min-h-11 justify-self-start"
          onclick={() => drills.next()}
          {@attach (next: HTMLButtonElement) => next.focus({ preventScroll: true })}>Next</button
        >
      {/if}
    </div>
  </div>
  {#if graded && given !== null && question.scene}
    {@const { scene } = question}
    <div class="grid max-w-160 grid-cols-2 gap-2 bg-(--table) p-2.5">
      {#each [[given, 'as you would have it'], [0, 'as it is right']] as const as [deltaStops, words] (words)}
        <figure class="print-paper m-0 p-1.5">
          <SceneView {scene} print={printed(deltaStops)} label="The print {words}" />
          <figcaption class="pt-1 text-center text-[0.8125rem] leading-tight">{words}</figcaption>
        </figure>
      {/each}
    </div>
  {/if}
</div>
