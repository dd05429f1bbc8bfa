<!-- Under the prints of one's own scene: how far they can be believed, and whether the picture is kept with the frames. -->
<script lang="ts">
  import { Switch } from '@skeletonlabs/skeleton-svelte';
  import type { Picture } from './picture.svelte.ts';

  let { picture }: { picture: Picture } = $props();
</script>

<p class="soft text-[0.875rem] leading-snug">
  Your own scene, about so. Where the phone’s picture is white or black it knows no more.
</p>
<Switch
  checked={picture.keeps}
  onCheckedChange={({ checked }: { checked: boolean }) => (picture.keeps = checked)}
>
  <Switch.Control><Switch.Thumb /></Switch.Control>
  <Switch.Label class="text-[0.9375rem]">Keep it, small, with the frames I log</Switch.Label>
  <Switch.HiddenInput />
</Switch>
