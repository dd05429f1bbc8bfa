<!-- Where scans are dropped or chosen, and how far each is. -->
<script lang="ts">
  import { SCAN_TYPES } from '#core/log/scan.ts';
  import type { Uploads } from './uploads.svelte.ts';

  let { uploads, loadId }: { uploads: Uploads; loadId: string } = $props();
  const uid = $props.id();
  let over = $state(false);
  const there = $derived(uploads.list.filter((u) => u.state === 'taken').length);
  const refused = $derived(uploads.list.filter((u) => u.state === 'refused'));
  const STATES = {
    waiting: 'waits',
    sending: 'is sent',
    'looked-into': 'is looked into',
    taken: 'is here',
    refused: 'refused'
  } as const;

  function drop(event: DragEvent): void {
    event.preventDefault();
    over = false;
    uploads.add([...(event.dataTransfer?.files ?? [])], loadId);
  }
  function choose(input: HTMLInputElement): void {
    uploads.add([...(input.files ?? [])], loadId);
    input.value = '';
  }
</script>

<!-- the field below does the same by keyboard -->
<!-- svelte-ignore a11y_no_static_element_interactions -->
<div
  class="grid gap-2 p-4.5 [border:2px_dashed_var(--soft)] rounded-[4px] bg-(--sheet)"
  class:over
  ondragover={(e) => {
    e.preventDefault();
    over = true;
  }}
  ondragleave={() => (over = false)}
  ondrop={drop}
>
  <label class="[font:650_1.25rem/1.2_var(--font-display)]" for="{uid}-files"
    >Drop scans here, one or forty, or choose them</label
  >
  <input
    class="min-h-11 py-2 px-0 max-w-full"
    id="{uid}-files"
    type="file"
    multiple
    accept={SCAN_TYPES.map((t) => `image/${t}`).join()}
    onchange={(e) => choose(e.currentTarget)}
  />
  <p class="soft">
    JPEG, PNG, TIFF or WebP, up to 80 MB and 120 million pixels. Each is kept byte for byte as it comes.
  </p>
  {#if uploads.list.length > 0}
    <div class="flex flex-wrap items-center gap-y-2 gap-x-4" role="status">
      <b>{there} of {uploads.list.length} here</b>
      <progress
        class="progress flex-1 min-w-30"
        value={uploads.list.reduce((sum, u) => sum + u.share, 0)}
        max={uploads.list.length}>{there} of {uploads.list.length}</progress
      >
      {#if uploads.busy}<button
          type="button"
          class="btn preset-outlined-surface-950-50"
          onclick={() => uploads.cancel()}>Stop</button
        >{/if}
    </div>
    {#if uploads.busy}
      <ul>
        {#each uploads.list.filter((u) => u.state === 'sending' || u.state === 'looked-into') as upload (upload.key)}
          <li>
            {upload.name}
            {STATES[upload.state]}{upload.state === 'sending'
              ? `, ${Math.round(upload.share * 100)} in 100`
              : ''}
          </li>
        {/each}
      </ul>
    {/if}
  {/if}
  {#if refused.length > 0}
    <div role="alert" class="grid gap-1.5 justify-items-start text-(--accent-ink) font-semibold">
      {#each refused as upload (upload.key)}<p>{upload.why}</p>{/each}
      <button type="button" class="btn preset-outlined-surface-950-50" onclick={() => uploads.forget()}
        >I have read it</button
      >
    </div>
  {/if}
</div>

<style>
  .over {
    border-color: var(--accent);
    background: var(--well);
  }
  input::file-selector-button {
    min-height: 44px;
    margin-right: 12px;
    padding: 0 14px;
    border: 1.5px solid var(--ink);
    border-radius: 4px;
    background: transparent;
    color: var(--ink);
    font-weight: 600;
    cursor: pointer;
  }
</style>
