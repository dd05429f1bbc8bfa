<script lang="ts">
  import BenchPage from '#ui/bench/BenchPage.svelte';
  import SharpBench from '#ui/bench/sharp/SharpBench.svelte';
</script>

<BenchPage name="Sharp from, to"><SharpBench /></BenchPage>
