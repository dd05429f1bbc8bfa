<script lang="ts">
  import { onMount } from 'svelte';
  import { page } from '$app/state';
  import { sayDay } from '#ui/log/say-frame.ts';
  import { offline } from '#ui/offline/offline.svelte.ts';
  import FieldDay from '#ui/practice/FieldDay.svelte';
  import { courseOf, WEEK } from '#ui/practice/week.ts';

  onMount(() => void offline.carry());
  const course = $derived(courseOf(offline.carried?.exercises ?? []));
  const asked = $derived(Number(page.url.searchParams.get('day')));
  const day = $derived(WEEK.find((d) => d.day === asked) ?? course.next ?? null);
  const done = $derived(day ? (course.done.get(day.day) ?? null) : null);
  const finished = $derived([...course.done.values()]);
  const readDays = $derived(finished.filter((d) => d.read !== null).length);

  function state(n: number): string {
    const of = course.done.get(n);
    if (!of) return '';
    return of.read ? `read ${sayDay(of.at)}` : 'guessed, not read';
  }
</script>

<svelte:head><title>Seven days · Just Enough</title></svelte:head>
<div class="mt-1 mb-3 flex flex-wrap items-baseline justify-between gap-x-4">
  <h1 class="text-[1.75rem] font-[650]">{day ? `Day ${day.day}: ${day.name}` : 'Seven days'}</h1>
  <a class="inline-grid min-h-11 min-w-11 content-center underline" href="/learn">Learn</a>
</div>
<div class="grid gap-5 lg:grid-cols-[minmax(0,1fr)_18rem]">
  {#if day}
    {#key day.day}<FieldDay {day} {done} />{/key}
  {:else}
    <p class="leading-snug">
      The week is whole{course.weeks > 0 ? `, once more (week ${course.weeks + 1})` : ''}: {readDays} of 7 were
      read. Take any day again: it begins a new week. What the guesses say stands under
      <a class="inline-grid min-h-11 content-center underline" href="/learn/eye">Your eye</a>.
    </p>
  {/if}
  <ol class="grid content-start gap-1.5" aria-label="The week">
    {#each WEEK as { day: n, name } (n)}
      <li>
        <a
          class="card flex min-h-11 flex-wrap items-baseline gap-x-2 p-3"
          href="/learn/days?day={n}"
          aria-current={day?.day === n ? 'page' : undefined}
        >
          <b>{n}. {name}</b><span class="soft">{state(n)}</span>
        </a>
      </li>
    {/each}
  </ol>
</div>
