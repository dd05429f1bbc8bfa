<script lang="ts">
  import { setsOf } from '#core/camera/camera.ts';
  import { isInstant } from '#core/film/film.ts';
  import { onMount, untrack } from 'svelte';
  import { stepsAround } from '#core/advice/steps.ts';
  import PositionsCard from '#ui/card/PositionsCard.svelte';
  import { useCurrent } from '#ui/current.svelte.ts';
  import ShootLight from '#ui/light/ShootLight.svelte';
  import LogButton from '#ui/LogButton.svelte';
  import { sayDone } from '#ui/notices/say.ts';
  import { offline } from '#ui/offline/offline.svelte.ts';
  import { sayAsked } from '#ui/offline/say-asked.ts';
  import Answer from '#ui/shoot/Answer.svelte';
  import BeforePress from '#ui/shoot/BeforePress.svelte';
  import FilmLeft from '#ui/shoot/FilmLeft.svelte';
  import FrameBar from '#ui/shoot/frame/FrameBar.svelte';
  import Glance from '#ui/shoot/Glance.svelte';
  import LightGuide from '#ui/shoot/LightGuide.svelte';
  import { listen } from '#ui/places/keys.ts';
  import { Logger } from '#ui/shoot/logger.svelte.ts';
  import { Adviser } from '#ui/verdict/adviser.svelte.ts';
  import FirstHelp from '#ui/verdict/FirstHelp.svelte';
  import Prints from '#ui/verdict/Prints.svelte';
  import ReasonSum from '#ui/verdict/ReasonSum.svelte';
  import WhatHelps from '#ui/verdict/WhatHelps.svelte';
  import RoomGauge from '#ui/verdict/RoomGauge.svelte';
  import { whenRested } from '#ui/when-rested.svelte.ts';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const current = useCurrent();
  const judged = $derived(current.judged);
  // while the light is dragged the answer follows at once; what is drawn around it follows when the drag pauses
  // for longer than a few frames, so that a steady drag waits for none of it
  const REST_MS = 60;
  let rested = $state.raw(current.judged);
  whenRested(
    () => judged,
    REST_MS,
    () => (rested = current.judged)
  );
  // asks for the pair alone, so that a light on the move does not reach what is drawn around
  const around = $derived(rested && rested.pair.loadId === current.pair?.loadId ? rested : judged);
  const logger = new Logger(
    current,
    untrack(() => data.bracket)
  );
  const adviser = new Adviser(current);
  onMount(() => () => adviser.stop());
  $effect(() => (around ? adviser.ask(around) : undefined));
  // without the server nothing was drawn beforehand: what to set, the ruler and the button come first, the rest right after them
  let whole = $state(untrack(() => !data.away));
  onMount(() => {
    const timer = setTimeout(() => (whole = true));
    return () => clearTimeout(timer);
  });
  let head = $state<HTMLElement>();
  const timesItself = $derived(around !== null && setsOf(around.pair.camera).time);
  const counted = $derived(around?.shown.setting.timedByHand === true);

  /** Remembers that the controls stand as the card shows them. */
  async function setAsShown(): Promise<void> {
    if (!judged) return;
    const { camera, cameraRevision, present: before } = judged.pair;
    const { choice } = judged.shown.setting;
    const leave = (from: typeof before, to: typeof before) =>
      offline.put({ kind: 'stand', cameraId: camera.id, cameraRevision, from, to });
    const put = await leave(before, choice);
    if (put.kind === 'asked') await sayAsked(put.conflict, camera);
    else sayDone('The controls stand as shown.', () => void leave(choice, before));
  }

  function step(way: 'darker' | 'lighter'): void {
    if (!judged) return;
    const setting = stepsAround(judged.situation, judged.shown.setting)[way];
    if (setting) current.picked = setting.choice;
  }

  onMount(() =>
    listen({
      '[': () => current.moveLight(current.light.lv - 1 / 3),
      ']': () => current.moveLight(current.light.lv + 1 / 3),
      '{': () => current.moveLight(current.light.lv - 1),
      '}': () => current.moveLight(current.light.lv + 1),
      ',': () => step('darker'),
      '.': () => step('lighter'),
      a: () => (current.picked = null),
      s: () => void setAsShown(),
      l: () => judged && void logger.log(judged),
      b: () => (logger.bracket ? logger.leave() : judged && logger.begin(judged)),
      t: () => document.querySelector<HTMLButtonElement>('[data-key="T"]')?.click(),
      u: () => current.takeBack()
    })
  );
</script>

<svelte:head><title>Shoot · Just Enough</title></svelte:head>
<h1 class="sr-only">Shoot</h1>

