<script lang="ts">
  import BenchPage from '#ui/bench/BenchPage.svelte';
  import EyeBench from '#ui/bench/eye/EyeBench.svelte';
</script>

<BenchPage name="Is the eye alive?"><EyeBench /></BenchPage>
