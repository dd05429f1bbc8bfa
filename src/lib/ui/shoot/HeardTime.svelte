<!-- The time that a camera which times itself was heard to take: noted with the next frame, and on its border. -->
<script lang="ts">
  import { formatShutter } from '#core/units/shutter.ts';

  let { heard, onheard }: { heard: number | null; onheard: (seconds: number | null) => void } = $props();
  const uid = $props.id();
  /** Times an ear can tell apart. Common practice, no source. */
  const TIMES = [1 / 60, 1 / 30, 1 / 15, 1 / 8, 1 / 4, 1 / 2, 1, 2, 4, 8, 15] as const;
</script>

<div class="flex flex-wrap items-center gap-y-1.5 gap-x-3 text-[0.9375rem]">
  <label for="{uid}-heard">The time you heard</label>
  <select
    id="{uid}-heard"
    class="select"
    value={heard === null ? '' : String(heard)}
    onchange={(e) => onheard(e.currentTarget.value === '' ? null : Number(e.currentTarget.value))}
  >
    <option value="">not listened for</option>
    {#each TIMES as seconds (seconds)}<option value={String(seconds)}>about {formatShutter(seconds)}</option
      >{/each}
  </select>
</div>
