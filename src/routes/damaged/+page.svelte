<script lang="ts">
  import { momentAt } from '#core/sky/moment.ts';
  import { zoneHere } from '#core/sky/zone.ts';
  import { sayWhen } from '#ui/log/say-frame.ts';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
</script>

<svelte:head><title>The database is damaged · Just Enough</title></svelte:head>
<section class="card mx-auto my-6 grid max-w-xl justify-items-start gap-3 p-6">
  <h1 class="text-2xl font-[650]">The database is damaged</h1>
  <p class="leading-snug break-words">{data.said}</p>
  {#if data.copy}
    <p class="leading-snug">
      The newest good copy is of <b>{sayWhen(momentAt(data.copy.ms, zoneHere()))}</b>. What was noted after it
      is not in it. The damaged file is kept beside it, under another name. What waits on a phone is sent
      afterwards as ever.
    </p>
    <form method="post">
      <button class="btn preset-filled-primary-700-300 min-h-11">Bring that copy back</button>
    </form>
  {:else}
    <p class="leading-snug break-words">
      There is no good copy in <code>{data.folder}</code>. Stop the server, put a copy of your own in the
      file’s place, or move it away to begin anew, and start again.
    </p>
  {/if}
  {#if form?.said}<p role="alert">{form.said}</p>{/if}
</section>
