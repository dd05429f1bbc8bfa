<!-- The links to the main places: above the page on a desk, below it under the thumb. -->
<script lang="ts">
  import backpack from 'lucide-static/icons/backpack.svg?raw';
  import camera from 'lucide-static/icons/camera.svg?raw';
  import lightbulb from 'lucide-static/icons/lightbulb.svg?raw';
  import ruler from 'lucide-static/icons/ruler.svg?raw';
  import sunset from 'lucide-static/icons/sunset.svg?raw';
  import notebookPen from 'lucide-static/icons/notebook-pen.svg?raw';
  import Icon from '../Icon.svelte';
  import { page } from '$app/state';
  import { MAIN_PLACES } from './places.ts';

  let { query }: { query: string } = $props();
  const ICONS = {
    camera,
    sunset,
    backpack,
    ruler,
    notebook: notebookPen,
    lightbulb
  } as const;
</script>

<nav class="apart mr-auto flex" aria-label="Places">
  {#each MAIN_PLACES as { path, name, icon } (path)}
    <a
      href="{path}{query}"
      class="flex items-center justify-center gap-1.5 min-h-13 min-w-11 pt-[3px] px-2 text-(--soft) [border-bottom:3px_solid_transparent] hover:text-(--ink)"
      aria-current={page.url.pathname.startsWith(path) ? 'page' : undefined}
      >{#if icon}<Icon svg={ICONS[icon]} size={20} />{/if}{name}</a
    >
  {/each}
</nav>

<style>
  a[aria-current] {
    color: var(--ink);
    font-weight: 650;
    border-color: var(--accent);
  }
  @media (max-width: 640px) and (min-height: 521px) {
    nav {
      order: 2;
      position: fixed;
      inset: auto 0 0;
      z-index: 5;
      margin: 0;
      background: var(--paper);
      border-top: 1.5px solid var(--line);
    }
    a {
      flex: 1;
      flex-direction: column;
      gap: 0;
      min-height: 50px;
      padding: 0 0 2px;
      font-size: 0.875rem;
      line-height: 1.2;
      border-bottom: 0;
      border-top: 3px solid transparent;
    }
  }
</style>
