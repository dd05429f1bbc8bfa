<script lang="ts">
  import { page } from '$app/state';
</script>

<svelte:head><title>Not here · Just Enough</title></svelte:head>
<h1 class="text-[1.75rem] mt-6 mx-0 mb-2">
  {page.status === 404 ? 'There is nothing here' : 'That did not work'}
</h1>
<p>{page.error?.message ?? 'Something went wrong.'}</p>
<p><a class="underline" href="/shoot">Back to Shoot</a></p>
