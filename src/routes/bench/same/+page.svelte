<script lang="ts">
  import BenchPage from '#ui/bench/BenchPage.svelte';
  import SameBench from '#ui/bench/same/SameBench.svelte';
</script>

<BenchPage name="Keep this exposure"><SameBench /></BenchPage>
