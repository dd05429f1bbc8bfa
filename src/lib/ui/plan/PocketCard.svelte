<script module lang="ts">
  import type { Pair } from '#core/log/pair.ts';
  import type { CardSeconds } from '#core/plan/card.ts';
  import type { CardFront } from './card-text.ts';
  import type { FlashRange } from '#core/advice/flash-range.ts';
  import type { CardSize } from './card-sizes.ts';

  /** A card to be printed, cut out and folded once: its back on the left, its front on the right. */
  export interface PocketCardProps {
    pair: Pair;
    size: CardSize;
    lights: readonly { readonly name: string; readonly more: string }[];
    front: CardFront;
    seconds: readonly CardSeconds[];
    /** Names of the columns of the seconds. */
    filters: readonly string[];
    sharp: { readonly at: string; readonly lines: readonly string[] };
    flashes: readonly { readonly name: string; readonly range: FlashRange | null }[];
    checks: readonly string[];
  }
</script>

<script lang="ts">
  import { sayMetres } from '../text/say.ts';
  import { saySeconds } from './card-text.ts';

  let { pair, size, lights, front, seconds, filters, sharp, flashes, checks }: PocketCardProps = $props();
  const { camera, film } = $derived(pair);
  const some = $derived(seconds.filter((row) => row.seconds.some((v) => v !== null)));
</script>

<article class="card-{size}" data-testid="pocket-card">
  <div class="side min-w-0 overflow-hidden py-[2mm] px-[2.5mm]" data-testid="card-back">
    <h2 class="[font-size:inherit] font-bold mb-[0.5mm]">{camera.name}: distances and seconds</h2>
    {#if sharp.lines.length > 0}
      <p>
        Sharp at {sharp.at} –
        {#each sharp.lines as line, i (i)}<span class="inline-block mr-[2mm]">{line}</span>
        {/each}
      </p>
    {/if}
    {#each flashes as { name, range } (name)}
      <p>
        {name}: {range ? `${sayMetres(range.fromM)} to ${sayMetres(range.toM)}` : 'does not suit this film'}
      </p>
    {/each}
    {#if some.length > 0}
      <table class="w-full [border-collapse:collapse]">
        <thead
          ><tr
            ><th
              class="pt-[0.1mm] pr-[1mm] pb-[0.1mm] font-normal text-left [vertical-align:top] [border-top:0.1mm_solid_#000]"
              >Set down, LV</th
            >{#each filters as name, i (i)}<th
                class="pt-[0.1mm] pr-[1mm] pb-[0.1mm] font-normal text-left [vertical-align:top] [border-top:0.1mm_solid_#000]"
                >{name}</th
              >{/each}</tr
          ></thead
        >
        <tbody>
          {#each some as row (row.lv)}
            <tr>
              <th
                class="pt-[0.1mm] pr-[1mm] pb-[0.1mm] font-normal text-left [vertical-align:top] [border-top:0.1mm_solid_#000]"
                scope="row">{row.lv}</th
              >
              {#each row.seconds as verdict, i (i)}<td
                  class="pt-[0.1mm] pr-[1mm] pb-[0.1mm] font-normal text-left [vertical-align:top] [border-top:0.1mm_solid_#000] whitespace-nowrap"
                  >{saySeconds(camera, verdict)}</td
                >{/each}
            </tr>
          {/each}
        </tbody>
      </table>
    {/if}
    {#if checks.length > 0}
      <ul>
        {#each checks as check (check)}<li
            class="inline before:[content:''] before:inline-block before:w-[0.7em] before:h-[0.7em] before:mr-[1mm] before:[border:0.2mm_solid_#000]"
          >
            {check}
          </li>{/each}
      </ul>
    {/if}
  </div>
  <div class="side min-w-0 overflow-hidden py-[2mm] px-[2.5mm]" data-testid="card-front">
    <h2 class="[font-size:inherit] font-bold mb-[0.5mm]">{camera.name} with {film.name}</h2>
    <table class="w-full [border-collapse:collapse]">
      <thead
        ><tr
          ><th
            class="pt-[0.1mm] pr-[1mm] pb-[0.1mm] font-normal text-left [vertical-align:top] [border-top:0.1mm_solid_#000]"
            >Light</th
          ><th
            class="pt-[0.1mm] pr-[1mm] pb-[0.1mm] font-normal text-left [vertical-align:top] [border-top:0.1mm_solid_#000]"
            >{front.head || 'Set'}</th
          ><th
            class="pt-[0.1mm] pr-[1mm] pb-[0.1mm] font-normal text-left [vertical-align:top] [border-top:0.1mm_solid_#000]"
            ><span class="sr-only">Chance</span></th
          ></tr
        ></thead
      >
      <tbody>
        {#each front.rows as { marks, also, sign }, i (i)}
          <tr>
            <th
              class="pt-[0.1mm] pr-[1mm] pb-[0.1mm] font-normal text-left [vertical-align:top] [border-top:0.1mm_solid_#000]"
              scope="row">{lights[i]?.name}{size === 'a6' && lights[i]?.more ? `, ${lights[i].more}` : ''}</th
            >
            <td
              class="pt-[0.1mm] pr-[1mm] pb-[0.1mm] font-normal text-left [vertical-align:top] [border-top:0.1mm_solid_#000] whitespace-nowrap"
              >{#if marks !== ''}<b class="font-bold mr-[1mm]">{marks}</b>{/if}
              {also}</td
            >
            <td
              class="py-[0.1mm] font-normal [vertical-align:top] [border-top:0.1mm_solid_#000] whitespace-nowrap text-right"
              >{sign}</td
            >
          </tr>
        {/each}
      </tbody>
    </table>
    <p class="mt-[0.5mm]">● likely ○ as likely as not – hardly · in the hand unless it says so</p>
  </div>
</article>

<style>
  /* ink on paper, whatever the look of the screen, but for eyes that are used to the dark */
  article {
    display: grid;
    grid-template-columns: 1fr 1fr;
    background: #fff;
    color: #000;
    outline: 0.3mm solid #000;
    line-height: 1.14;
    /* letters as wide as they are designed: whole pixels of a screen would widen a line until it wraps */
    text-rendering: geometricPrecision;
    break-inside: avoid;
    overflow: hidden;
  }
  .card-bank {
    width: 171.2mm;
    height: 54mm;
    font-size: 7pt;
  }
  .card-a6 {
    width: 210mm;
    height: 148mm;
    font-size: 10pt;
    line-height: 1.25;
  }
  .card-a6 .side {
    padding: 5mm 6mm;
  }
  /* the fold */
  .side + .side {
    border-left: 0.2mm dashed #000;
  }
  .card-a6 :is(th, td) {
    padding-block: 0.6mm;
  }
  tr:first-child > * {
    border-top: 0;
  }
  [data-testid='card-front'] td {
    white-space: normal;
  }
  .card-a6 li {
    display: block;
  }
  @media screen {
    :global([data-scheme='dark']) article {
      background: var(--print-paper);
      color: var(--print-ink);
    }
  }
</style>
