<!-- The scale below the strips: whole light values, and the named lights that find room. -->
<script lang="ts">
  import { NAMED_MARKS } from '#core/light/named-marks.ts';
  import { namesThatFit, percent, shareOf, ticksOf, WHOLE, type View } from './view.ts';

  let { view }: { view: View } = $props();
  // the server does not know the width: it draws for a desktop, the browser then for itself
  let widthPx = $state(1224);
  const names = $derived(namesThatFit(NAMED_MARKS, view, widthPx));

  /** Hears of the width when the browser has laid the page out anyway: asking for it would make it do so twice. */
  function measured(element: HTMLElement): () => void {
    const observer = new ResizeObserver(([entry]) => {
      if (entry) widthPx = entry.contentRect.width;
    });
    observer.observe(element);
    return () => observer.disconnect();
  }
</script>

<!-- names are centred on a point without a transform of their own: the browser keeps an archive of every transform -->
<div class="scale apart relative h-11.5 text-(--ink)" aria-hidden="true" {@attach measured}>
  {#each ticksOf(view) as tick (tick)}
    <i
      class="absolute top-0 w-[1.5px] h-[5px] ml-[-0.75px] bg-(--ink)"
      style:left={percent(shareOf(view, tick))}
      class:long={tick % 2 === 0}
    ></i>
    {#if tick % 2 === 0 || view !== WHOLE}
      <b
        class="absolute top-[7px] flex w-0 justify-center whitespace-nowrap [font:500_0.8125rem/1.2_var(--font-body)] text-(--soft)"
        style:left={percent(shareOf(view, tick))}
        class:odd={tick % 2 !== 0}>{String(tick).replace('-', '−')}</b
      >
    {/if}
  {/each}
  {#each names as mark (mark.name)}
    <span
      class="absolute top-6 flex w-0 justify-center whitespace-nowrap text-[0.9375rem] leading-[1.2] max-[640px]:text-[0.8125rem]"
      style:left={percent(shareOf(view, mark.lv))}>{mark.name}</span
    >
  {/each}
</div>

<style>
  .scale i.long {
    height: 8px;
  }
  @media (max-width: 640px) {
    .scale .odd {
      display: none;
    }
  }
</style>
