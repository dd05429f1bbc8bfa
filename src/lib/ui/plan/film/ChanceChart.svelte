<!-- The chance of a usable frame by hour and day, drawn by the chart library: the fuller the ink, the likelier. -->
<script lang="ts">
  import type { ApexOptions } from 'apexcharts';
  import Chart from '../../chart/Chart.svelte';

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
  // the library stacks rows from the bottom
  const series = $derived(
    HOURS.map((hour) => ({
      name: `${String(hour).padStart(2, '0')}:00`,
      data: columns.map((c) => ({ x: c.name, y: Math.round(100 * (c.hours[hour] ?? 0)) }))
    })).reverse()
  );
  function options(_: (name: string) => string, box: HTMLElement): ApexOptions {
    const ink =
      /(\d+)\D+(\d+)\D+(\d+)/.exec(getComputedStyle(box).color)?.slice(1, 4).join(', ') ?? '0, 0, 0';
    const ranges = CLASSES.map(([to, alpha], i) => {
      const from = i === 0 ? 0 : (CLASSES[i - 1]?.[0] ?? 0) + 1;
      return { from, to, color: `rgba(${ink}, ${alpha})`, name: `${from} to ${to}` };
    });
    return {
      chart: { type: 'heatmap' },
      plotOptions: { heatmap: { enableShades: false, radius: 0, colorScale: { ranges } } },
      stroke: { width: 0 },
      legend: { position: 'bottom', fontSize: '13px', onItemClick: { toggleDataSeries: false } },
      // lines would show through the thin ink
      grid: { show: false, padding: { left: 4, right: 4 } },
      xaxis: {
        ...{ type: 'category', tickAmount: box.clientWidth < 500 ? 4 : 10, axisTicks: { show: false } },
        labels: { rotate: 0, hideOverlappingLabels: true, style: { fontSize: '13px' } }
      },
      yaxis: { labels: { style: { fontSize: '13px' } } }
    };
  }
</script>

<Chart {label} height={430} {series} {options} />
