<!-- As it was for a frame taken before. -->
<script lang="ts">
  import type { Frame } from '#core/log/frame.ts';
  import { choiceFromFrame } from '#core/ways/choice.ts';
  import { formatLv } from '#core/units/stops.ts';
  import { sayWhen } from '../log/say-frame.ts';
  import { sayWay } from '../text/say-light.ts';
  import { hoursApart, toldOf, type RecentFrame } from './recent.ts';
  import type { LightPanelWay } from './panel.ts';

  let { light, onlight, recent }: LightPanelWay & { recent: readonly RecentFrame[] } = $props();
  const label = ({ frame, filmName }: RecentFrame): string => `frame ${frame.number} of ${filmName}`;
  const hint = (frame: Frame): string => {
    const apart = hoursApart(new Date(frame.takenAt.at), new Date());
    if (apart < 0.75) return 'about this time of day';
    return apart > 5 ? 'another time of day: the sun stood elsewhere' : '';
  };
</script>

<p class="kicker">The light is as it was for</p>
<div class="max-h-85 overflow-y-auto p-0.5" role="group" aria-label="Earlier frames">
  {#each toldOf(recent) as entry (entry.frame.id)}
    {@const { frame } = entry}
    <button
      class="flex justify-between gap-2.5 w-full min-h-12 py-1.5 px-2 text-left leading-[1.25] border-b border-b-(--line) cursor-pointer hover:bg-(--well)"
      type="button"
      aria-pressed={light.way.kind === 'frame' && light.way.frameId === frame.id}
      onclick={() => onlight(choiceFromFrame({ id: frame.id, light: entry.light }, label(entry)))}
    >
      <span>
        <b class="block">{frame.note === '' ? label(entry) : frame.note}</b>
        <span class="soft block text-[0.8125rem]"
          >{label(entry)}, {sayWhen(frame.takenAt)}. {sayWay(entry.light.way)}</span
        >
        {#if hint(frame) !== ''}<i class="block text-[0.8125rem]">{hint(frame)}</i>{/if}
      </span>
      <span class="[font:650_1.125rem_var(--font-display)]">{formatLv(entry.light.lv)}</span>
    </button>
  {:else}
    <p>No frame is logged yet. The first ones make this list.</p>
  {/each}
</div>

<style>
  button[aria-pressed='true'] {
    background: var(--ink);
    color: var(--sheet);
  }
  button[aria-pressed='true'] .soft {
    color: inherit;
  }
</style>
