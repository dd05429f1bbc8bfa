<script lang="ts">
  import BenchPage from '#ui/bench/BenchPage.svelte';
  import FlashBench from '#ui/bench/flash/FlashBench.svelte';
</script>

<BenchPage name="Flash"><FlashBench /></BenchPage>
