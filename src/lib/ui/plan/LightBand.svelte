<!-- The light of the day: its likely course over the span of all skies, drawn by the chart library. The table says the same. -->
<script lang="ts">
  import type { ApexOptions } from 'apexcharts';
  import type { BandPoint } from '#core/plan/day-light.ts';
  import { timeText } from '#core/sky/zone.ts';
  import { formatLv } from '#core/units/stops.ts';
  import Chart from '../chart/Chart.svelte';

  let { band, zone }: { band: readonly BandPoint[]; zone: string } = $props();
  const round = (lv: number): number => Math.round(lv * 10) / 10;
  const series = $derived([
    {
      ...{ name: 'span', type: 'rangeArea' },
      data: band.map((p) => ({ x: p.ms, y: [round(p.lowLv), round(p.highLv)] }))
    },
    { name: 'likely', type: 'line', data: band.map((p) => ({ x: p.ms, y: round(p.lv) })) }
  ]);
  /** Whole hours, for the table. */
  const hours = $derived(
    band.filter(
      (p, i) =>
        i === 0 || timeText(p.ms, zone).slice(0, 2) !== timeText(band[i - 1]?.ms ?? p.ms, zone).slice(0, 2)
    )
  );

  const options = (colour: (name: string) => string): ApexOptions => ({
    chart: { type: 'rangeArea' },
    colors: [colour('--soft'), colour('--ink')],
    fill: { opacity: [0.28, 1] },
    stroke: { curve: 'straight', width: [0, 2] },
    legend: { show: false },
    grid: { borderColor: colour('--line'), padding: { left: 4, right: 4 } },
    xaxis: {
      ...{ type: 'numeric', tickAmount: 6, axisTicks: { show: false } },
      labels: { style: { fontSize: '13px' }, formatter: (ms: string) => timeText(Number(ms), zone) }
    },
    yaxis: {
      ...{ tickAmount: 4, min: -4, max: 16 },
      labels: { style: { fontSize: '13px' }, formatter: (lv: number) => formatLv(lv) }
    }
  });
</script>

<figure class="chart m-0">
  <figcaption class="kicker">Light on the subject, LV</figcaption>
  <Chart height={190} label="The light of the day; the table below says the same" {series} {options} />
</figure>
<details>
  <summary class="chip inline-grid place-content-center">Hour by hour</summary>
  <div class="overflow-x-auto">
    <table class="text-[0.9375rem]">
      <thead
        ><tr
          ><th class="pr-4 text-left">Time</th><th class="pr-4 text-left">LV</th><th class="text-left"
            >Span</th
          ></tr
        ></thead
      >
      <tbody>
        {#each hours as p (p.ms)}
          <tr
            ><th class="pr-4 text-left font-normal" scope="row">{timeText(p.ms, zone)}</th><td class="pr-4"
              >{formatLv(p.lv)}</td
            ><td>{formatLv(p.lowLv)} to {formatLv(p.highLv)}</td></tr
          >
        {/each}
      </tbody>
    </table>
  </div>
</details>
