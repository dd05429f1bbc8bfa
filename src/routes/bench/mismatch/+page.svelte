<script lang="ts">
  import BenchPage from '#ui/bench/BenchPage.svelte';
  import MismatchBench from '#ui/bench/mismatch/MismatchBench.svelte';
</script>

<BenchPage name="Converted or mismatched"><MismatchBench /></BenchPage>
