<!-- The answer while nobody has told the light: in which lights this pair works, and what to set in each. One press tells it. -->
<script lang="ts">
  import type { NamedPlace } from '#core/ways/choice.ts';
  import { useCurrent } from '../current.svelte.ts';
  import type { Judged } from '../current-judge.ts';
  import { chanceInHundred, sayInstruction } from '../text/say.ts';
  import { guideRows, isNow } from './light-guide.ts';

  let { judged }: { judged: Judged } = $props();
  const current = useCurrent();
  const { camera, film } = $derived(judged.pair);
  const place = $derived(current.settings.place);
  /** The light by the clock: the server's, until it has grown old or another place is meant. */
  const outdoors = $derived(isNow(current.outdoors, place, current.nowMs) ? current.outdoors : null);
  /** The sky's sums weigh much, and are seldom needed here. */
  async function workOut(there: NamedPlace, ms: number): Promise<void> {
    // where it cannot be fetched just now the row is left out
    const sky = await import('#core/ways/choice-from-sun.ts').catch(() => null);
    if (sky) current.outdoors = sky.outdoorsAt(there, ms);
  }
  $effect(() => {
    if (place && !outdoors) void workOut(place, current.nowMs);
  });
  const rows = $derived(
    current.reached
      ? guideRows(current.reached, {
          ...{ school: current.settings.school, outdoors, leftAt: current.leftAt }
        })
      : []
  );
  const late = $derived(current.told !== null);
</script>

<div class="grid gap-2" data-testid="light-guide">
  <p class="kicker">{camera.name} with {film.name}</p>
  <h2 class="text-2xl font-semibold">{late ? 'What is the light now?' : 'What is the light?'}</h2>
  <p>
    {late ? 'It was told more than half an hour ago. ' : ''}Press the one you see: the answer is beside it.
  </p>
  <ul class="grid">
    {#each rows as { name, more, light, verdict } (name)}
      <li class="border-t border-(--line)">
        <button
          type="button"
          class="grid min-h-11 w-full cursor-pointer grid-cols-[1.1fr_1fr_3.5rem] items-center gap-3 py-1 text-left hover:bg-(--well)"
          onclick={() => current.tell(light)}
        >
          <span class="leading-tight"
            ><b class="font-semibold">{name}</b>
            {#if more !== ''}<span class="block text-[0.875rem] text-(--soft)">{more}</span>{/if}</span
          >
          <span class="leading-tight">{sayInstruction(camera, verdict.setting).join(' ')}</span>
          <span class="text-right text-xl font-semibold"
            >{chanceInHundred(verdict.pUsable)}<span class="sr-only"> in 100 come out</span></span
          >
        </button>
      </li>
    {/each}
  </ul>
  <p class="text-[0.875rem] text-(--soft)">
    The number: how many of 100 such frames come out{judged.situation.support === 'standing'
      ? ', standing on something'
      : ', held in the hand'}.
  </p>
</div>
