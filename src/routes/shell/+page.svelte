<script lang="ts">
  import { onMount } from 'svelte';
  import { goto } from '$app/navigation';

  // nobody asks for it by this address, unless by mistake
  onMount(() => void goto('/shoot', { replaceState: true }));
</script>
