<script lang="ts">
  import type { Cause } from '#core/learn/causes.ts';
  import { FAULT_WORDS } from '#ui/learn/say-learn.ts';
  import BarChart from '#ui/numbers/BarChart.svelte';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const { pairs, months, faults, causes } = $derived(data.numbers);
  const CAUSE_WORDS: Readonly<Record<Cause['cause'], string>> = {
    'compensation-left': 'lighten–darken left',
    'beyond-limit': 'beyond the camera’s limit',
    'eye-in-shade': 'eye in shade',
    'eye-in-sun': 'eye in brighter light',
    'filter-missing': 'filter forgotten',
    'filter-on': 'filter left on',
    'dial-left': 'speed dial for another film',
    counted: 'seconds counted',
    'aperture-made-up': 'aperture made up for',
    'light-unsure': 'light unsure',
    hold: 'held too long by hand',
    motion: 'subject moved',
    'too-near': 'too near',
    lamps: 'lamps',
    'lit-from-behind': 'lit from behind',
    agitation: 'agitation',
    rollers: 'rollers',
    'old-pack': 'old pack',
    'between-marks': 'between two marks'
  };
  const SIDES: Readonly<Record<string, string>> = { dark: 'Too dark', light: 'Too light' };
  const faultName = (what: string): string => SIDES[what] ?? FAULT_WORDS[what] ?? what;
  const keepers = (rows: readonly { readonly judged: number; readonly keepers: number }[]) => [
    { name: 'keepers', values: rows.map((r) => r.keepers), colour: '--soft' },
    { name: 'others', values: rows.map((r) => r.judged - r.keepers), colour: '--well' }
  ];
  const share = (r: { readonly judged: number; readonly keepers: number }): string =>
    `${Math.round((100 * r.keepers) / r.judged)} in 100`;
</script>

<svelte:head><title>Numbers · Just Enough</title></svelte:head>
<h1 class="title">Numbers</h1>
<p class="lead">
  A keeper is a frame judged right, or within a stop of it, without a fault. Only judged frames count.
