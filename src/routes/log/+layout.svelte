<!-- The parts of the Log, side by side; the film that is looked at goes along. -->
<script lang="ts">
  import { page } from '$app/state';
  import type { LayoutProps } from './$types';

  let { data, children }: LayoutProps = $props();
  const PARTS = [
    ['/log', 'Frames'],
    ['/log/roll', 'Write a film up'],
    ['/log/scans', 'Scans'],
    ['/log/judge', 'Judge'],
    ['/log/numbers', 'Numbers'],
    ['/log/files', 'Import and export'],
    ['/log/copies', 'Copies']
  ] as const;
  const film = $derived(page.url.searchParams.get('film'));
  const rest = $derived(film === null ? '' : `?film=${encodeURIComponent(film)}`);
</script>

<nav class="flex flex-wrap gap-y-0 gap-x-4.5 mb-1.5 print:hidden" aria-label="Parts of the log">
  {#each PARTS as [path, name] (path)}
    <a
      class="grid content-center min-h-11 text-(--soft) underline [text-decoration-color:transparent] [text-underline-offset:6px] [text-decoration-thickness:2px] hover:text-(--ink)"
      href="{path}{rest}"
      aria-current={page.url.pathname === path ? 'page' : undefined}>{name}</a
    >
  {/each}
</nav>
{#if data.filmGone}
  <p class="care mb-3" role="status">
    The film that this address names is not in the log any more. What follows is another one.
  </p>
{/if}
{@render children()}

<style>
  a[aria-current] {
    color: var(--ink);
    font-weight: 650;
    text-decoration-color: var(--ink);
  }
</style>
