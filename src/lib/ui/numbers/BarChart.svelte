<!-- Bars. The same numbers stand beside them as a table. -->
<script lang="ts">
  import type { ApexOptions } from 'apexcharts';
  import Chart from '../chart/Chart.svelte';

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
  const bars = $derived(series.map(({ name, values }) => ({ name, data: [...values] })));
  function options(colour: (name: string) => string, box: HTMLElement): ApexOptions {
    // on a phone the names leave the bars room, and their numbers do not touch
    const narrow = box.clientWidth < 480;
    return {
      chart: { type: 'bar', stacked },
      plotOptions: { bar: { horizontal: true, barHeight: '62%' } },
      colors: series.map((s) => colour(s.colour)),
      stroke: { show: true, width: 1, colors: [colour('--ink')] },
      xaxis: {
        categories: [...names],
        tickAmount: narrow ? 2 : 4,
        labels: { style: { fontSize: '14px' }, formatter: (v: string) => String(Math.round(Number(v))) }
      },
      yaxis: { labels: { maxWidth: narrow ? 150 : 260, style: { fontSize: '14px' } } },
      grid: { borderColor: colour('--line') },
      legend: { fontSize: '14px', show: series.length > 1, position: 'top', horizontalAlign: 'left' }
    };
  }
</script>

<Chart {label} height={Math.max(150, 60 + names.length * 38)} series={bars} {options} />
