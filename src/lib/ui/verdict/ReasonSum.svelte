<!-- Why: every term of the error in thirds of a stop, adding up as shown. -->
<script lang="ts">
  import { roundTermsToThirds } from '#core/error/rounded.ts';
  import { formatSignedThirds } from '#core/units/stops.ts';
  import type { Judged } from '../current-judge.ts';
  import { sayError, termName } from '../text/say.ts';

  let { judged }: { judged: Judged } = $props();
  const sum = $derived(roundTermsToThirds(judged.shown.terms));
  // a part that comes to nothing in thirds says nothing; the first one is what the sum starts from
  const parts = $derived(sum.terms.filter((t, i) => i === 0 || t.stops !== 0));
</script>

<table class="w-full text-[0.9375rem]">
  <caption class="kicker">Why: the sum in stops</caption>
  <tbody>
    {#each parts as term (term.term)}
      <tr>
        <th scope="row">{termName(term.term, judged.pair.film, judged.shown)}</th>
        <td>{formatSignedThirds(term.stops)}</td>
      </tr>
    {/each}
  </tbody>
  <tfoot>
    <tr>
      <th scope="row">{sayError(sum.totalStops)}</th>
      <td>{formatSignedThirds(sum.totalStops)}</td>
    </tr>
  </tfoot>
</table>

<style>
  caption {
    text-align: left;
    padding-bottom: 2px;
  }
  th {
    text-align: left;
    font-weight: 400;
    padding: 1.5px 0;
  }
  td {
    text-align: right;
    padding-left: 12px;
  }
  tfoot th,
  tfoot td {
    border-top: 1.5px solid var(--ink);
    font-weight: 700;
    padding-top: 3px;
  }
</style>
