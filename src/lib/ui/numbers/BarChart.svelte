<!-- Bars, drawn by the chart library once the page is there. The same numbers stand beside it as a table. -->
<script lang="ts">
  import type ApexCharts from 'apexcharts';
  import { onMount } from 'svelte';
  import { nonceOfPage } from './nonce.ts';

  let {
    label,
    names,
    series,
    stacked = false
  }: {
    label: string;
    names: readonly string[];
    series: readonly { readonly name: string; readonly values: readonly number[]; readonly colour: string }[];
    stacked?: boolean;
  } = $props();
  let box: HTMLElement;

  onMount(() => {
    let chart: ApexCharts | null = null;
    let gone = false;
    void import('apexcharts').then(({ default: Chart }) => {
      if (gone) return;
      const style = getComputedStyle(document.documentElement);
      // on a phone the names leave the bars room, and their numbers do not touch
      const narrow = box.clientWidth < 480;
      const colour = (name: string): string => style.getPropertyValue(name).trim();
      chart = new Chart(box, {
        chart: {
          ...{ type: 'bar', stacked, height: Math.max(150, 60 + names.length * 38) },
          ...{ background: 'transparent', foreColor: colour('--ink') },
          ...{ fontFamily: colour('--font-body'), toolbar: { show: false }, animations: { enabled: false } },
          ...{ zoom: { enabled: false }, nonce: nonceOfPage() }
        },
        plotOptions: { bar: { horizontal: true, barHeight: '62%' } },
        series: series.map(({ name, values }) => ({ name, data: [...values] })),
        colors: series.map((s) => colour(s.colour)),
        stroke: { show: true, width: 1, colors: [colour('--ink')] },
        xaxis: {
          categories: [...names],
          tickAmount: narrow ? 2 : 4,
          labels: { style: { fontSize: '14px' }, formatter: (v: string) => String(Math.round(Number(v))) }
        },
        yaxis: { labels: { maxWidth: narrow ? 150 : 260, style: { fontSize: '14px' } } },
        grid: { borderColor: colour('--line') },
        dataLabels: { enabled: false },
        legend: { fontSize: '14px', show: series.length > 1, position: 'top', horizontalAlign: 'left' },
        tooltip: { theme: 'light' },
        states: { hover: { filter: { type: 'none' } } }
      });
      void chart.render();
    });
    return () => {
      gone = true;
      chart?.destroy();
    };
  });
</script>

<div bind:this={box} role="img" aria-label={label} class="chart"></div>

<style>
  .chart {
    min-height: 150px;
  }
  .chart :global(.apexcharts-tooltip) {
    color: #191816;
  }
</style>
