<script lang="ts">
  import BenchPage from '#ui/bench/BenchPage.svelte';
  import RoutineBench from '#ui/routine/RoutineBench.svelte';
</script>

<BenchPage name="Routine"><RoutineBench /></BenchPage>
