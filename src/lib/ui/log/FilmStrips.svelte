<!-- Packs, rolls and reels, each with its strip of frames: empty, logged, and how the judged ones came out by their tone. -->
<script lang="ts">
  import type { Moment } from '#core/sky/moment.ts';
  import { sayDay } from './say-frame.ts';

  let {
    lines,
    shown
  }: {
    lines: readonly {
      readonly loadId: string;
      readonly cameraName: string;
      readonly filmName: string;
      readonly framesTotal: number;
      readonly firstNumber: number;
      readonly loadedAt: Moment;
      readonly finished: boolean;
      readonly strip: readonly {
        readonly number: number;
        readonly verdict: 'dark' | 'right' | 'light' | null;
      }[];
    }[];
    /** The load whose frames are shown; null = none of them. */
    shown: string | null;
  } = $props();
  const WORDS = { dark: 'too dark', right: 'right', light: 'too light' } as const;
  /** Frames drawn at most: a reel has too many to tell apart. */
  const MOST_DRAWN = 40;

  type Line = (typeof lines)[number];
  const stripOf = (line: Line) => {
    const byNumber = new Map(line.strip.map((s) => [s.number, s.verdict]));
    const most = Math.min(Math.max(line.framesTotal, line.strip.length), MOST_DRAWN);
    return Array.from({ length: most }, (_, i) => {
      const number = i + line.firstNumber;
      return byNumber.has(number) ? (byNumber.get(number) ?? 'logged') : 'empty';
    });
  };
  const summary = (line: Line): string => {
    const judged = line.strip.flatMap((s) => s.verdict ?? []);
    const counts = (['dark', 'right', 'light'] as const).flatMap((v) => {
      const n = judged.filter((j) => j === v).length;
      return n === 0 ? [] : `${n} ${WORDS[v]}`;
    });
    const to = line.finished ? ', finished' : '';
    return `${line.strip.length} of ${line.framesTotal}${to}${counts.length > 0 ? `: ${counts.join(', ')}` : ''}`;
  };

  let list: HTMLElement | undefined = $state();
  // the film whose frames are shown is seen, however long ago it was loaded
  $effect(() => {
    const here = shown === null ? null : list?.querySelector<HTMLElement>('[aria-current]')?.parentElement;
    if (list && here) list.scrollLeft = Math.max(0, here.offsetLeft - list.offsetLeft - 60);
  });
</script>

<ul aria-label="Films" bind:this={list}>
  {#each lines as line (line.loadId)}
    <li>
      <a
        href="/log?film={encodeURIComponent(line.loadId)}"
        aria-current={line.loadId === shown ? 'true' : undefined}
      >
        <b>{line.filmName}</b> in {line.cameraName}
        <svg
          viewBox="0 0 {Math.min(line.framesTotal, MOST_DRAWN) * 6} 8"
          preserveAspectRatio="xMinYMid"
          aria-hidden="true"
        >
          {#each stripOf(line) as frame, i (i)}
            <rect x={i * 6 + 0.75} y="0.75" width="4.5" height="6.5" class={frame} />
          {/each}
        </svg>
        <span class="soft">{summary(line)} · {sayDay(line.loadedAt)}</span>
      </a>
    </li>
  {/each}
</ul>

<style>
  ul {
    display: grid;
    grid-auto-flow: column;
    grid-auto-columns: minmax(200px, 1fr);
    gap: 8px;
    overflow-x: auto;
    padding-bottom: 8px;
    margin-bottom: 8px;
    overscroll-behavior-x: contain;
  }
  a {
    display: block;
    height: 100%;
    padding: 8px 10px;
    border: 1.5px solid var(--line);
    border-radius: 4px;
    background: var(--sheet);
    font-size: 0.9375rem;
    line-height: 1.25;
  }
  a:hover {
    border-color: var(--ink);
  }
  a[aria-current] {
    border: 2.5px solid var(--ink);
    padding: 7px 9px;
  }
  svg {
    display: block;
    width: 100%;
    height: 14px;
    margin: 5px 0 3px;
  }
  rect {
    stroke: var(--soft);
    stroke-width: 0.75;
    fill: none;
  }
  .logged {
    fill: var(--line);
  }
  .dark {
    fill: #1b1a18;
  }
  .right {
    fill: #8a867d;
  }
  .light {
    fill: #ffffff;
    stroke-width: 1.25;
  }
  @media print {
    ul {
      display: none;
    }
  }
</style>
