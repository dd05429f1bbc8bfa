<!-- A minute of the day: its light, and what the pair makes of it each way it is held, under every sky that it may have. -->
<script lang="ts">
  import { lightUnderSky, skiesOf, type PlanDay } from '#core/plan/day-light.ts';
  import { servingAt, type PlanPair } from '#core/plan/serving.ts';
  import { textFromAsked } from '#schema/address/asked-query.ts';
  import { queryFromLight } from '#schema/address/light-query.ts';
  import { choiceFromScene, type LightChoice, type NamedPlace } from '#core/ways/choice.ts';
  import { choiceFromSun } from '#core/ways/choice-from-sun.ts';
  import { sceneById } from '#core/light/scenes.ts';
  import { timeText } from '#core/sky/zone.ts';
  import { formatLv } from '#core/units/stops.ts';
  import { skyName } from '../text/say-light.ts';
  import { chanceInHundred } from '../text/say.ts';
  import { sayStep } from '../text/say-remedy.ts';
  import { HELD_WORDS, PURPOSE_WORDS } from '../shoot/words.ts';
  import { sayShot } from './say-plan.ts';
  import { LANES, type Lane } from './planner.svelte.ts';

  let {
    day,
    place,
    lamps,
    ownLamps,
    atMs,
    pair,
    loadId,
    lanes
  }: {
    day: PlanDay;
    place: NamedPlace;
    /** The scene whose lamps stay on; '' = none. */
    lamps: string;
    /** Their light where the person has read it; null = not. */
    ownLamps: LightChoice | null;
    atMs: number;
    pair: PlanPair;
    loadId: string;
    lanes: readonly Lane[];
  } = $props();
  const skies = $derived(skiesOf(day));
  const lights = $derived(skies.map((sky) => ({ sky, point: lightUnderSky(day, sky)(atMs) })));
  const rows = $derived(
    LANES.filter((lane) => lanes.includes(lane)).map((lane) => ({
      lane,
      under: lights.flatMap(({ sky, point }) => {
        const serving = servingAt(pair, point, lane);
        return serving ? [{ sky, serving }] : [];
      })
    }))
  );
  const camera = $derived(pair.situation.camera);
  const purpose = $derived(pair.situation.purpose ?? 'good-frame');
  /** What Shoot opens with: this minute's light, the purpose, and how the camera is held. */
  function shootThen(lane: Lane): string {
    const scene = sceneById(lamps);
    const byLamps = lights.some(({ point }) => point.lightKind === 'lamps');
    const { sky, facing, ground } = day;
    const lit = ownLamps ?? (scene && choiceFromScene(scene));
    const light = byLamps && lit ? lit : choiceFromSun({ kind: 'sun', place, ms: atMs, sky, facing, ground });
    const asked = textFromAsked({ support: lane, ...(purpose === 'good-frame' ? {} : { purpose }) });
    return `/shoot?load=${encodeURIComponent(loadId)}&${queryFromLight(light).toString()}&with=${encodeURIComponent(asked)}`;
  }
</script>

<section
  class="grid grid-cols-[minmax(0,1fr)] gap-1.5"
  aria-label="At {timeText(atMs, place.zone)}"
  data-testid="at-minute"
>
  <p class="flex flex-wrap items-baseline gap-x-1.5">
    <b class="text-xl">{timeText(atMs, place.zone)}</b>
    {#each lights as { sky, point }, i (sky)}
      <span class="whitespace-nowrap"
        >LV {formatLv(point.lv)}{#if lights.length > 1}<span class="soft"
            >&nbsp;{skyName(sky)}{i < lights.length - 1 ? ',' : ''}</span
          >{/if}</span
      >
    {/each}
  </p>
  {#each rows as { lane, under } (lane)}
    {@const best = under[Math.floor(under.length / 2)]}
    {@const isServed = purpose === 'good-frame' || under.some((u) => u.serving.serves)}
    <div class="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-t border-(--line) py-1.5">
      <div class="min-w-0">
        <p>
          <b>{HELD_WORDS[lane].charAt(0).toUpperCase() + HELD_WORDS[lane].slice(1)}</b>:
          {#if isServed}
            {#each under as { sky, serving: { verdict } }, i (sky)}{i > 0 ? ', ' : ''}<b
                >{chanceInHundred(verdict.pUsable)}</b
              >{under.length > 1 ? ` ${skyName(sky)}` : ''}{/each} in 100
          {:else}
            no {PURPOSE_WORDS[purpose]} then
          {/if}
        </p>
        {#if best && isServed}
          {@const { verdict, steps } = best.serving}
          <p class="soft">
            {[...steps.map((s) => sayStep(s)), sayShot(camera, verdict)].join(', ')}
          </p>
        {/if}
      </div>
      {#if isServed}<a class="btn preset-outlined min-h-11" href={shootThen(lane)}>Shoot then</a>{/if}
    </div>
  {/each}
</section>