{#if judged && around}
  {#if current.isTold}<Glance {judged} answer={head} />{/if}
  <div
    class="grid grid-cols-[292px_minmax(0,1fr)_268px] [grid-template-areas:'light_answer_print'] gap-5.5 items-start max-[1100px]:grid-cols-[minmax(0,1fr)_minmax(0,1.3fr)] max-[1100px]:[grid-template-areas:'light_answer'_'print_answer'] max-[900px]:flex max-[900px]:flex-col max-[900px]:items-stretch max-[900px]:gap-3.5"
  >
    <section
      class="[grid-area:answer] pt-4 px-5 pb-3.5 grid [grid-template-columns:minmax(0,_1fr)] gap-3.5 bg-(--sheet) [border:1.5px_solid_var(--ink)] rounded-[4px] max-[900px]:contents"
      aria-label="What to set"
    >
      <div
        class="grid grid-cols-[minmax(0,1fr)] gap-2 [contain:layout_style] max-[900px]:py-3 max-[900px]:px-3.5 max-[900px]:bg-(--sheet) max-[900px]:border-[1.5px] max-[900px]:border-(--ink) max-[900px]:rounded-[4px] max-[900px]:order-1"
        bind:this={head}
      >
        {#if current.isTold}
          <Answer {judged} />
          {#if whole}<FirstHelp judged={around} {adviser} />{/if}
        {:else}
          <LightGuide judged={around} />
        {/if}
      </div>
      {#if whole}
        <div
          class="apart max-[900px]:py-3 max-[900px]:px-3.5 max-[900px]:bg-(--sheet) max-[900px]:border-[1.5px] max-[900px]:border-(--ink) max-[900px]:rounded-[4px] max-[900px]:order-1"
        >
          <FrameBar judged={around} {adviser} />
        </div>
        <div
          class="positions apart grid grid-cols-[minmax(0,1fr)] gap-3 max-[900px]:py-3 max-[900px]:px-3.5 max-[900px]:bg-(--sheet) max-[900px]:border-[1.5px] max-[900px]:border-(--ink) max-[900px]:rounded-[4px] max-[900px]:order-3"
        >
          <PositionsCard judged={around} onset={() => void setAsShown()} />
          <BeforePress judged={around} />
          {#if timesItself}
            {#await import('#ui/heard/HeardTime.svelte') then { default: HeardTime }}
              <HeardTime judged={around} {logger} />
            {/await}
          {/if}
          {#if counted}
            {#await import('#ui/shoot/LongExposure.svelte') then { default: LongExposure }}
              <LongExposure
                judged={around}
                timed={logger.timedSeconds}
                ontimed={(seconds: number | null) => (logger.timedSeconds = seconds)}
              />
            {/await}
          {/if}
        </div>
        {#if current.isTold}<div
            class="why apart grid items-start grid-cols-[1fr_1fr] gap-7 mt-0.5 max-[900px]:py-3 max-[900px]:px-3.5 max-[900px]:bg-(--sheet) max-[900px]:border-[1.5px] max-[900px]:border-(--ink) max-[900px]:rounded-[4px] max-[900px]:order-5 max-[900px]:grid-cols-[minmax(0,1fr)] max-[900px]:gap-3.5"
          >
            <RoomGauge judged={around} />
            <ReasonSum judged={around} />
          </div>{/if}
      {/if}
    </section>
    <section class="[grid-area:light] max-[900px]:order-2" aria-label="The light">
      {#if whole}
        <ShootLight judged={around} />
      {/if}
    </section>
    <section
      class="grid grid-cols-[minmax(0,1fr)] gap-2 [grid-area:print] max-[900px]:order-4"
      aria-label="The print"
    >
      {#if whole && current.isTold}
        <div class="prints apart grid grid-cols-[minmax(0,1fr)] gap-2">
          <p class="kicker">What the print will look like</p>
          <Prints judged={around} />
        </div>
      {/if}
      <div class="log fixed-low apart"><LogButton {judged} {around} {logger} /></div>
      {#if whole}
        {#await import('#ui/routine/RoutineNext.svelte') then { default: RoutineNext }}
          <RoutineNext judged={around} logged={logger.logged} />
        {/await}
      {/if}
      {#if logger.logged && isInstant(around.pair.film.kind)}
        {#key logger.logged.id}
          {#await import('#ui/bench/develop/AfterLog.svelte') then { default: AfterLog }}
            <AfterLog judged={around} number={logger.logged.number} />
          {/await}
        {/key}
      {/if}
      {#if whole}
        <div class="later apart grid grid-cols-[minmax(0,1fr)] gap-2">
          <FilmLeft judged={around} />
          {#if current.settings.place}
            {#await import('#ui/plan/TonightLine.svelte') then { default: TonightLine }}
              <TonightLine pair={around.pair} place={current.settings.place} />
            {/await}
          {/if}
          {#if current.isTold}<WhatHelps judged={around} {adviser} />{/if}
        </div>
      {/if}
    </section>
  </div>
{:else if current.pair}
  <section class="card grid gap-3 justify-items-start max-w-144 my-6 mx-auto p-6" role="alert">
    <h2 class="text-[1.5rem]">{current.pair.camera.name} with {current.pair.film.name} cannot be judged</h2>
    <p>{current.trouble}</p>
    <a class="btn preset-filled-primary-700-300 grid place-content-center" href="/kit"
      >Choose another pair in Kit</a
    >
  </section>
{:else}
  <section class="card grid gap-3 justify-items-start max-w-144 my-6 mx-auto p-6">
    <h2 class="text-[1.5rem]">No camera in use yet</h2>
    <p>
      Use a loaded camera from <a class="underline grid place-content-center" href="/kit">Kit</a>, or answer
      three questions about yours.
    </p>
    <a class="btn preset-filled-primary-700-300 grid place-content-center" href="/start">Add a camera</a>
  </section>
{/if}

<style>
  /* what changes inside moves nothing outside: the browser need not look */
  @media (max-width: 900px) {
    /* one column, in the order of the hand: what to set, the light, the camera, the reasons */
    /* below the first view: laid out when it comes near the screen */
    .positions,
    .why,
    .prints,
    .later {
      content-visibility: auto;
      contain-intrinsic-size: auto 420px;
    }
  }
  @media (max-width: 640px) {
    .log {
      position: fixed;
      inset: auto 0 46px;
      z-index: 5;
      padding: 8px 16px;
      background: var(--paper);
    }
  }
</style>
