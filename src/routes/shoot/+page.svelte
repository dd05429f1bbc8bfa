<script lang="ts">
  import { setsOf } from '#core/camera/camera.ts';
  import { isInstant } from '#core/film/film.ts';
  import { onMount } from 'svelte';
  import { page } from '$app/state';
  import { stepsAround } from '#core/advice/steps.ts';
  import PositionsCard from '#ui/card/PositionsCard.svelte';
  import { useCurrent } from '#ui/current.svelte.ts';
  import ShootLight from '#ui/light/ShootLight.svelte';
  import LogButton from '#ui/LogButton.svelte';
  import { sayDone, sayTrouble } from '#ui/notices/say.ts';
  import { offline } from '#ui/offline/offline.svelte.ts';
  import { sayConflict } from '#ui/offline/say-offline.ts';
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
  const logger = new Logger(current);
  const adviser = new Adviser(current);
  onMount(() => () => adviser.stop());
  $effect(() => (around ? adviser.ask(around) : undefined));
  // without the server nothing was drawn beforehand: what to set, the ruler and the button come first, the rest right after them
  let whole = $state(!page.data['away']);
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
    if (put.kind === 'asked')
      sayTrouble(`${sayConflict(put.conflict, camera)} Say under “Offline” what is right.`);
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
  <div class="shoot">
    <section
      class="[grid-area:answer] pt-4 px-5 pb-3.5 grid [grid-template-columns:minmax(0,_1fr)] gap-3.5 bg-(--sheet) [border:1.5px_solid_var(--ink)] rounded-[4px] max-[900px]:contents"
      aria-label="What to set"
    >
      <div class="head" bind:this={head}>
        {#if current.isTold}
          <Answer {judged} />
          {#if whole}<FirstHelp judged={around} {adviser} />{/if}
        {:else}
          <LightGuide judged={around} />
        {/if}
      </div>
      {#if whole}
        <div class="frame apart"><FrameBar judged={around} {adviser} /></div>
        <div class="positions apart">
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
        {#if current.isTold}<div class="why apart">
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
    <section class="print" aria-label="The print">
      {#if whole && current.isTold}
        <div class="prints apart">
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
        <div class="later apart">
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
  <section class="card empty" role="alert">
    <h2>{current.pair.camera.name} with {current.pair.film.name} cannot be judged</h2>
    <p>{current.trouble}</p>
    <a class="btn preset-filled-primary-700-300" href="/kit">Choose another pair in Kit</a>
  </section>
{:else}
  <section class="card empty">
    <h2>No camera in use yet</h2>
    <p>
      Use a loaded camera from <a class="underline" href="/kit">Kit</a>, or answer three questions about
      yours.
    </p>
    <a class="btn preset-filled-primary-700-300" href="/start">Add a camera</a>
  </section>
{/if}

<style>
  .shoot {
    display: grid;
    grid-template-columns: 292px minmax(0, 1fr) 268px;
    grid-template-areas: 'light answer print';
    gap: 22px;
    align-items: start;
  }
  .positions {
    display: grid;
    gap: 12px;
  }
  /* what changes inside moves nothing outside: the browser need not look */
  .head {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 8px;
    contain: layout style;
  }
  .print,
  .prints,
  .later {
    display: grid;
    gap: 8px;
  }
  .print {
    grid-area: print;
  }
  .why {
    display: grid;
    align-items: start;
    grid-template-columns: 1fr 1fr;
    gap: 28px;
    margin-top: 2px;
  }
  .empty {
    display: grid;
    gap: 12px;
    justify-items: start;
    max-width: 36rem;
    margin: 24px auto;
    padding: 24px;
  }
  .empty h2 {
    font-size: 1.5rem;
  }
  .empty a {
    display: grid;
    place-content: center;
  }
  @media (max-width: 1100px) {
    .shoot {
      grid-template-columns: minmax(0, 1fr) minmax(0, 1.3fr);
      grid-template-areas: 'light answer' 'print answer';
    }
  }
  @media (max-width: 900px) {
    /* one column, in the order of the hand: what to set, the light, the camera, the reasons */
    .shoot {
      display: flex;
      flex-direction: column;
      align-items: stretch;
      gap: 14px;
    }
    .head,
    .frame,
    .positions,
    .why {
      padding: 12px 14px;
      background: var(--sheet);
      border: 1.5px solid var(--ink);
      border-radius: 4px;
    }
    /* below the first view: laid out when it comes near the screen */
    .positions,
    .why,
    .prints,
    .later {
      content-visibility: auto;
      contain-intrinsic-size: auto 420px;
    }
    .head,
    .frame {
      order: 1;
    }
    .positions {
      order: 3;
    }
    .print {
      order: 4;
    }
    .why {
      order: 5;
      grid-template-columns: minmax(0, 1fr);
      gap: 14px;
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
