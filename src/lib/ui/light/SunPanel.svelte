<!-- Light from sun, moon and sky at a place and moment, and how it will go on. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import { TOLD_SKIES } from '#core/sky/illuminance.ts';
  import { FACINGS, GROUNDS } from '#core/sky/sky-light.ts';
  import { timeText, zoneHere } from '#core/sky/zone.ts';
  import { choiceFromSun, type NamedPlace } from '#core/ways/choice.ts';
  import { formatLv, formatThirds } from '#core/units/stops.ts';
  import { LV_RANGE } from '#core/light/lv.ts';
  import { useCurrent } from '../current.svelte.ts';
  import { changeSettings } from '../offline/remember.ts';
  import { percent, shareOf, WHOLE } from '../rule/view.ts';
  import { FACING_WORDS, GROUND_WORDS, skyName } from '../text/say-light.ts';
  import PlaceField from './PlaceField.svelte';
  import type { LightPanelWay } from './panel.ts';
  import { recentPlaces } from './recent-places.ts';
  import type { RecentFrame } from './recent.ts';
  import { sayEvent } from './say-sun.ts';
  import { SunDraft } from './sun-draft.svelte.ts';

  let {
    light,
    onlight,
    place,
    recent
  }: LightPanelWay & { place: NamedPlace | null; recent: readonly RecentFrame[] } = $props();
  const uid = $props.id();
  const current = useCurrent();
  // what is entered afterwards is the draft's own
  // svelte-ignore state_referenced_locally
  const draft = new SunDraft(light.way.kind === 'sun' ? light.way : current.planned, place);
  const zone = $derived(draft.place?.zone ?? zoneHere());

  // the light follows what is entered; while something is missing the last good one stays
  $effect(() => {
    const { way } = draft;
    // whatever else whoever takes the light looks at: only what is entered makes it a new one
    if (way)
      untrack(() => {
        current.planned = way;
        onlight(choiceFromSun(way));
      });
  });

  function move(next: NamedPlace): void {
    draft.moveTo(next);
    void changeSettings({ place: next }, current.settings);
  }
</script>

