<!-- The light on Shoot: guessed first if that is the habit, then found by any way; and what the camera's eye makes of it. -->
<script lang="ts">
  import { setsItself } from '#core/camera/camera.ts';
  import { untrack } from 'svelte';
  import { formatLv } from '#core/units/stops.ts';
  import type { LightChoice } from '#core/ways/choice.ts';
  import { changeSettings } from '../offline/remember.ts';
  import { useCurrent } from '../current.svelte.ts';
  import type { Judged } from '../current-judge.ts';
  import { sayGuess } from '../log/say-frame.ts';
  import LightPanel from './LightPanel.svelte';

  let { judged }: { judged: Judged } = $props();
  const current = useCurrent();
  const itself = $derived(setsItself(judged.pair.camera));
  let board = $state(false);
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

  function find(light: LightChoice): void {
    current.tell(light);
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
<LightPanel
  light={shown}
  onlight={find}
  settings={current.settings}
  recent={current.recent}
  things={current.things}
  told={current.isTold}
/>
<label class="habit">
  <input
    type="checkbox"
    checked={current.settings.guessFirst}
    onchange={(e) => habit(e.currentTarget.checked)}
  />
  Guess before I measure
</label>
{#if itself}
  <button type="button" class="chip w-full mb-2" aria-expanded={board} onclick={() => (board = !board)}>
    What its eye sees
  </button>
  {#if board}
    {#await import('./EyeBoard.svelte') then { default: EyeBoard }}
      <EyeBoard
        {judged}
        counted={current.conditions.circumstances?.eyeOffsetStops ?? 0}
        oncount={(eyeOffsetStops: number) => current.ask({ eyeOffsetStops })}
      />
    {/await}
  {/if}
{/if}

<style>
  .habit {
    display: flex;
    align-items: center;
    gap: 8px;
    min-height: 44px;
    color: var(--soft);
    font-size: 0.9375rem;
  }
  .habit input {
    width: 20px;
    height: 20px;
    accent-color: var(--accent);
  }
</style>
