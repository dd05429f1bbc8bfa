<!-- Light from sun, moon and sky at a place and moment, and how it will go on. -->
<script lang="ts">
  import { untrack } from 'svelte';
  import { FACINGS, GROUNDS, TOLD_SKIES } from '#core/sky/sky-scene.ts';
  import { timeText, zoneHere } from '#core/sky/zone.ts';
  import type { NamedPlace } from '#core/ways/choice.ts';
  import { choiceFromSun } from '#core/ways/choice-from-sun.ts';
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
        <label class="kicker mt-1.5" for="{uid}-date">Day</label>
        <input
          id="{uid}-date"
          class="input"
          autocomplete="off"
          bind:value={draft.date}
          aria-describedby="{uid}-trouble"
        />
      </span>
      <span>
        <label class="kicker mt-1.5" for="{uid}-time">Time there</label>
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
    <p id="{uid}-trouble" class="text-(--accent-ink) font-semibold text-[0.875rem]" role="status">
      {draft.trouble}
    </p>
    {#if draft.choices}
      <div class="grid grid-cols-[repeat(auto-fit,minmax(70px,1fr))] gap-1.5">
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
    <p class="kicker mt-1.5">The sky</p>
    <div class="grid grid-cols-[repeat(auto-fit,minmax(70px,1fr))] gap-1.5">
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
    <label class="kicker mt-1.5" for="{uid}-facing">The subject is</label>
    <select id="{uid}-facing" class="select" bind:value={draft.facing}>
      {#each FACINGS as facing (facing)}<option value={facing}>{FACING_WORDS[facing]}</option>{/each}
    </select>
    <label class="kicker mt-1.5" for="{uid}-ground">On</label>
    <select id="{uid}-ground" class="select" bind:value={draft.ground}>
      {#each GROUNDS as ground (ground)}<option value={ground}>{GROUND_WORDS[ground]}</option>{/each}
    </select>
    {#if draft.course.length > 0}
      <table class="mt-1 w-full">
        <caption class="kicker mt-1.5 text-left">How the light goes on</caption>
        <thead class="sr-only"
          ><tr
            ><th
              class="font-normal text-left pt-[1px] pr-2 pb-[1px] text-[0.9375rem] leading-[1.25] whitespace-nowrap"
              scope="col">Time</th
            ><th
              class="font-normal text-left pt-[1px] pr-2 pb-[1px] text-[0.9375rem] leading-[1.25] whitespace-nowrap"
              scope="col">LV</th
            ><td
              class="font-normal text-left pt-[1px] pr-2 pb-[1px] text-[0.9375rem] leading-[1.25] whitespace-nowrap"
            ></td></tr
          ></thead
        >
        <tbody>
          {#each draft.course as point (point.ms)}
            <tr>
              <th
                class="font-normal text-left pt-[1px] pr-2 pb-[1px] text-[0.9375rem] leading-[1.25] whitespace-nowrap"
                scope="row">{timeText(point.ms, zone)}</th
              >
              <td
                class="font-normal text-left pt-[1px] pr-2 pb-[1px] text-[0.9375rem] leading-[1.25] whitespace-nowrap"
                >{formatLv(point.lv)}
                <span class="text-(--soft) text-[0.875rem]">± {formatThirds(point.sdStops)}</span></td
              >
              <td
                class="bar font-normal text-left text-[0.9375rem] leading-[1.25] whitespace-nowrap w-full relative"
                ><i
                  class="band absolute top-1 h-[9px] bg-(--line)"
                  style:left={percent(shareOf(WHOLE, point.lv - point.sdStops))}
                  style:width={percent((2 * point.sdStops) / (WHOLE.to - WHOLE.from))}
                ></i><i
                  class="absolute top-[1px] h-[15px] bg-(--ink) w-[2.5px]"
                  style:left={percent(shareOf(WHOLE, point.lv))}
                ></i></td
              >
            </tr>
          {/each}
        </tbody>
      </table>
      <label class="kicker mt-1.5" for="{uid}-passes">When does it pass LV</label>
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
