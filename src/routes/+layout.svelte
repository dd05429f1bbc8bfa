<script lang="ts">
  import '../app.css';
  import { Toast } from '@skeletonlabs/skeleton-svelte';
  import { afterNavigate, replaceState } from '$app/navigation';
  import { page } from '$app/state';
  import { LIGHT_KEYS, lightFromQuery, queryFromLight } from '#schema/light-query.ts';
  import { Hand, provideHand } from '#ui/hand.svelte.ts';
  import { notices } from '#ui/notices.svelte.ts';
  import { nextScheme, schemeAfter, SCHEME_WORDS } from '#ui/scheme.ts';
  import PairChip from '#ui/PairChip.svelte';
  import LightRule from '#ui/rule/LightRule.svelte';
  import type { LayoutProps } from './$types';

  let { data, children }: LayoutProps = $props();
  // the first light and pair make the hand; later ones are given to it below
  // svelte-ignore state_referenced_locally
  const hand = provideHand(new Hand(lightFromQuery(page.url.searchParams).light, data.pair, data.films));
  let problems = $state.raw(lightFromQuery(page.url.searchParams).problems);

  const query = $derived.by(() => {
    const params = queryFromLight(hand.light);
    if (hand.pair) params.set('load', hand.pair.loadId);
    return `?${params.toString()}`;
  });
  const places = [
    { name: 'Shoot', path: '/shoot' },
    { name: 'Kit', path: '/kit' },
    { name: 'Log', path: '/log' }
  ] as const;

  $effect.pre(() => {
    hand.take(data.pair, data.films, data.things);
    hand.settings = data.settings;
    hand.recent = data.recent;
  });

  $effect(() => {
    document.documentElement.dataset['scheme'] = hand.settings.scheme;
  });

  // tells styles and tests that the page answers from now on
  $effect(() => {
    document.documentElement.dataset['ready'] = 'yes';
    performance.mark('usable');
  });

  afterNavigate(({ to }) => {
    const params = to?.url.searchParams;
    if (!params || !LIGHT_KEYS.some((k) => params.has(k))) return;
    const read = lightFromQuery(params);
    problems = read.problems;
    hand.light = read.light;
  });

  // the address follows the light, a moment after it rests, so that it can be kept, shared and reloaded
  $effect(() => {
    const next = query;
    const timer = setTimeout(() => {
      const url = new URL(location.href);
      if (!url.pathname.startsWith('/start') && url.search !== next && problems.length === 0) {
        const film = url.searchParams.get('film');
        replaceState(film === null ? next : `${next}&film=${encodeURIComponent(film)}`, {});
      }
    }, 250);
    return () => clearTimeout(timer);
  });
</script>

<a class="skip" href="#main">Skip to the page</a>
<header>
  <a href="/shoot{query}" class="brand">Just Enough</a>
  <nav aria-label="Places">
    {#each places as place (place.path)}
      <a
        href="{place.path}{query}"
        aria-current={page.url.pathname.startsWith(place.path) ? 'page' : undefined}>{place.name}</a
      >
    {/each}
  </nav>
  <PairChip href="/kit{query}" />
  <button
    type="button"
    class="scheme"
    aria-label="Look: {SCHEME_WORDS[hand.settings.scheme]}. Turn to {SCHEME_WORDS[
      schemeAfter(hand.settings.scheme)
    ]}"
    onclick={() => nextScheme(hand)}>{SCHEME_WORDS[hand.settings.scheme]}</button
  >
</header>
{#if problems.length > 0}
  <div class="problems" role="alert">
    {#each problems as problem (problem)}<p>{problem}</p>{/each}
    <button type="button" class="quiet" onclick={() => (problems = [])}>Carry on with the light shown</button>
  </div>
{/if}
{#if !page.url.pathname.startsWith('/start')}<LightRule />{/if}
<main id="main">{@render children()}</main>

<Toast.Group toaster={notices}>
  {#snippet children(toast)}
    <Toast {toast} class="notice">
      <Toast.Message><Toast.Title>{toast.title}</Toast.Title></Toast.Message>
      {#if toast.action}<Toast.ActionTrigger class="quiet">{toast.action.label}</Toast.ActionTrigger>{/if}
      <Toast.CloseTrigger class="close" aria-label="Close this message">×</Toast.CloseTrigger>
    </Toast>
  {/snippet}
</Toast.Group>

<style>
  .skip {
    position: absolute;
    left: -999px;
  }
  .skip:focus {
    left: 8px;
    top: 8px;
    background: var(--sheet);
    padding: 8px;
    z-index: 10;
  }
  header {
    display: flex;
    align-items: center;
    gap: 8px 26px;
    min-height: 52px;
    padding: 0 28px;
    border-bottom: 1.5px solid var(--line);
  }
  .brand {
    display: grid;
    align-content: center;
    min-height: 44px;
    font: 620 1.25rem/1 var(--font-display);
    color: var(--ink);
    white-space: nowrap;
  }
  nav {
    display: flex;
    gap: 4px;
    margin-right: auto;
  }
  nav a {
    display: grid;
    place-content: center;
    min-height: 52px;
    min-width: 44px;
    padding: 3px 10px 0;
    color: var(--soft);
    border-bottom: 3px solid transparent;
  }
  nav a:hover {
    color: var(--ink);
  }
  nav a[aria-current] {
    color: var(--ink);
    font-weight: 650;
    border-color: var(--accent);
  }
  .scheme {
    min-height: 44px;
    min-width: 44px;
    color: var(--soft);
    text-decoration: underline;
    text-underline-offset: 3px;
    font-size: 0.9375rem;
    cursor: pointer;
  }
  .problems {
    margin: 12px 28px 0;
    padding: 10px 14px;
    border: 1.5px solid var(--accent);
    border-radius: 4px;
    background: var(--sheet);
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 16px;
  }
  main {
    padding: 10px 28px 28px;
  }
  :global(.notice) {
    display: flex;
    align-items: center;
    gap: 12px;
    max-width: min(440px, calc(100vw - 24px));
    padding: 10px 10px 10px 16px;
    background: var(--ink);
    color: var(--sheet);
    border-radius: 4px;
    font-size: 1rem;
  }
  :global(.notice .quiet) {
    color: var(--sheet);
    border-color: var(--sheet);
  }
  :global(.notice .quiet:hover) {
    color: var(--ink);
  }
  :global(.notice .close) {
    min-width: 44px;
    min-height: 44px;
    font-size: 1.4rem;
    cursor: pointer;
  }
  @media (max-width: 640px) {
    header {
      flex-wrap: wrap;
      padding: 0 16px;
      gap: 0 10px;
    }
    .brand {
      display: none;
    }
    nav {
      order: 2;
      position: fixed;
      inset: auto 0 0;
      z-index: 5;
      margin: 0;
      justify-content: space-around;
      background: var(--paper);
      border-top: 1.5px solid var(--line);
    }
    nav a {
      flex: 1;
      min-height: 46px;
      border-bottom: 0;
      border-top: 3px solid transparent;
    }
    header {
      min-height: 44px;
    }
    main {
      padding: 4px 16px 140px;
    }
    .problems {
      margin-inline: 16px;
    }
  }
</style>
