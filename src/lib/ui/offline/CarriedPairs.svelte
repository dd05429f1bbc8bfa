<!-- The pairs that the phone carries: taken up with one press, also without the server. -->
<script lang="ts">
  import type { Pair } from '#core/log/pair.ts';

  let { pairs, inUse }: { pairs: readonly Pair[]; inUse: string | null } = $props();
</script>

<ul aria-label="Pairs carried">
  {#each pairs as pair (pair.loadId)}
    <li
      class="flex justify-between items-center gap-y-1 gap-x-3 py-1 px-0 [border-bottom:1px_solid_var(--line)]"
      aria-current={pair.loadId === inUse ? 'true' : undefined}
    >
      <span>
        <b>{pair.camera.name}</b> with {pair.film.name}
        <span class="block text-(--soft)">{pair.framesLeft} left</span>
      </span>
      <a
        class="chip [flex:none] inline-grid place-content-center min-h-11"
        href="/shoot?load={encodeURIComponent(pair.loadId)}"
        >{pair.loadId === inUse ? 'In use' : 'Use this camera'}</a
      >
    </li>
  {/each}
</ul>

<style>
  [aria-current] {
    border-left: 4px solid var(--accent);
    padding-left: 8px;
  }
</style>
