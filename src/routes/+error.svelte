<!-- What is not here, or did not work, said in words; and where to go on from there. -->
<script lang="ts">
  import { page } from '$app/state';
  import { MAIN_PLACES } from '#ui/places/places.ts';

  const missing = $derived(page.status === 404);
</script>

<svelte:head><title>{missing ? 'Not here' : 'That did not work'} · Just Enough</title></svelte:head>
<section class="card mx-auto my-6 grid max-w-xl justify-items-start gap-3 p-6">
  <h1 class="text-2xl">{missing ? 'There is nothing here' : 'That did not work'}</h1>
  <p>{page.error?.message ?? 'Something went wrong.'}</p>
  <p>
    {missing
      ? 'The camera, film or frame may have been removed, or the address was typed wrong. What was noted is in the log.'
      : 'Nothing that was stored is lost. Try again, or go on from here.'}
  </p>
  <p class="flex flex-wrap gap-3">
    {#each MAIN_PLACES as { path, name } (path)}
      <a class="btn preset-outlined-surface-950-50" href={path}>{name}</a>
    {/each}
  </p>
</section>
