<script lang="ts">
  import { page } from '$app/state';
  import { useCurrent } from '#ui/current.svelte.ts';
  import IdeaFigure from '#ui/learn/ideas/IdeaFigure.svelte';
  import { IDEAS, ideaOf } from '#ui/learn/ideas/ideas.ts';

  const current = useCurrent();
  const PRACTICE = [
    {
      path: '/learn/drills',
      name: 'Drills',
      line: 'Two minutes: name the light, set the camera, judge a print.'
    },
    { path: '/learn/days', name: 'Seven days', line: 'A guess a day in the field, sealed, then read.' },
    { path: '/learn/eye', name: 'Your eye', line: 'What you call too bright or too dark, and by how much.' }
  ];
  const idea = $derived(ideaOf(page.url.searchParams.get('idea') ?? ''));
  const next = $derived(idea && IDEAS[IDEAS.indexOf(idea) + 1]);
  const shown = $derived(current.judged && { judged: current.judged, films: current.films });
</script>

<svelte:head><title>{idea ? `${idea.name} · ` : ''}Learn · Just Enough</title></svelte:head>
{#if idea}
  <div class="mt-1 mb-3 flex flex-wrap items-baseline justify-between gap-x-4">
    <h1 class="text-[1.75rem] font-[650]">{idea.name}</h1>
    <a class="inline-grid min-h-11 min-w-11 content-center underline print:hidden" href="/learn">Learn</a>
  </div>
  <div class="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-5 lg:grid-cols-[24rem_minmax(0,1fr)]">
    <div class="grid content-start gap-3">
      {#each idea.says as paragraph (paragraph)}<p class="leading-snug">{paragraph}</p>{/each}
      {#if next}
        <a
          class="inline-grid min-h-11 content-center justify-self-start underline print:hidden"
          href="/learn?idea={next.id}">Next: {next.name}</a
        >
      {/if}
    </div>
    <div class="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-2" data-testid="figure">
      {#if shown}
        <IdeaFigure figure={idea.figure(shown)} />
        <p class="soft leading-snug">{idea.caption(shown)}</p>
      {:else}
        <p>
          With a camera loaded its own numbers stand here. <a
            class="inline-grid min-h-11 content-center underline"
            href="/kit">Load one</a
          >.
        </p>
      {/if}
    </div>
  </div>
{:else}
  <h1 class="mt-1 mb-3 text-[1.75rem] font-[650]">Learn</h1>
  <ul class="mb-5 grid gap-3 sm:grid-cols-3">
    {#each PRACTICE as { path, name, line } (path)}
      <li>
        <a class="card grid h-full min-h-24 content-start gap-0.5 p-4" href={path}>
          <b class="text-[1.25rem]">{name}</b><span class="soft leading-snug">{line}</span>
        </a>
      </li>
    {/each}
  </ul>
  <h2 class="text-[1.25rem] font-[650]">Ideas</h2>
  <p class="soft mb-3 max-w-160">
    What is behind the answers, a page each{current.pair
      ? `, with the numbers of the ${current.pair.camera.name} and ${current.pair.film.name}`
      : ''}.
    <a class="inline-grid min-h-11 content-center underline" href="/learn/tables">Tables to print</a>.
  </p>
  <ul class="grid gap-3 sm:grid-cols-2 lg:grid-cols-3">
    {#each IDEAS as { id, name, line } (id)}
      <li>
        <a class="card grid h-full min-h-24 content-start gap-0.5 p-4" href="/learn?idea={id}">
          <b class="text-[1.125rem]">{name}</b><span class="soft leading-snug">{line}</span>
        </a>
      </li>
    {/each}
  </ul>
{/if}
