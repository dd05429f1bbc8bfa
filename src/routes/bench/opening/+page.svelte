<script lang="ts">
  import BenchPage from '#ui/bench/BenchPage.svelte';
  import OpeningBench from '#ui/bench/opening/OpeningBench.svelte';
</script>

<BenchPage name="Measure the opening"><OpeningBench /></BenchPage>
