<!-- The few frames that would tell most of this camera. -->
<script lang="ts">
  import type { Camera } from '#core/camera/camera.ts';
  import { choiceLine } from '#core/log/border-note.ts';
  import type { TestFrame } from '#core/learn/test-roll.ts';
  import { formatDecimal } from '#core/units/decimal.ts';
  import { formatLv } from '#core/units/stops.ts';
  import { sayError } from '../text/say.ts';
  import { nearestName } from '../text/say-light.ts';

  let { camera, plan }: { camera: Camera; plan: readonly TestFrame[] } = $props();
</script>

{#if plan.length > 0}
  <details>
    <summary>Which {plan.length} frames would tell most</summary>
    <p class="soft">
      An even, front-lit subject each, metered at the subject with a reading of its own. Judge them off the
      print or slide; off the negative when a lab prints.
    </p>
    <ol class="list-decimal pl-5.5">
      {#each plan as frame, i (i)}
        <li class="py-0.75 px-0">
          <b>{`LV ${formatLv(frame.lv)}`}, {nearestName(frame.lv)}:</b>
          {choiceLine(camera, frame.choice)}, {`${sayError(frame.deltaStops)}; then known to ± ${formatDecimal(frame.sdAfter, 2)}`}
        </li>
      {/each}
    </ol>
  </details>
{/if}
