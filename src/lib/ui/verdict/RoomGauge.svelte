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
  <div class="gauge">
    <Strips tone={judged.tone} contrast={judged.situation.contrast} {deltas} height="34px" />
    <span class="edge" style:left={percent(share(usable.lo))}></span>
    <span class="edge" style:left={percent(share(usable.hi))}></span>
    <span class="needle" style:left={percent(needle)} class:beyond={beyond !== ''}></span>
    <span class="at" style:left={percent(share(usable.lo))}>{formatSignedThirds(usable.lo)}</span>
    <span class="at" style:left={percent(share(usable.hi))}>{formatSignedThirds(usable.hi)}</span>
  </div>
  <p data-testid="slack">{saySlack(verdict, roomOf(judged.situation, verdict))}</p>
</figure>

<style>
  .gauge {
    position: relative;
    margin: 12px 6px 22px;
  }
  .edge {
    position: absolute;
    top: 30px;
    height: 10px;
    border-left: 3px solid var(--ink);
    transform: translateX(-50%);
  }
  .at {
    position: absolute;
    top: 40px;
    transform: translateX(-50%);
    font-size: 0.875rem;
  }
  .needle {
    position: absolute;
    top: -10px;
    height: 46px;
    border-left: 3px solid var(--accent);
    transform: translateX(-1.5px);
  }
  .needle::before {
    content: '';
    position: absolute;
    left: -8.5px;
    top: 0;
    width: 14px;
    height: 14px;
    border-radius: 50%;
    background: var(--accent);
    border: 2px solid var(--sheet);
  }
  .needle.beyond {
    border-left-style: dashed;
  }
  p {
    font-size: 0.9375rem;
  }
</style>
