<script lang="ts">
  import BenchPage from '#ui/bench/BenchPage.svelte';
  import ReelBench from '#ui/bench/reel/ReelBench.svelte';
</script>

<BenchPage name="Reel"><ReelBench /></BenchPage>
