<script lang="ts">
  import FilmForm from '#ui/entry/FilmForm.svelte';
  import type { PageProps } from './$types';

  let { form }: PageProps = $props();
</script>

<svelte:head><title>Add a film · Just Enough</title></svelte:head>
<h1 class="title">Add a film</h1>
<p class="lead">Kind, speed and size are enough; the rest can wait.</p>
<FilmForm start={null} refused={form} act="Keep this film" />
