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

<div class="scale apart" aria-hidden="true" {@attach measured}>
  {#each ticksOf(view) as tick (tick)}
    <i style:left={percent(shareOf(view, tick))} class:long={tick % 2 === 0}></i>
    {#if tick % 2 === 0 || view !== WHOLE}
      <b style:left={percent(shareOf(view, tick))} class:odd={tick % 2 !== 0}
        >{String(tick).replace('-', '−')}</b
      >
    {/if}
  {/each}
  {#each names as mark (mark.name)}
    <span style:left={percent(shareOf(view, mark.lv))}>{mark.name}</span>
  {/each}
</div>

<style>
  .scale {
    position: relative;
    height: 46px;
    color: var(--ink);
  }
  /* centred on a point without a transform of its own: the browser keeps an archive of every transform */
  .scale > * {
    position: absolute;
    display: flex;
    justify-content: center;
    width: 0;
    white-space: nowrap;
  }
  .scale i {
    top: 0;
    width: 1.5px;
    height: 5px;
    margin-left: -0.75px;
    background: var(--ink);
  }
  .scale i.long {
    height: 8px;
  }
  .scale b {
    top: 7px;
    font: 500 0.8125rem/1.2 var(--font-body);
    color: var(--soft);
  }
  .scale span {
    top: 24px;
    font-size: 0.9375rem;
    line-height: 1.2;
  }
  @media (max-width: 640px) {
    .scale .odd {
      display: none;
    }
    .scale span {
      font-size: 0.8125rem;
    }
  }
</style>
