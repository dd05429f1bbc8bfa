<!-- A change that the server has something against: both sides beside each other, one press settles it. -->
<script lang="ts">
  import type { Carried } from '#core/offline/carried.ts';
  import type { Queued } from '#core/offline/queue.ts';
  import { sayWhen } from '../log/say-frame.ts';
  import { offline } from './offline.svelte.ts';
  import { cameraOfAction, sayConflict, sayAction, sayInsist, sayLeaveOut, sayWords } from './say-offline.ts';

  let { item, carried }: { item: Extract<Queued, { state: 'asked' }>; carried: Carried | null } = $props();
  const action = $derived(item.change.action);
  const insist = $derived(sayInsist(action, item.conflict));
  const theirs = $derived(item.conflict.reason === 'taken' ? item.conflict.theirs : null);
</script>

<article
  class="grid [grid-template-columns:1fr_1fr] gap-y-2.5 gap-x-4.5 p-3 bg-(--sheet) [border:1.5px_solid_var(--accent)] rounded-[4px]"
  aria-label="Needs you: {sayAction(action, carried)}"
>
  <div>
    <p class="kicker">On this phone</p>
    <p>{sayAction(action, carried)}</p>
    <p class="soft">{sayWhen(item.change.madeAt)}</p>
  </div>
  <div>
    <p class="kicker">On the server</p>
    <p>{sayConflict(item.conflict, cameraOfAction(action, carried))}</p>
    {#if theirs}<p class="soft">There: {sayWords(theirs)}, {sayWhen(theirs.takenAt)}</p>{/if}
  </div>
  <div class="acts [grid-column:1_/_-1] flex flex-wrap gap-2">
    {#if insist}
      <button
        type="button"
        class="btn preset-filled-primary-700-300 min-h-12 py-0 px-4"
        onclick={() => void offline.insist(item.change.key)}>{insist}</button
      >
    {/if}
    <button
      type="button"
      class="btn preset-outlined-surface-950-50 min-h-12 py-0 px-4"
      onclick={() => void offline.leaveOut(item.change.key)}>{sayLeaveOut(action)}</button
    >
  </div>
</article>

<style>
  div + div:not(.acts) {
    border-left: 1.5px solid var(--line);
    padding-left: 14px;
  }
</style>
