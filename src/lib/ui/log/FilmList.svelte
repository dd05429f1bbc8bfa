<!-- Packs, rolls and reels, each with its strip of frames: empty, logged, and how the judged ones came out; to be searched. -->
<script lang="ts">
  import { MOST_FILM_LINES, STRIP_LETTERS, type FilmLine, type StripPlace } from '#core/log/film-line.ts';
  import { sayDay } from './say-frame.ts';

  let {
    lines,
    shown,
    page
  }: {
    lines: readonly FilmLine[];
    /** The load whose frames are shown; null = none of them. */
    shown: string | null;
    /** Which page of all films these are; null = the latest. */
    page: { readonly page: number; readonly pages: number; readonly films: number } | null;
  } = $props();
  const WORDS = { dark: 'too dark', right: 'right', light: 'too light' } as const;
  const PLACES = ['empty', 'logged', 'dark', 'right', 'light'] as const satisfies readonly StripPlace[];
  let words = $state('');
  const found = $derived(
    lines.filter((l) =>
      words
        .trim()
        .toLowerCase()
        .split(/\s+/)
        .every((w) => `${l.filmName} ${l.cameraName} ${sayDay(l.loadedAt)}`.toLowerCase().includes(w))
    )
  );
  /** All places of a kind as one outline: a film has many. */
  const outline = (strip: string, place: StripPlace): string =>
    Array.from(strip)
      .flatMap((letter, i) => (letter === STRIP_LETTERS[place] ? `M${i * 6 + 0.75} .75h4.5v6.5h-4.5z` : []))
      .join('');
  const pageOf = (n: number): string =>
    `/log?films=${n}${shown === null ? '' : `&film=${encodeURIComponent(shown)}`}`;
  const summary = (line: FilmLine): string => {
    const counts = (['dark', 'right', 'light'] as const).flatMap((v) => {
      const n = line.judged[v];
      return n === 0 ? [] : `${n} ${WORDS[v]}`;
    });
    const to = line.finished ? ', finished' : '';
    return `${line.logged} of ${line.framesTotal}${to}${counts.length > 0 ? `: ${counts.join(', ')}` : ''}`;
  };
</script>

<details class="mb-2" open={page !== null}>
  <summary class="inline-flex min-h-11 cursor-pointer items-center underline"
    >{lines.length === 1
      ? 'The film'
      : page
        ? `All ${page.films} films${page.pages > 1 ? `, page ${page.page} of ${page.pages}` : ''}`
        : lines.length < MOST_FILM_LINES
          ? `All ${lines.length} films`
          : `The latest ${lines.length} films`}</summary
  >
  {#if lines.length > 6}
    <label class="my-1 block max-w-80"
      ><span class="sr-only">Search the films</span>
      <input class="input" type="search" placeholder="film, camera, month …" bind:value={words} /></label
    >
  {/if}
  <ul aria-label="Films" class="grid gap-x-4 sm:grid-cols-2 lg:grid-cols-3">
    {#each found as line (line.loadId)}
      <li class="border-t border-(--line) [content-visibility:auto] [contain-intrinsic-size:auto_68px]">
        <a
          href="/log?film={encodeURIComponent(line.loadId)}"
          class="block min-h-11 px-2 py-1.5 leading-snug hover:bg-(--well) aria-[current]:bg-(--sheet)"
          aria-current={line.loadId === shown ? 'true' : undefined}
        >
          <b>{line.filmName}</b> in {line.cameraName}
          <svg
            class="drawing my-0.5 block h-2.5 w-full"
            viewBox="0 0 {line.strip.length * 6} 8"
            preserveAspectRatio="xMinYMid"
            aria-hidden="true"
          >
            {#each PLACES as place (place)}
              {@const d = outline(line.strip, place)}
              {#if d !== ''}<path {d} class={place} />{/if}
            {/each}
          </svg>
          <span class="text-[0.875rem] text-(--soft)">{summary(line)} · {sayDay(line.loadedAt)}</span>
        </a>
      </li>
    {:else}
      <li>No film has “{words.trim()}” in its name, its camera’s or its month.</li>
    {/each}
  </ul>
  <nav class="flex gap-4" aria-label="Pages of films">
    {#if page && page.page > 1}<a class="link" href={pageOf(page.page - 1)}>Later films</a>{/if}
    {#if page ? page.page < page.pages : lines.length >= MOST_FILM_LINES}
      <a class="link" href={pageOf(page ? page.page + 1 : 1)}>{page ? 'Older films' : 'All films'}</a>
    {/if}
  </nav>
</details>

<style>
  path {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1;
  }
  .logged {
    fill: #9a9a9a;
  }
  .dark {
    fill: #2b2b2b;
  }
  .right {
    fill: #8c8c8c;
    stroke-width: 1.5;
  }
  .light {
    fill: #f4f4f4;
    stroke-dasharray: 1.5 1;
  }
</style>
