<!-- The light on Shoot: guessed first if that is the habit, then found by any way. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import { formatLv } from '#core/units/stops.ts';
  import type { LightChoice } from '#core/ways/choice.ts';
  import { correctedLight } from '#core/learn/eye.ts';
  import { changeSettings } from '../offline/remember.ts';
  import { useCurrent } from '../current.svelte.ts';
  import type { Judged } from '../current-judge.ts';
  import { sayGuess } from '../log/say-frame.ts';
  import { sayCorrection } from './say-correction.ts';
  import LightPanel from './LightPanel.svelte';

  let { judged }: { judged: Judged } = $props();
  const current = useCurrent();
  // the panel shows how the light was found: while the marker is dragged that stays the same, and how much it is can wait
  // until it rests
  let shown = $state.raw(current.light);
  $effect.pre(() => {
    const { light } = current;
    if (light.way !== untrack(() => shown.way)) shown = light;
  });
  $effect.pre(() => {
    shown = judged.light;
  });
  // on another light than the guessed one the guess may be looked at
  const opened = $derived(current.guess !== null && current.guess !== current.light);

  /** A light found before it was known that guesses are to be corrected, as after a press on the way here. */
  let plain: LightChoice | null = null;
  function find(light: LightChoice): void {
    const eye = current.settings.correctGuesses ? current.eye : null;
    plain = eye ? null : light;
    current.tell(correctedLight(light, eye));
  }
  $effect(() => {
    const eye = current.settings.correctGuesses ? current.eye : null;
    untrack(() => {
      if (eye && plain !== null && current.light === plain) find(plain);
    });
  });

  /** The light as it was called, from now on. */
  function plainly(): void {
    plain = null;
    void changeSettings({ correctGuesses: false }, current.settings);
    current.settings = { ...current.settings, correctGuesses: false };
    find(current.light);
  }

  function habit(on: boolean): void {
    void changeSettings({ guessFirst: on }, current.settings);
    current.settings = { ...current.settings, guessFirst: on };
    if (!on) current.guess = null;
  }
</script>

{#if current.settings.guessFirst}
  <div
    class="grid gap-1.5 mb-2.5 py-2 px-2.5 [border-left:4px_solid_var(--accent)] bg-(--well) text-[0.9375rem] leading-[1.3]"
    data-testid="guess"
  >
    {#if current.guess === null}
      <p>Guess first: choose the light by eye, then seal it.</p>
      <button type="button" class="chip" onclick={() => current.seal()}>
        Seal LV {formatLv(current.light.lv)} as my guess
      </button>
    {:else if opened}
      <p>{sayGuess(current.guess, current.light)}. Both go into the log.</p>
      <button type="button" class="chip" onclick={() => (current.guess = null)}>Guess again</button>
    {:else}
      <p>Sealed. Now read a meter, or find the light another way.</p>
    {/if}
    {#if current.guess !== null}
      <label class="grid gap-0.5 [flex-basis:100%]"
        >What it goes by
        <input class="input" maxlength="500" bind:value={current.reason} /></label
      >
    {/if}
  </div>
{/if}
{#if 'eye' in shown.way && shown.way.eye}
  <p class="mb-2.5 text-[0.9375rem] leading-[1.3]" data-testid="by-record">
    {sayCorrection(shown.way.eye)}
    <button type="button" class="min-h-11 cursor-pointer underline" onclick={plainly}>As I called it</button>
  </p>
{/if}
<LightPanel
  light={shown}
  onlight={find}
  settings={current.settings}
  recent={current.recent}
  things={current.things}
  told={current.isTold}
/>
<label class="flex min-h-11 items-center gap-2.5 text-[0.9375rem] text-(--soft)">
  <input
    class="checkbox"
    type="checkbox"
    checked={current.settings.guessFirst}
    onchange={(event) => habit(event.currentTarget.checked)}
  />
  Guess before I measure
</label>
