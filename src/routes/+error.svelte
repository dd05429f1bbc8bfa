<script lang="ts">
  import { page } from '$app/state';
</script>

<svelte:head><title>Not here · Just Enough</title></svelte:head>
<h1>{page.status === 404 ? 'There is nothing here' : 'That did not work'}</h1>
<p>{page.error?.message ?? 'Something went wrong.'}</p>
<p><a href="/shoot">Back to Shoot</a></p>

<style>
  h1 {
    font-size: 1.75rem;
    margin: 24px 0 8px;
  }
  a {
    text-decoration: underline;
  }
</style>
