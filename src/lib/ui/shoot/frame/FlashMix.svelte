<!-- What the flash gives and what the other light gives, and from where to where the flash works. -->
<script lang="ts">
  import { flashRange } from '#core/advice/flash-range.ts';
  import { useCurrent } from '../../current.svelte.ts';
  import { withFocus, type Judged } from '../../current-judge.ts';
  import { sayError, sayMetres } from '../../text/say.ts';

  let { judged }: { judged: Judged } = $props();
  const current = useCurrent();
  const fired = $derived(current.asked.circumstances?.flash.kind === 'fired');
  const range = $derived(
    fired
      ? flashRange(judged.situation, withFocus(judged.pair.camera, judged.pair.present, current.leftAt))
      : null
  );
</script>

{#if judged.shown.flash}
  <p class="text-[0.875rem] leading-[1.35] text-(--soft)" data-testid="flash-mix">
    {`Flash alone ${sayError(judged.shown.flash.stops)}; the other light alone ${sayError(judged.shown.flash.ambientStops)}; together ${sayError(judged.shown.deltaStops)}.`}
    {#if range}
      It works from {sayMetres(range.fromM)} to {sayMetres(range.toM)}.
    {:else if fired}
      At no distance does this flash make the frame.
    {/if}
  </p>
{/if}
