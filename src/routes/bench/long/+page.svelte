<script lang="ts">
  import BenchPage from '#ui/bench/BenchPage.svelte';
  import LongBench from '#ui/bench/long/LongBench.svelte';
</script>

<BenchPage name="Long exposures"><LongBench /></BenchPage>
