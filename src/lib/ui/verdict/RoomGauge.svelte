<!-- Where this frame falls on what the film takes: the usable stretch, the spread around the mean, and the edges. -->
<script lang="ts">
  import { roomOf } from '#core/chance/room.ts';
  import { formatSignedThirds } from '#core/units/stops.ts';
  import type { Judged } from '../current-judge.ts';
  import Strips from '../rule/Strips.svelte';
  import { percent } from '../rule/view.ts';
  import { saySlack } from '../text/say.ts';

  let { judged }: { judged: Judged } = $props();
  const COLUMNS = 25;
  const verdict = $derived(judged.shown);
  const usable = $derived(verdict.window.usable);
  const from = $derived(Math.min(usable.lo, -1) - 1.5);
  const to = $derived(Math.max(usable.hi, 1) + 1.5);
  const share = $derived((stops: number) => (stops - from) / (to - from));
  const deltas = $derived(
    Array.from({ length: COLUMNS }, (_, i) => from + ((to - from) * i) / (COLUMNS - 1))
  );
  const needle = $derived(Math.min(1, Math.max(0, share(verdict.deltaStops))));
  const beyond = $derived(verdict.deltaStops < from ? '←' : verdict.deltaStops > to ? '→' : '');
</script>

<figure>
  <figcaption class="kicker">Room on this film, stops under and over</figcaption>
  <div class="relative mt-3 mx-1.5 mb-5.5">
    <Strips tone={judged.tone} contrast={judged.situation.contrast} {deltas} height="34px" />
    <span
      class="absolute top-7.5 h-2.5 border-l-[3px] border-l-(--ink) [transform:translateX(-50%)]"
      style:left={percent(share(usable.lo))}
    ></span>
    <span
      class="absolute top-7.5 h-2.5 border-l-[3px] border-l-(--ink) [transform:translateX(-50%)]"
      style:left={percent(share(usable.hi))}
    ></span>
    <span
      class="needle absolute -top-2.5 h-11.5 border-l-[3px] border-l-(--accent) [transform:translateX(-1.5px)] before:[content:''] before:absolute before:left-[-8.5px] before:top-0 before:w-3.5 before:h-3.5 before:rounded-[50%] before:bg-(--accent) before:border-2 before:border-(--sheet)"
      style:left={percent(needle)}
      class:beyond={beyond !== ''}
    ></span>
    <span
      class="absolute top-10 [transform:translateX(-50%)] text-[0.875rem]"
      style:left={percent(share(usable.lo))}>{formatSignedThirds(usable.lo)}</span
    >
    <span
      class="absolute top-10 [transform:translateX(-50%)] text-[0.875rem]"
      style:left={percent(share(usable.hi))}>{formatSignedThirds(usable.hi)}</span
    >
  </div>
  <p class="text-[0.9375rem]" data-testid="slack">{saySlack(verdict, roomOf(judged.situation, verdict))}</p>
</figure>

<style>
  .needle.beyond {
    border-left-style: dashed;
  }
</style>