<div class="grid gap-1">
  {#if draft.place}
    <p>
      <b>{draft.place.name}</b>
      <span class="text-(--soft) text-[0.875rem]">{place ? 'as last time' : ''} ({zone})</span>
    </p>
  {/if}
  <PlaceField place={draft.place} lately={recentPlaces(recent, draft.place)} onplace={move} />
  {#if draft.place}
    <div class="grid [grid-template-columns:1.3fr_0.9fr_auto] gap-1.5 items-end">
      <span>
        <label class="kicker" for="{uid}-date">Day</label>
        <input
          id="{uid}-date"
          class="input"
          autocomplete="off"
          bind:value={draft.date}
          aria-describedby="{uid}-trouble"
        />
      </span>
      <span>
        <label class="kicker" for="{uid}-time">Time there</label>
        <input
          id="{uid}-time"
          class="input"
          autocomplete="off"
          bind:value={draft.time}
          aria-describedby="{uid}-trouble"
        />
      </span>
      <button type="button" class="chip" onclick={() => draft.setMoment(Date.now())}>Now</button>
    </div>
    <p id="{uid}-trouble" class="text-(--accent) font-semibold text-[0.875rem]" role="status">
      {draft.trouble}
    </p>
    {#if draft.choices}
      <div class="pair">
        <button
          type="button"
          class="chip"
          aria-pressed={draft.meant === 'earlier'}
          onclick={() => (draft.meant = 'earlier')}>{draft.choices.earlier}</button
        >
        <button
          type="button"
          class="chip"
          aria-pressed={draft.meant === 'later'}
          onclick={() => (draft.meant = 'later')}>{draft.choices.later}</button
        >
      </div>
    {/if}
    <p class="kicker">The sky</p>
    <div class="three">
      {#each TOLD_SKIES as sky (sky)}
        <button type="button" class="chip" aria-pressed={draft.sky === sky} onclick={() => (draft.sky = sky)}
          >{skyName(sky)}</button
        >
      {/each}
    </div>
    {#if draft.sky === 'unsaid'}
      <p class="text-(--soft) text-[0.875rem]">
        This program knows no weather: the light is a band over all skies until you say.
      </p>
    {/if}
    <label class="kicker" for="{uid}-facing">The subject is</label>
    <select id="{uid}-facing" class="select" bind:value={draft.facing}>
      {#each FACINGS as facing (facing)}<option value={facing}>{FACING_WORDS[facing]}</option>{/each}
    </select>
    <label class="kicker" for="{uid}-ground">On</label>
    <select id="{uid}-ground" class="select" bind:value={draft.ground}>
      {#each GROUNDS as ground (ground)}<option value={ground}>{GROUND_WORDS[ground]}</option>{/each}
    </select>
    {#if draft.course.length > 0}
      <table class="mt-1 w-full">
        <caption class="kicker">How the light goes on</caption>
        <thead class="sr-only"><tr><th scope="col">Time</th><th scope="col">LV</th><td></td></tr></thead>
        <tbody>
          {#each draft.course as point (point.ms)}
            <tr>
              <th scope="row">{timeText(point.ms, zone)}</th>
              <td
                >{formatLv(point.lv)}
                <span class="text-(--soft) text-[0.875rem]">± {formatThirds(point.sdStops)}</span></td
              >
              <td class="bar"
                ><i
                  class="band"
                  style:left={percent(shareOf(WHOLE, point.lv - point.sdStops))}
                  style:width={percent((2 * point.sdStops) / (WHOLE.to - WHOLE.from))}
                ></i><i class="mean" style:left={percent(shareOf(WHOLE, point.lv))}></i></td
              >
            </tr>
          {/each}
        </tbody>
      </table>
      <label class="kicker" for="{uid}-passes">When does it pass LV</label>
      <input
        id="{uid}-passes"
        class="input w-[5rem]"
        inputmode="decimal"
        placeholder="8"
        bind:value={draft.wanted}
        aria-describedby="{uid}-passing"
      />
      <p id="{uid}-passing" role="status" data-testid="passing">
        {#if draft.passing === null}
          Not within twelve hours.
        {:else if draft.passing !== ''}
          At {timeText(draft.passing, zone)}.
        {:else if draft.wanted.trim() !== ''}
          “{draft.wanted}” is no light value. Give a number from {LV_RANGE.min} to {LV_RANGE.max}.
        {/if}
      </p>
      <ul class="text-[0.875rem] leading-[1.4] mt-1.5" aria-label="Sun and moon in the next day">
        {#each draft.events as event (event.kind)}
          <li><b>{timeText(event.ms, zone)}</b> {sayEvent(event.kind)}</li>
        {:else}
          <li>Sun and moon neither rise nor set within a day.</li>
        {/each}
      </ul>
      <p class="mt-1.5">Never look at the sun through a finder or lens: it burns the eye at once.</p>
    {/if}
  {:else}
    <p class="text-(--soft) text-[0.875rem]">
      Sun, moon and twilight are worked out here, without a network. Say where you are.
    </p>
  {/if}
</div>

<style>
  .kicker {
    margin-top: 6px;
  }
  .pair,
  .three {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(70px, 1fr));
    gap: 6px;
  }
  caption {
    text-align: left;
  }
  th,
  td {
    font-weight: 400;
    text-align: left;
    padding: 1px 8px 1px 0;
    font-size: 0.9375rem;
    line-height: 1.25;
    white-space: nowrap;
  }
  .bar {
    width: 100%;
    padding: 0;
  }
  .bar {
    position: relative;
  }
  .bar i {
    position: absolute;
    top: 4px;
    height: 9px;
    background: var(--line);
  }
  .bar .mean {
    top: 1px;
    width: 2.5px;
    height: 15px;
    background: var(--ink);
  }
</style>
