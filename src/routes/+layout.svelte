<script lang="ts">
  import '../app.css';
  import { onMount, untrack } from 'svelte';
  import { afterNavigate, goto, invalidateAll } from '$app/navigation';
  import { navigating, page } from '$app/state';
  import { lightFromQuery } from '#schema/address/light-query.ts';
  import { Address, begun } from '#ui/address.svelte.ts';
  import { Current, provideCurrent } from '#ui/current.svelte.ts';
  import { nextScheme, schemeAfter, SCHEME_WORDS, withLook } from '#ui/scheme.ts';
  import { eyeOf } from '#core/practice/exercise.ts';
  import { carriedInUse, carriedPair } from '#core/offline/carried.ts';
  import { listen } from '#ui/places/keys.ts';
  import PlaceLinks from '#ui/places/PlaceLinks.svelte';
  import { placeOf, PLACES } from '#ui/places/places.ts';
  import PairChip from '#ui/PairChip.svelte';
  import { markRead } from '#ui/api.ts';
  import { answersNow, notices } from '#ui/notices/wanted.svelte.ts';
  import { settingsWith } from '#ui/offline/remember.ts';
  import { watchHome } from '#ui/offline/watch-home.ts';
  import { doEarly } from '#ui/early.ts';
  import { offline } from '#ui/offline/offline.svelte.ts';
  import { shell } from '#ui/offline/shell.svelte.ts';
  import OfflineChip from '#ui/offline/OfflineChip.svelte';
  import RuleLine from '#ui/rule/RuleLine.svelte';
  import LightRule from '#ui/rule/LightRule.svelte';
  import type { LayoutProps } from './$types';

  let { data, children }: LayoutProps = $props();
  // the first light and pair make the shared state; later ones are given to it below
  // svelte-ignore state_referenced_locally
  const current = provideCurrent(
    new Current(lightFromQuery(page.url.searchParams, data.readers).light, data.pair, data.films)
  );
  // svelte-ignore state_referenced_locally
  begun(current, data.readers);
  let keysShown = $state(false);
  function focusOn(selector: string): void {
    const found = document.querySelector<HTMLElement>(selector);
    found?.scrollIntoView({ block: 'center' });
    found?.focus();
  }
  /** Pages before there is a pair, or before anybody is let in: their address is their own, and no light is on them. */
  const isBefore = $derived(['/start', '/enter'].some((path) => page.url.pathname.startsWith(path)));

  const address = new Address(
    current,
    () => isBefore,
    () => data.readers
  );
  const settle = (): void => address.settle();

  /** The pair as the server knows it, with what the server does not know yet. */
  const pair = $derived.by(() => {
    const { carried } = offline;
    if (!carried) return data.pair;
    if (data.away) return carriedInUse(carried, data.asked);
    const { loadId, camera } = data.pair ?? { loadId: '', camera: { id: '' } };
    return offline.touches(loadId, camera.id) ? (carriedPair(carried, loadId) ?? data.pair) : data.pair;
  });

  /** The person's eye by what the phone carries: the server may not know yet that it shall correct. */
  function eyeCarried(wanted: boolean): Current['eye'] {
    const { carried } = offline;
    return wanted && carried ? eyeOf(carried.exercises, carried.guesses) : null;
  }

  $effect.pre(() => {
    const settings = withLook(settingsWith(data.settings));
    const { films, things, recent, outdoors } = data;
    const eye = data.eye ?? eyeCarried(settings.correctGuesses);
    const now = pair;
    // read and written in one go, what is written would start this anew without end
    untrack(() => {
      current.take(now, films, things);
      current.settings = settings;
      current.recent = recent;
      current.outdoors = outdoors;
      current.eye = eye;
    });
  });

  $effect(() => {
    const { scheme } = current.settings;
    document.documentElement.dataset['scheme'] = scheme;
    try {
      localStorage.setItem('just-enough-scheme', scheme);
    } catch {
      // a private visit keeps nothing: the look is then the server's alone
    }
  });

  /** Asks the server again; a person on the way to another page goes first. */
  async function refresh(): Promise<void> {
    await navigating.complete;
    await invalidateAll();
  }

  /** What was told is not told again. */
  async function readNotice(id: number): Promise<void> {
    await markRead(id);
    await refresh();
  }

  onMount(() => {
    // a light that was told grows old while the page is looked at
    const clock = setInterval(() => (current.nowMs = Date.now()), 20_000);
    return () => clearInterval(clock);
  });
  function leadTo(path: string): void {
    // where digits judge frames they lead nowhere
    if (!placeOf(page.url.pathname)?.ownDigits) void goto(`${path}${address.query}`);
  }
  onMount(() =>
    listen({
      ...Object.fromEntries(PLACES.flatMap(({ key, path }) => (key ? [[key, () => leadTo(path)]] : []))),
      d: () => nextScheme(current),
      '?': () => (keysShown = !keysShown)
    })
  );
  onMount(() => {
    void shell.register();
    return watchHome({ isAway: () => data.away, refresh });
  });
  afterNavigate(({ type }) => {
    // what the address says was taken up before: what was chosen since goes over it
    if (type === 'enter') doEarly();
    else void offline.carry();
  });

  // tells styles and tests that the page answers from now on
  $effect(() => {
    const { dataset } = document.documentElement;
    dataset['ready'] = 'yes';
    performance.mark('usable');
    answersNow();
  });
