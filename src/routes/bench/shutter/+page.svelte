<script lang="ts">
  import BenchPage from '#ui/bench/BenchPage.svelte';
  import ShutterBench from '#ui/bench/shutter/ShutterBench.svelte';
</script>

<BenchPage name="Shutter test"><ShutterBench /></BenchPage>
