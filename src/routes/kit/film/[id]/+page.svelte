<script lang="ts">
  import FilmForm from '#ui/entry/FilmForm.svelte';
  import type { PageProps } from './$types';

  let { data, form }: PageProps = $props();
</script>

<svelte:head><title>{data.name} · Just Enough</title></svelte:head>
<h1>{data.name}</h1>
<p class="lead">Frames that are logged already keep what was expected of them then.</p>
<FilmForm start={data.start} refused={form} act="Keep the changes" />

<style>
  h1 {
    font-size: 1.75rem;
    font-weight: 520;
    margin-top: 4px;
  }
  .lead {
    color: var(--soft);
    margin-bottom: 12px;
  }
</style>
