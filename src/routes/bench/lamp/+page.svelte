<script lang="ts">
  import BenchPage from '#ui/bench/BenchPage.svelte';
  import LampBench from '#ui/bench/lamp/LampBench.svelte';
</script>

<BenchPage name="Lamp"><LampBench /></BenchPage>
