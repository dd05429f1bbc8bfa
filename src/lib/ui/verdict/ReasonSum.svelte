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
  <caption class="kicker text-left pb-0.5">Why: the sum in stops</caption>
  <tbody>
    {#each parts as term (term.term)}
      <tr>
        <th class="text-left font-normal py-[1.5px]" scope="row"
          >{termName(term.term, judged.pair.film, judged.shown)}</th
        >
        <td class="text-right pl-3">{formatSignedThirds(term.stops)}</td>
      </tr>
    {/each}
  </tbody>
  <tfoot>
    <tr>
      <th class="border-t-[1.5px] border-t-(--ink) pt-[3px] pb-[1.5px] text-left font-bold" scope="row"
        >{sayError(sum.totalStops)}</th
      >
      <td class="text-right pl-3 border-t-[1.5px] border-t-(--ink) font-bold pt-[3px]"
        >{formatSignedThirds(sum.totalStops)}</td
      >
    </tr>
  </tfoot>
</table>
