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
  <div class="side" data-testid="card-back">
    <h2>{camera.name}: distances and seconds</h2>
    {#if sharp.lines.length > 0}
      <p>
        Sharp at {sharp.at} –
        {#each sharp.lines as line, i (i)}<span>{line}</span>
        {/each}
      </p>
    {/if}
    {#each flashes as { name, range } (name)}
      <p>
        {name}: {range ? `${sayMetres(range.fromM)} to ${sayMetres(range.toM)}` : 'does not suit this film'}
      </p>
    {/each}
    {#if some.length > 0}
      <table>
        <thead
          ><tr
            ><th>Set down, LV</th>{#each filters as name, i (i)}<th>{name}</th>{/each}</tr
          ></thead
        >
        <tbody>
          {#each some as row (row.lv)}
            <tr>
              <th scope="row">{row.lv}</th>
              {#each row.seconds as verdict, i (i)}<td>{saySeconds(camera, verdict)}</td>{/each}
            </tr>
          {/each}
        </tbody>
      </table>
    {/if}
    {#if checks.length > 0}
      <ul>
        {#each checks as check (check)}<li>{check}</li>{/each}
      </ul>
    {/if}
  </div>
  <div class="side" data-testid="card-front">
    <h2>{camera.name} with {film.name}</h2>
    <table>
      <thead
        ><tr><th>Light</th><th>{front.head || 'Set'}</th><th><span class="sr-only">Chance</span></th></tr
        ></thead
      >
      <tbody>
        {#each front.rows as { marks, also, sign }, i (i)}
          <tr>
            <th scope="row"
              >{lights[i]?.name}{size === 'a6' && lights[i]?.more ? `, ${lights[i].more}` : ''}</th
            >
            <td
              >{#if marks !== ''}<b>{marks}</b>{/if}
              {also}</td
            >
            <td class="sign">{sign}</td>
          </tr>
        {/each}
      </tbody>
    </table>
    <p class="foot">● likely ○ as likely as not – hardly · in the hand unless it says so</p>
  </div>
</article>

<style>
  /* ink on paper, whatever the look of the screen */
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
  .side {
    min-width: 0;
    overflow: hidden;
    padding: 2mm 2.5mm;
  }
  .card-a6 .side {
    padding: 5mm 6mm;
  }
  /* the fold */
  .side + .side {
    border-left: 0.2mm dashed #000;
  }
  h2 {
    font-size: inherit;
    font-weight: 700;
    margin-bottom: 0.5mm;
  }
  table {
    width: 100%;
    border-collapse: collapse;
  }
  th,
  td {
    padding: 0.1mm 1mm 0.1mm 0;
    font-weight: 400;
    text-align: left;
    vertical-align: top;
    border-top: 0.1mm solid #000;
  }
  .card-a6 :is(th, td) {
    padding-block: 0.6mm;
  }
  tr:first-child > * {
    border-top: 0;
  }
  b {
    font-weight: 700;
    margin-right: 1mm;
  }
  td {
    white-space: nowrap;
  }
  [data-testid='card-front'] td {
    white-space: normal;
  }
  .sign {
    padding-right: 0;
    text-align: right;
  }
  p span {
    display: inline-block;
    margin-right: 2mm;
  }
  li {
    display: inline;
  }
  li::before {
    content: '';
    display: inline-block;
    width: 0.7em;
    height: 0.7em;
    margin-right: 1mm;
    border: 0.2mm solid #000;
  }
  .card-a6 li {
    display: block;
  }
  .foot {
    margin-top: 0.5mm;
  }
</style>
