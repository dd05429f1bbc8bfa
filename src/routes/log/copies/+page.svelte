<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { momentAt } from '#core/sky/moment.ts';
  import { zoneHere } from '#core/sky/zone.ts';
  import { formatDecimal } from '#core/units/decimal.ts';
  import { bringCopyBack, compareCopy, makeCopy, type Difference } from '#ui/files/copies.ts';
  import CopyDifference from '#ui/files/CopyDifference.svelte';
  import { sayWhen } from '#ui/log/say-frame.ts';
  import { sayDone, sayTrouble } from '#ui/notices/say.ts';
  import { offline } from '#ui/offline/offline.svelte.ts';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const REASONS = {
    daily: 'each day’s',
    asked: 'asked for',
    'before-import': 'before a file was taken in',
    'before-return': 'before a copy was brought back',
    'before-upgrade': 'before a newer version of the program took it over'
  } as const;
  let busy = $state(false);
  /** The copy that is looked at, and what would be different with it. */
  let looked = $state.raw<{ readonly name: string; readonly difference: Difference } | null>(null);

  const sayMs = (ms: number): string => sayWhen(momentAt(ms, zoneHere()));
  const saySize = (bytes: number): string =>
    bytes < 1e6 ? `${Math.ceil(bytes / 1e3)} kB` : `${formatDecimal(bytes / 1e6, 1)} MB`;

  async function make(): Promise<void> {
    busy = true;
    const made = await makeCopy();
    busy = false;
    if (made.ok) sayDone('A copy is made.');
    else sayTrouble(made.error);
    await invalidateAll();
  }
  async function compare(name: string): Promise<void> {
    busy = true;
    const compared = await compareCopy(name);
    busy = false;
    if (compared.ok) looked = { name, difference: compared.value };
    else sayTrouble(compared.error);
  }
  async function bringBack(name: string): Promise<void> {
    busy = true;
    const brought = await bringCopyBack(name);
    busy = false;
    looked = null;
    if (brought.ok)
      sayDone('Everything is as it was in that copy. How it was before is a copy now, at the top.');
    else sayTrouble(brought.error);
    await offline.carry(true);
    await invalidateAll();
  }
</script>

<svelte:head><title>Copies · Just Enough</title></svelte:head>
<h1 class="title">Copies</h1>
<div class="grid max-w-220 gap-4">
  <p class="leading-snug">
    A copy of the log is made each day, before a file is taken in, before a newer version of the program takes
    it over, and when you ask for one. It holds everything but the scans’ files. Seven days, four weeks and
    twelve months are kept, in <code>{data.folder}</code>. Keep one on another disk too: a copy beside the
    original goes with it.
  </p>
  <button type="button" class="btn preset-filled min-h-11 justify-self-start" onclick={() => void make()}
    >Make a copy now</button
  >
  {#if busy}<p role="status">One moment …</p>{/if}
  {#if data.copies.length === 0}
    <p>There is no copy yet.</p>
  {:else}
    <ul class="grid gap-2" aria-label="Copies">
      {#each data.copies as copy (copy.name)}
        <li class="card grid gap-2 p-3">
          <div class="flex flex-wrap items-center justify-between gap-x-4">
            <span><b>{sayMs(copy.ms)}</b> {REASONS[copy.reason]}, {saySize(copy.bytes)}</span>
            <button
              type="button"
              class="btn preset-outlined-surface-950-50 min-h-11"
              aria-expanded={looked?.name === copy.name}
              aria-label="Compare the copy of {sayMs(copy.ms)} with today"
              onclick={() => (looked?.name === copy.name ? (looked = null) : void compare(copy.name))}
              >Compare with today</button
            >
          </div>
          {#if looked?.name === copy.name}
            <CopyDifference difference={looked.difference} />
            <button
              type="button"
              class="btn preset-filled-primary-700-300 min-h-11 justify-self-start"
              onclick={() => void bringBack(copy.name)}>Bring it back</button
            >
          {/if}
        </li>
      {/each}
    </ul>
  {/if}
</div>