</p>
{#if pairs.length === 0}
  <p>
    No frame is judged yet. <a class="underline" href="/log/judge">Judge some</a>, and what they add up to
    stands here.
  </p>
{:else}
  <section class="mb-6.5 min-w-0">
    <h2>Keepers by camera and film</h2>
    <BarChart
      label="Keepers and others by camera and film; the table below says the same"
      names={pairs.map((p) => `${p.cameraName}, ${p.filmName}`)}
      series={keepers(pairs)}
      stacked
    />
    <!-- on a small screen it is moved by key, too -->
    <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
    <div
      class="overflow-x-auto relative"
      role="region"
      aria-label="Keepers by camera and film, as a table"
      tabindex="0"
    >
      <table class="[border-collapse:collapse] min-w-[min(100%,420px)]">
        <thead>
          <tr
            ><th
              class="text-left font-semibold text-(--soft) pt-[5px] pr-6 pb-[5px] border-b border-b-(--line)"
              >Camera</th
            ><th
              class="text-left font-semibold text-(--soft) pt-[5px] pr-6 pb-[5px] border-b border-b-(--line)"
              >Film</th
            ><th
              class="text-left font-semibold text-(--soft) pt-[5px] pr-6 pb-[5px] border-b border-b-(--line)"
              >Judged</th
            ><th
              class="text-left font-semibold text-(--soft) pt-[5px] pr-6 pb-[5px] border-b border-b-(--line)"
              >Keepers</th
            ><th
              class="text-left font-semibold text-(--soft) pt-[5px] pr-6 pb-[5px] border-b border-b-(--line)"
              >Share</th
            ><th
              class="text-left font-semibold text-(--soft) pt-[5px] pr-6 pb-[5px] border-b border-b-(--line)"
              >A keeper cost</th
            ></tr
          >
        </thead>
        <tbody>
          {#each pairs as p, i (i)}
            <tr>
              <td class="pt-[5px] pr-6 pb-[5px] border-b border-b-(--line)">{p.cameraName}</td><td
                class="pt-[5px] pr-6 pb-[5px] border-b border-b-(--line)">{p.filmName}</td
              ><td class="pt-[5px] pr-6 pb-[5px] border-b border-b-(--line)">{p.judged}</td><td
                class="pt-[5px] pr-6 pb-[5px] border-b border-b-(--line)">{p.keepers}</td
              ><td class="pt-[5px] pr-6 pb-[5px] border-b border-b-(--line)">{share(p)}</td>
              <td class="pt-[5px] pr-6 pb-[5px] border-b border-b-(--line)"
                >{p.costPerKeeper === null ? 'no price entered' : p.costPerKeeper.toFixed(2)}</td
              >
            </tr>
          {/each}
        </tbody>
      </table>
    </div>
  </section>
  <section class="mb-6.5 min-w-0">
    <h2>Over time</h2>
    <BarChart
      label="Keepers and others by month; the table below says the same"
      names={months.map((m) => m.month)}
      series={keepers(months)}
      stacked
    />
    <table class="[border-collapse:collapse] min-w-[min(100%,420px)]">
      <thead
        ><tr
          ><th class="text-left font-semibold text-(--soft) pt-[5px] pr-6 pb-[5px] border-b border-b-(--line)"
            >Month</th
          ><th class="text-left font-semibold text-(--soft) pt-[5px] pr-6 pb-[5px] border-b border-b-(--line)"
            >Judged</th
          ><th class="text-left font-semibold text-(--soft) pt-[5px] pr-6 pb-[5px] border-b border-b-(--line)"
            >Keepers</th
          ><th class="text-left font-semibold text-(--soft) pt-[5px] pr-6 pb-[5px] border-b border-b-(--line)"
            >Share</th
          ></tr
        ></thead
      >
      <tbody>
        {#each months as m (m.month)}
          <tr
            ><td class="pt-[5px] pr-6 pb-[5px] border-b border-b-(--line)">{m.month}</td><td
              class="pt-[5px] pr-6 pb-[5px] border-b border-b-(--line)">{m.judged}</td
            ><td class="pt-[5px] pr-6 pb-[5px] border-b border-b-(--line)">{m.keepers}</td><td
              class="pt-[5px] pr-6 pb-[5px] border-b border-b-(--line)">{share(m)}</td
            ></tr
          >
        {/each}
      </tbody>
    </table>
  </section>
  <div class="grid [grid-template-columns:repeat(auto-fit,_minmax(min(100%,_420px),_1fr))] gap-y-0 gap-x-8">
    <section class="mb-6.5 min-w-0">
      <h2>What went wrong</h2>
      {#if faults.length > 0}
        <BarChart
          label="Frames by what went wrong; the table below says the same"
          names={faults.map((f) => faultName(f.what))}
          series={[{ name: 'frames', values: faults.map((f) => f.frames), colour: '--soft' }]}
        />
        <table class="[border-collapse:collapse] min-w-[min(100%,420px)]">
          <thead
            ><tr
              ><th
                class="text-left font-semibold text-(--soft) pt-[5px] pr-6 pb-[5px] border-b border-b-(--line)"
                >Fault</th
              ><th
                class="text-left font-semibold text-(--soft) pt-[5px] pr-6 pb-[5px] border-b border-b-(--line)"
                >Frames</th
              ></tr
            ></thead
          >
          <tbody>
            {#each faults as f (f.what)}<tr
                ><td class="pt-[5px] pr-6 pb-[5px] border-b border-b-(--line)">{faultName(f.what)}</td><td
                  class="pt-[5px] pr-6 pb-[5px] border-b border-b-(--line)">{f.frames}</td
                ></tr
              >{/each}
          </tbody>
        </table>
      {:else}<p>Nothing.</p>{/if}
    </section>
    <section class="mb-6.5 min-w-0">
      <h2>Why, likely</h2>
      {#if causes.length > 0}
        <BarChart
          label="Frames by their likeliest cause; the table below says the same"
          names={causes.map((c) => CAUSE_WORDS[c.what])}
          series={[{ name: 'frames', values: causes.map((c) => c.frames), colour: '--soft' }]}
        />
        <table class="[border-collapse:collapse] min-w-[min(100%,420px)]">
          <thead
            ><tr
              ><th
                class="text-left font-semibold text-(--soft) pt-[5px] pr-6 pb-[5px] border-b border-b-(--line)"
                >Likeliest cause</th
              ><th
                class="text-left font-semibold text-(--soft) pt-[5px] pr-6 pb-[5px] border-b border-b-(--line)"
                >Frames</th
              ></tr
            ></thead
          >
          <tbody>
            {#each causes as c (c.what)}<tr
                ><td class="pt-[5px] pr-6 pb-[5px] border-b border-b-(--line)">{CAUSE_WORDS[c.what]}</td><td
                  class="pt-[5px] pr-6 pb-[5px] border-b border-b-(--line)">{c.frames}</td
                ></tr
              >{/each}
          </tbody>
        </table>
      {:else}<p>The log shows none.</p>{/if}
    </section>
  </div>
{/if}
