<!-- What is wanted at a stop: what and where, when, how many frames, and in which light. -->
<script lang="ts">
  import { PURPOSES, type Purpose } from '#core/error/situation.ts';
  import { FACINGS, type Facing, GROUNDS, type Ground } from '#core/sky/sky-scene.ts';
  import { wallClock } from '#core/sky/wall-clock.ts';
  import type { Mover } from '#core/plan/crossing.ts';
  import type { Stop } from '#core/plan/outing.ts';
  import type { Pair } from '#core/log/pair.ts';
  import { formatDecimal } from '#core/units/decimal.ts';
  import { formatLv } from '#core/units/stops.ts';
  import { ok } from '#core/numeric/result.ts';
  import type { RecentFrame } from '../../light/recent.ts';
  import { recentPlaces } from '../../light/recent-places.ts';
  import PlaceField from '../../light/PlaceField.svelte';
  import Tile from '../../tile/Tile.svelte';
  import WordsTile from '../../tile/WordsTile.svelte';
  import { PURPOSE_WORDS } from '../../shoot/words.ts';
  import { FACING_WORDS, GROUND_WORDS } from '../../text/say-light.ts';
  import { LAMP_SCENES } from '../plan-draft.svelte.ts';
  import ReadTile from '../../tile/ReadTile.svelte';
  import { readCount, readHour, readMeasure } from './read-stop.ts';
  import { sayPair } from './say-outing.ts';

  let {
    stop,
    pairs,
    recent,
    onchange
  }: {
    stop: Stop;
    pairs: readonly Pair[];
    /** Frames whose views can be taken again. */
    recent: readonly RecentFrame[];
    onchange: (stop: Stop) => void;
  } = $props();
  const put = (more: Partial<Stop>): void => onchange({ ...stop, ...more });
  const KMH = 3.6;
  /** A train of three cars at town speed, across a street. */
  const MOVER: Mover = { metresPerSecond: 60 / KMH, lengthM: 75, distanceM: 20 };
  const moved = (more: Partial<Mover>): void => put({ mover: { ...MOVER, ...stop.mover, ...more } });
  const text = (value: number): string => formatDecimal(value, 1);
  const views = $derived(
    recent.flatMap(({ frame, filmName }) =>
      frame.light?.way.kind === 'sun' ? [{ frame, filmName, way: frame.light.way }] : []
    )
  );
  function again(id: string): void {
    const view = views.find((v) => v.frame.id === id);
    if (!view) return;
    const { place, ms, facing, ground } = view.way;
    put({
      place,
      facing,
      ground,
      time: wallClock(ms, place.zone).time,
      subject: view.frame.note || stop.subject
    });
  }
</script>

<div class="grid gap-1.5">
  {#if views.length > 0}
    <Tile label="A view again" value="" onchoose={again}>
      <option value="">none</option>
      {#each views as { frame, filmName } (frame.id)}
        <option value={frame.id}>{filmName} {frame.number}{frame.note === '' ? '' : `, ${frame.note}`}</option
        >
      {/each}
    </Tile>
  {/if}
  <div class="grid grid-cols-2 items-start gap-1.5">
    <ReadTile
      label="What"
      text={stop.subject}
      read={(t: string) => ok(t)}
      onread={(subject: string) => put({ subject })}
      example="the ferry"
    />
    <ReadTile
      label="At, by the clocks there"
      text={stop.time}
      read={readHour}
      onread={(time: string) => put({ time })}
      example="when it works"
    />
  </div>
  <details>
    <summary class="min-h-11 cursor-pointer content-center"
      ><b>{stop.place.name}</b> <span class="soft">({stop.place.zone})</span></summary
    >
    <PlaceField
      place={stop.place}
      lately={recentPlaces(recent, stop.place)}
      onplace={(place: Stop['place']) => put({ place })}
    />
  </details>
  <div class="grid grid-cols-2 items-start gap-1.5">
    <WordsTile
      label="Purpose"
      value={stop.purpose}
      all={PURPOSES}
      words={PURPOSE_WORDS}
      onchoose={(value: Purpose) => put({ purpose: value, mover: null })}
    />
    <Tile
      label="Camera"
      value={stop.loadId ?? ''}
      onchoose={(v: string) => put({ loadId: v === '' ? null : v })}
    >
      <option value="">whichever serves</option>
      {#each pairs as pair (pair.loadId)}<option value={pair.loadId}>{sayPair(pair)}</option>{/each}
    </Tile>
    {#if stop.purpose === 'light-trails'}
      <Tile
        label="It shall hold"
        value={stop.mover ? 'mover' : ''}
        onchoose={(v: string) => put({ mover: v === '' ? null : MOVER })}
      >
        <option value="">4 to 10 seconds of lights</option>
        <option value="mover">a mover through the frame</option>
      </Tile>
      {#if stop.mover}
        <ReadTile
          label="It goes, km/h"
          text={text(stop.mover.metresPerSecond * KMH)}
          read={readMeasure('speed in km/h', 0.2, 1440)}
          onread={(v: number) => moved({ metresPerSecond: v / KMH })}
          inputmode="decimal"
        />
        <ReadTile
          label="It is long, m (0: one light)"
          text={text(stop.mover.lengthM)}
          read={readMeasure('length in metres', 0, 1000)}
          onread={(lengthM: number) => moved({ lengthM })}
          inputmode="decimal"
        />
        <ReadTile
          label="It passes at, m"
          text={text(stop.mover.distanceM)}
          read={readMeasure('distance in metres', 0.1, 10_000)}
          onread={(distanceM: number) => moved({ distanceM })}
          inputmode="decimal"
        />
      {/if}
    {/if}
    <ReadTile
      label="Frames wanted"
      text={String(stop.frames)}
      read={readCount('frames', 999)}
      onread={(frames: number) => put({ frames })}
      inputmode="numeric"
    />
    <ReadTile
      label="Tries for each"
      text={String(stop.tries)}
      read={readCount('tries', 50)}
      onread={(tries: number) => put({ tries })}
      inputmode="numeric"
    />
    <WordsTile
      label="The subject is"
      value={stop.facing}
      all={FACINGS}
      words={FACING_WORDS}
      onchoose={(value: Facing) => put({ facing: value })}
    />
    <WordsTile
      label="On"
      value={stop.ground}
      all={GROUNDS}
      words={GROUND_WORDS}
      onchoose={(value: Ground) => put({ ground: value })}
    />
    <Tile label="Lamps that stay on" value={stop.lamps} onchoose={(lamps: string) => put({ lamps })}>
      <option value="">none</option>
      {#each LAMP_SCENES as { id, name, lv } (id)}<option value={id}>{name} (LV {formatLv(lv)})</option
        >{/each}
    </Tile>
  </div>
</div>
