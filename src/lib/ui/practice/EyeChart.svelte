<!-- Guesses over time: how far each was off, with the line that is right. -->
<script lang="ts">
  import type { ApexOptions } from 'apexcharts';
  import type { GuessRead } from '#core/learn/eye.ts';
  import Chart from '../chart/Chart.svelte';

  let { guesses }: { guesses: readonly GuessRead[] } = $props();
  const series = $derived([
    {
      name: 'off by, stops',
      data: guesses.map((g) => ({ x: Date.parse(g.at.at), y: Math.round(g.errorStops * 100) / 100 }))
    }
  ]);
  const most = $derived(Math.max(2, Math.ceil(Math.max(...guesses.map((g) => Math.abs(g.errorStops))))));
  function options(colour: (name: string) => string): ApexOptions {
    return {
      chart: { type: 'scatter' },
      colors: [colour('--accent')],
      grid: { borderColor: colour('--line') },
      markers: { size: 6 },
      xaxis: { type: 'datetime', labels: { datetimeUTC: false, style: { fontSize: '14px' } } },
      yaxis: {
        ...{ min: -most, max: most, tickAmount: 4 },
        labels: {
          style: { fontSize: '14px' },
          formatter: (n: number) => (n > 0 ? `+${n}` : n < 0 ? `−${-n}` : 'right')
        }
      },
      annotations: { yaxis: [{ y: 0, borderColor: colour('--ink'), strokeDashArray: 0 }] }
    };
  }
</script>

<Chart label="How far guesses were off over time, stops, up is too bright" height={240} {series} {options} />
