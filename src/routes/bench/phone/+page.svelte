<script lang="ts">
  import BenchPage from '#ui/bench/BenchPage.svelte';
  import PhoneBench from '#ui/bench/phone/PhoneBench.svelte';
</script>

<BenchPage name="Your phone as a meter"><PhoneBench /></BenchPage>
