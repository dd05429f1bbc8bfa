<!-- The chance of a usable frame by hour and day, drawn by the chart library: the fuller the ink, the likelier. -->
<script lang="ts">
  import type ApexCharts from 'apexcharts';
  import { onMount } from 'svelte';
  import { nonceOfPage } from '../../numbers/nonce.ts';

  let {
    columns,
    label
  }: {
    columns: readonly { readonly name: string; readonly hours: readonly number[] }[];
    label: string;
  } = $props();
  const HOURS = Array.from({ length: 24 }, (_, hour) => hour);
  /** Upper ends of the classes, in 100, and how full the ink is in each. */
  const CLASSES = [
    [19, 0.06],
    [39, 0.22],
    [59, 0.42],
    [79, 0.68],
    [100, 1]
  ] as const;
  let box: HTMLElement;
  let chart = $state.raw<ApexCharts | null>(null);
  // the library stacks rows from the bottom
  const series = $derived(
    HOURS.map((hour) => ({
      name: `${String(hour).padStart(2, '0')}:00`,
      data: columns.map((c) => ({ x: c.name, y: Math.round(100 * (c.hours[hour] ?? 0)) }))
    })).reverse()
  );
  onMount(() => {
    let gone = false;
    let made: ApexCharts | null = null;
    void import('apexcharts').then(({ default: Chart }) => {
      if (gone) return;
      const style = getComputedStyle(box);
      const ink = /(\d+)\D+(\d+)\D+(\d+)/.exec(style.color)?.slice(1, 4).join(', ') ?? '0, 0, 0';
      const ranges = CLASSES.map(([to, alpha], i) => {
        const from = i === 0 ? 0 : (CLASSES[i - 1]?.[0] ?? 0) + 1;
        return { from, to, color: `rgba(${ink}, ${alpha})`, name: `${from} to ${to}` };
      });
      made = new Chart(box, {
        chart: {
          ...{ type: 'heatmap', height: 430, background: 'transparent', foreColor: style.color },
          ...{ fontFamily: style.fontFamily, toolbar: { show: false }, animations: { enabled: false } },
          ...{ zoom: { enabled: false }, nonce: nonceOfPage() }
        },
        series,
        plotOptions: { heatmap: { enableShades: false, radius: 0, colorScale: { ranges } } },
        stroke: { width: 0 },
        dataLabels: { enabled: false },
        legend: { position: 'bottom', fontSize: '13px', onItemClick: { toggleDataSeries: false } },
        tooltip: { enabled: false },
        // lines would show through the thin ink
        grid: { show: false, padding: { left: 4, right: 4 } },
        xaxis: {
          ...{ type: 'category', tickAmount: box.clientWidth < 500 ? 4 : 10, axisTicks: { show: false } },
          labels: { rotate: 0, hideOverlappingLabels: true, style: { fontSize: '13px' } }
        },
        yaxis: { labels: { style: { fontSize: '13px' } } }
      });
      void made.render().then(() => (chart = made));
    });
    return () => {
      gone = true;
      made?.destroy();
    };
  });
  $effect(() => void chart?.updateSeries(series, false));
</script>

<div bind:this={box} class="min-h-[430px]" role="img" aria-label={label}></div>
