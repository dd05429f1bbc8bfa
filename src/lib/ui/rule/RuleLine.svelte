<!-- The light in one line, where it is not what the page is about; one press unfolds the rule. -->
<script lang="ts">
  import chevronDown from 'lucide-static/icons/chevron-down.svg?raw';
  import Icon from '../Icon.svelte';
  import { useCurrent } from '../current.svelte.ts';
  import { sayLight } from '../text/say-light.ts';
  import LightRule from './LightRule.svelte';

  const current = useCurrent();
  let open = $state(false);
</script>

{#if open}
  <LightRule />
{:else}
  <button
    type="button"
    class="flex min-h-11 w-full cursor-pointer items-center gap-2 px-4 text-left text-[0.9375rem] text-(--soft) sm:px-7"
    aria-expanded="false"
    onclick={() => (open = true)}
  >
    <Icon svg={chevronDown} size={18} />
    <span
      >{current.isTold ? sayLight(current.light) : 'The light is not told.'} <u>Show the light rule</u></span
    >
  </button>
{/if}
