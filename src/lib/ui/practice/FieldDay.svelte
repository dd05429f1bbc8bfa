<!-- One day in the field: the guess is sealed with its reason, then the light is read. -->
<script lang="ts">
  import type { DayExercise } from '#core/practice/exercise.ts';
  import { isMetered } from '#core/ways/light-group.ts';
  import { choiceFromShadow, type LightChoice } from '#core/ways/choice.ts';
  import { formatLv } from '#core/units/stops.ts';
  import { useCurrent } from '../current.svelte.ts';
  import LightPanel from '../light/LightPanel.svelte';
  import { sayGuess, sayLightShort } from '../log/say-frame.ts';
  import { hereNow } from '../offline/home.ts';
  import { offline } from '../offline/offline.svelte.ts';
  import type { WeekDay } from './week.ts';

  let { day, done }: { day: WeekDay; done: DayExercise | null } = $props();
  const current = useCurrent();
  let guess = $state.raw<LightChoice>(choiceFromShadow('sharp'));
  let reason = $state('');
  /** The reading while it is looked for; null = nothing was read yet. */
  let found = $state.raw<LightChoice | null>(null);
  const panel = $derived({ settings: current.settings, recent: [], things: current.things, told: true });

  async function seal(): Promise<void> {
    const exercise: DayExercise = {
      ...{ kind: 'day', id: crypto.randomUUID(), at: hereNow(), day: day.day },
      ...{ guess, reason: reason.trim(), read: null }
    };
    await offline.put({ kind: 'practise', exercise });
  }
  async function read(of: DayExercise, light: LightChoice): Promise<void> {
    await offline.put({ kind: 'practise', exercise: { ...of, read: { light, at: hereNow() } } });
    found = null;
  }
</script>

<section class="grid max-w-200 gap-3" aria-label="Day {day.day}">
  <p class="text-[1.125rem] leading-snug">{day.look}</p>
  <p class="soft leading-snug">{day.by}</p>
  {#if done?.read}
    {@const { guess: sealed, read: reading } = done}
    <p class="text-[1.125rem]" role="status" data-testid="day-result">
      {sayGuess(sealed, reading.light)}. Read: {sayLightShort(reading.light)}.
    </p>
    {#if done.reason !== ''}<p class="soft">You went by: {done.reason}</p>{/if}
  {:else if done}
    <p role="status">
      <b>Sealed: LV {formatLv(done.guess.lv)}.</b> Now read a meter there, or take a picture. Until then this guess
      counts as neither right nor wrong.
    </p>
    <LightPanel {...panel} light={found ?? done.guess} onlight={(light: LightChoice) => (found = light)} />
    {#if found && isMetered(found.way)}
      {@const light = found}
      <button
        type="button"
        class="btn preset-filled min-h-11 justify-self-start"
        onclick={() => void read(done, light)}>The reading is LV {formatLv(light.lv)}</button
      >
    {:else}
      <p class="soft">Under Meter or Picture.</p>
    {/if}
  {:else}
    <LightPanel {...panel} light={guess} onlight={(light: LightChoice) => (guess = light)} />
    <label class="grid gap-0.5"
      >What it goes by
      <input class="input" maxlength="500" bind:value={reason} /></label
    >
    <button type="button" class="btn preset-filled min-h-11 justify-self-start" onclick={() => void seal()}
      >Seal LV {formatLv(guess.lv)} as my guess</button
    >
  {/if}
</section>
