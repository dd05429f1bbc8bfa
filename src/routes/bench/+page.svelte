<script lang="ts">
  import Icon from '#ui/Icon.svelte';
  import { BENCHES } from '#ui/bench/benches.ts';
  import { useCurrent } from '#ui/current.svelte.ts';

  const current = useCurrent();
</script>

<svelte:head><title>Bench · Just Enough</title></svelte:head>
<h1 class="mt-1 mb-3 text-[1.75rem] font-[650]">Bench</h1>
<p class="soft mb-4 max-w-160">
  What is measured and tried at home{current.pair ? `, for the ${current.pair.camera.name}` : ''}. What is
  found goes straight to the camera or to Shoot.
</p>
<ul class="grid gap-3 sm:grid-cols-2 lg:grid-cols-3">
  {#each BENCHES as { path, name, says, icon } (path)}
    <li>
      <a class="card grid h-full min-h-24 grid-cols-[auto_1fr] items-start gap-x-4 p-4" href={path}>
        <Icon svg={icon} size={28} strokeWidth={1.5} class="mt-1" />
        <span class="grid gap-0.5"
          ><b class="text-[1.125rem]">{name}</b><span class="soft leading-snug">{says}</span></span
        >
      </a>
    </li>
  {/each}
</ul>
