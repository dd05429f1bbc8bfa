<script lang="ts">
  import BenchPage from '#ui/bench/BenchPage.svelte';
  import DevelopBench from '#ui/bench/develop/DevelopBench.svelte';
</script>

<BenchPage name="Develop"><DevelopBench /></BenchPage>
