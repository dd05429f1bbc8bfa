<script lang="ts">
  import { Switch } from '@skeletonlabs/skeleton-svelte';
  import { onMount } from 'svelte';
  import { learnEye } from '#core/learn/eye.ts';
  import { exerciseRead, printEyeOf } from '#core/practice/exercise.ts';
  import { schoolSd } from '#core/ways/light-group.ts';
  import { formatSignedThirds, formatThirds } from '#core/units/stops.ts';
  import { useCurrent } from '#ui/current.svelte.ts';
  import { offline } from '#ui/offline/offline.svelte.ts';
  import { changeSettings } from '#ui/offline/remember.ts';
  import EyeChart from '#ui/practice/EyeChart.svelte';
  import { sayEye, sayEyeIn, sayJudging } from '#ui/practice/say-eye.ts';
  import { GROUP_WORDS } from '#ui/practice/scene-words.ts';

  const current = useCurrent();
  onMount(() => void offline.carry());
  const exercises = $derived(offline.carried?.exercises ?? []);
  const guesses = $derived(
    [...(offline.carried?.guesses ?? []), ...exercises.flatMap((e) => exerciseRead(e) ?? [])].sort((a, b) =>
      a.at.at < b.at.at ? -1 : 1
    )
  );
  const eye = $derived(learnEye(guesses));
  const unread = $derived(exercises.filter((e) => e.kind === 'day' && e.read === null).length);
  const named = $derived(exercises.filter((e) => e.kind === 'drill' && e.drill === 'light'));
  const prints = $derived(exercises.filter((e) => e.kind === 'drill' && e.drill === 'print'));
  /** Mean and spread of errors in stops, of drills. */
  function meanOf(errors: readonly number[]): { readonly mean: number; readonly spread: number } {
    const mean = errors.reduce((a, b) => a + b, 0) / Math.max(1, errors.length);
    const spread = Math.sqrt(
      errors.reduce((s, e) => s + (e - mean) ** 2, 0) / Math.max(1, errors.length - 1)
    );
    return { mean, spread };
  }
  const errorsOf = (of: typeof prints): readonly number[] =>
    of.flatMap((e) => (e.kind === 'drill' && e.errorStops !== null ? [e.errorStops] : []));

  const judging = $derived(printEyeOf(exercises));
  function judgeBy(on: boolean): void {
    void changeSettings({ correctJudgements: on }, current.settings);
    current.settings = { ...current.settings, correctJudgements: on };
  }
  function use(on: boolean): void {
    void changeSettings({ correctGuesses: on }, current.settings);
    current.settings = { ...current.settings, correctGuesses: on };
  }
</script>

<svelte:head><title>Your eye · Just Enough</title></svelte:head>
<div class="mt-1 mb-3 flex flex-wrap items-baseline justify-between gap-x-4">
  <h1 class="text-[1.75rem] font-[650]">Your eye</h1>
  <a class="inline-grid min-h-11 min-w-11 content-center underline" href="/learn">Learn</a>
</div>
<div class="grid max-w-220 gap-5">
  {#if eye.guesses === 0}
    <p class="leading-snug">
      Nothing is known of your eye yet. Guess the light on Shoot before you measure it, or take a day of
      <a class="inline-grid min-h-11 content-center underline" href="/learn/days">the week in the field</a>:
      each guess that a meter or a picture answers counts.
    </p>
  {:else}
    <p class="text-[1.25rem] leading-snug" data-testid="eye">{sayEye(eye)}</p>
    <div class="overflow-x-auto">
      <table class="table">
        <thead>
          <tr
            ><th>You called it</th><th>Guesses</th><th>Off by</th><th>One guess scatters</th><th
              >The school says</th
            ></tr
          >
        </thead>
        <tbody>
          {#each eye.groups as group (group.group)}
            <tr>
              <th scope="row">{GROUP_WORDS[group.group]}</th>
              <td>{group.guesses}</td>
              <td>{formatSignedThirds(group.biasStops)} ± {formatThirds(group.biasSd)}</td>
              <td>± {formatThirds(group.spreadStops)}</td>
              <td>± {formatThirds(schoolSd(group.group))}</td>
            </tr>
          {/each}
        </tbody>
      </table>
    </div>
    <p class="soft leading-snug">
      Stops; + is called too bright. Few guesses count little: they lean on your others, and on the school’s
      spread.
    </p>
    <EyeChart {guesses} />
    <ul class="grid gap-1">
      {#each eye.groups as group (group.group)}<li>{sayEyeIn(group)}</li>{/each}
    </ul>
    <Switch
      checked={current.settings.correctGuesses}
      onCheckedChange={({ checked }: { checked: boolean }) => use(checked)}
    >
      <Switch.Control><Switch.Thumb /></Switch.Control>
      <Switch.Label>Let Shoot correct my guesses by this</Switch.Label>
      <Switch.HiddenInput />
    </Switch>
  {/if}
  {#if unread > 0}
    <p>{unread === 1 ? 'One guess was' : `${unread} guesses were`} never read: neither right nor wrong.</p>
  {/if}
  {#each [{ of: named, words: 'In drills you named the light', sides: ['too bright', 'too dark'] }, { of: prints, words: 'Prints you judged', sides: ['too light', 'too dark'] }] as { of, words, sides } (words)}
    {@const errors = errorsOf(of)}
    {#if errors.length > 2}
      {@const { mean, spread } = meanOf(errors)}
      <p>
        {words}, {errors.length} of them: {formatSignedThirds(mean) === '0'
          ? 'right in the mean'
          : `${formatThirds(Math.abs(mean))} ${mean > 0 ? sides[0] : sides[1]} in the mean`}, scattered by {formatThirds(
          spread
        )}.
      </p>
    {/if}
  {/each}
  {#if judging}
    <Switch
      checked={current.settings.correctJudgements}
      onCheckedChange={({ checked }: { checked: boolean }) => judgeBy(checked)}
    >
      <Switch.Control><Switch.Thumb /></Switch.Control>
      <Switch.Label>Correct the tones I judge by my drills</Switch.Label>
      <Switch.HiddenInput />
    </Switch>
    <p class="soft leading-snug">
      {sayJudging(judging)} What a camera is found to do changes with it; words like “too dark” stay.
    </p>
  {/if}
  <p class="soft leading-snug">
    How steady your hand is, is learned from frames judged for sharpness:
    <a class="inline-grid min-h-11 content-center underline" href="/log/judge">Judge</a>.
  </p>
</div>
