<script module lang="ts">
  import type { Snippet } from 'svelte';

  /** The frame of every bench: its name, the pair it is about, and what to do without one. */
  export interface BenchPageProps {
    name: string;
    children: Snippet;
  }
</script>

<script lang="ts">
  import { useCurrent } from '../current.svelte.ts';

  let { name, children }: BenchPageProps = $props();
  const current = useCurrent();
</script>

<svelte:head><title>{name} · Just Enough</title></svelte:head>
<div class="mt-1 mb-3 flex flex-wrap items-baseline justify-between gap-x-4">
  <h1 class="text-[1.75rem] font-[650]">{name}</h1>
  <a class="inline-grid min-h-11 min-w-11 content-center underline" href="/bench">Bench</a>
</div>
{#if current.judged}
  {@render children()}
{:else if current.pair}
  <p>{current.trouble} <a class="underline" href="/kit">Kit</a></p>
{:else}
  <p>
    No camera is loaded. <a class="inline-grid min-h-11 content-center underline" href="/kit">Load one</a>: a
    bench begins with the camera in hand.
  </p>
{/if}
