<!-- A drawing by the chart library, once the page is there, in the colours of the look. The same numbers stand beside it in words. -->
<script module lang="ts">
  import type { ApexOptions } from 'apexcharts';

  /** What the drawing is made from. */
  export interface ChartProps {
    label: string;
    /** Height, CSS pixels. */
    height: number;
    series: NonNullable<ApexOptions['series']>;
    /** Everything else. @param colour a colour of the look by its name @param box where it is drawn */
    options: (colour: (name: string) => string, box: HTMLElement) => ApexOptions;
  }
</script>

<script lang="ts">
  import type ApexCharts from 'apexcharts';
  import { onMount } from 'svelte';
  import { nonceOfPage } from './nonce.ts';

  let { label, height, series, options }: ChartProps = $props();
  let box: HTMLElement;
  let chart = $state.raw<ApexCharts | null>(null);
  /** What stands there: to draw the same once more takes as long. */
  let drawn: unknown = null;

  onMount(() => {
    let gone = false;
    let made: ApexCharts | null = null;
    void import('apexcharts').then(({ default: Library }) => {
      if (gone) return;
      const style = getComputedStyle(document.documentElement);
      const colour = (name: string): string => style.getPropertyValue(name).trim();
      const { chart: kind, ...rest } = options(colour, box);
      made = new Library(box, {
        dataLabels: { enabled: false },
        tooltip: { enabled: false },
        states: { hover: { filter: { type: 'none' } } },
        ...rest,
        series,
        chart: {
          ...{ height, background: 'transparent', foreColor: colour('--ink') },
          ...{ fontFamily: colour('--font-body'), toolbar: { show: false }, animations: { enabled: false } },
          ...{ zoom: { enabled: false }, nonce: nonceOfPage(), ...kind }
        }
      });
      drawn = series;
      void made.render().then(() => (chart = made));
    });
    return () => {
      gone = true;
      made?.destroy();
    };
  });
  $effect(() => {
    if (!chart || drawn === series) return;
    drawn = series;
    void chart.updateSeries(series, false);
  });
</script>

<div bind:this={box} style:min-height="{height}px" role="img" aria-label={label}></div>