</script>

<a class="skip" href="#main">Skip to the page</a>
{#if page.url.pathname === '/shoot'}
  <!-- the two things that a frame needs, before everything that stands between -->
  <button type="button" class="skip" onclick={() => focusOn('[role=tab][aria-selected=true]')}
    >Tell the light</button
  >
  <button type="button" class="skip" onclick={() => focusOn('[data-key=L]')}>Log a frame</button>
{/if}
<header
  class="flex items-center gap-y-2 gap-x-4.5 min-h-13 py-0 px-7 border-b-[1.5px] border-b-(--line) print:hidden max-[640px]:py-0 max-[640px]:px-4 max-[640px]:gap-y-0 max-[640px]:gap-x-2.5 max-[640px]:min-h-11"
  onpointerdowncapture={settle}
  onfocusincapture={settle}
  onkeydowncapture={settle}
>
  <a
    href="/shoot{address.linked}"
    class="grid content-center min-h-11 [font:620_1.25rem/1_var(--font-display)] text-(--ink) whitespace-nowrap max-[900px]:hidden"
    >Just Enough</a
  >
  <PlaceLinks query={address.linked} />
  <PairChip href={`${data.away ? '/offline' : '/kit'}${address.linked}`} />
  <OfflineChip href="/offline{address.linked}" />
  <button
    type="button"
    class="min-h-11 min-w-11 text-(--soft) underline underline-offset-[3px] text-[0.9375rem] cursor-pointer"
    aria-label="Look: {SCHEME_WORDS[current.settings.scheme]}. Turn to {SCHEME_WORDS[
      schemeAfter(current.settings.scheme)
    ]}"
    onclick={() => nextScheme(current)}>{SCHEME_WORDS[current.settings.scheme]}</button
  >
</header>
{#if data.isDamaged && page.url.pathname !== '/damaged'}
  <div
    class="mt-3 mx-7 mb-0 py-2.5 px-3.5 border-[1.5px] border-(--accent) rounded-[4px] bg-(--sheet) flex flex-wrap items-center gap-y-2 gap-x-4 print:hidden max-[640px]:mx-4"
    role="alert"
  >
    <p>
      The database is damaged: nothing can be stored. <a class="underline" href="/damaged">What can be done</a
      >
    </p>
  </div>
{/if}
{#each data.notices as notice (notice.id)}
  <div
    class="mt-3 mx-7 mb-0 py-2.5 px-3.5 border-[1.5px] border-(--accent) rounded-[4px] bg-(--sheet) flex flex-wrap items-center gap-y-2 gap-x-4 print:hidden max-[640px]:mx-4"
    role="status"
    data-testid="notice"
  >
    <p>{notice.words}</p>
    <button
      type="button"
      class="btn preset-outlined-surface-950-50"
      onclick={() => void readNotice(notice.id)}>Understood</button
    >
  </div>
{/each}
{#if shell.fresh}
  <div
    class="mt-3 mx-7 mb-0 py-2.5 px-3.5 border-[1.5px] border-(--accent) rounded-[4px] bg-(--sheet) flex flex-wrap items-center gap-y-2 gap-x-4 print:hidden max-[640px]:mx-4"
  >
    <p>A new version is here. What is on the screen stays until you start it.</p>
    <button type="button" class="btn preset-outlined-surface-950-50" onclick={() => shell.takeUp()}
      >Start it</button
    >
  </div>
{/if}
{#if address.problems.length > 0}
  <div
    class="mt-3 mx-7 mb-0 py-2.5 px-3.5 border-[1.5px] border-(--accent) rounded-[4px] bg-(--sheet) flex flex-wrap items-center gap-y-2 gap-x-4 print:hidden max-[640px]:mx-4"
    role="alert"
  >
    {#each address.problems as problem, i (i)}<p>{problem}</p>{/each}
    <button type="button" class="btn preset-outlined-surface-950-50" onclick={() => (address.problems = [])}
      >Carry on with the light shown</button
    >
  </div>
{/if}
{#if !isBefore}
  <div class="contents print:hidden">
    {#if placeOf(page.url.pathname)?.light}<LightRule />{:else}<RuleLine />{/if}
  </div>
{/if}
<main
  class="pt-2.5 px-7 pb-7 print:p-0 max-[640px]:pt-1 max-[640px]:px-4 max-[640px]:pb-35 [@media(max-height:520px)]:pb-4!"
  id="main"
>
  {@render children()}
</main>

{#if keysShown}
  {#await import('#ui/places/KeySheet.svelte') then { default: KeySheet }}
    <KeySheet onclose={() => (keysShown = false)} />
  {/await}
{/if}
{#if notices.wanted}
  {#await import('#ui/notices/Notices.svelte') then { default: Notices }}<Notices />{:catch}
    <p
      class="mt-3 mx-7 mb-0 py-2.5 px-3.5 border-[1.5px] border-(--accent) rounded-[4px] bg-(--sheet) flex flex-wrap items-center gap-y-2 gap-x-4 print:hidden max-[640px]:mx-4"
      role="status"
    >
      {notices.plain}
    </p>
  {/await}
{/if}
