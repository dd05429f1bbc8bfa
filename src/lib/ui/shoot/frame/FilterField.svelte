<!-- What is on the lens: filters and where they sit, a close-up lens; and several exposures on one frame. -->
<script lang="ts">
  import { atHandFrom } from '#core/advice/at-hand.ts';
  import { setsItself } from '#core/camera/camera.ts';
  import { PLAIN } from '#core/error/circumstances.ts';
  import type { FilterPlace } from '#core/error/filters.ts';
  import { invalidateAll } from '$app/navigation';
  import { changeLoad } from '../../api.ts';
  import { useCurrent } from '../../current.svelte.ts';
  import type { Judged } from '../../current-judge.ts';
  import { sayTrouble } from '../../notices/say.ts';
  import { FILTER_PLACES } from '../../text/say-remedy.ts';
  import { sayFilter } from '../words.ts';

  let { judged }: { judged: Judged } = $props();
  const current = useCurrent();
  const uid = $props.id();
  /** Powers that close-up lenses are sold in. Common practice, no source. */
  const CLOSE_UPS = [1, 2, 3, 4, 5, 10] as const;
  const camera = $derived(judged.pair.camera);
  const filters = $derived(atHandFrom([], current.things).filters);
  const now = $derived({ ...PLAIN, ...current.asked.circumstances });
  const places = $derived<readonly FilterPlace[]>(
    setsItself(camera) ? ['lens-and-eye', 'lens', 'pack', 'eye'] : ['lens']
  );

  function put(index: string): void {
    const filter = filters[Number(index)];
    if (filter) current.ask({ filters: [...now.filters, { ...filter, place: places[0] ?? 'lens' }] });
  }
  function move(at: number, place: string): void {
    const next = places.find((p) => p === place);
    if (next === 'pack') void layOnPack(at);
    else if (next)
      current.ask({ filters: now.filters.map((f, i) => (i === at ? { ...f, place: next } : f)) });
  }
  /** What lies on the pack belongs to the pack: it stays on it whatever else is taken off. */
  async function layOnPack(at: number): Promise<void> {
    const filter = now.filters[at];
    if (!filter) return;
    const packFilter = { name: filter.name, stops: filter.stops, on: true };
    if (await changePack(packFilter)) current.ask({ filters: now.filters.filter((_, i) => i !== at) });
    await invalidateAll();
  }
  async function changePack(packFilter: Judged['pair']['packFilter']): Promise<boolean> {
    const { loadId, loadRevision } = judged.pair;
    const changed = await changeLoad(loadId, { packFilter }, loadRevision);
    if (!changed.ok) sayTrouble(changed.error.words);
    return changed.ok;
  }
  async function takeOffPack(): Promise<void> {
    await changePack(null);
    await invalidateAll();
  }
</script>

<div class="grid gap-1.5">
  {#each now.filters as filter, i (i)}
    <div class="flex flex-wrap items-center gap-x-2.5 gap-y-1.5">
      <span>{sayFilter(filter)}</span>
      {#if places.length > 1}
        <select
          class="select w-auto flex-[1_1_8rem]"
          aria-label="Where {sayFilter(filter)} sits"
          value={filter.place}
          onchange={(e) => move(i, e.currentTarget.value)}
        >
          {#each places as place (place)}<option value={place}>{FILTER_PLACES[place]}</option>{/each}
        </select>
      {/if}
      <button
        type="button"
        class="chip"
        aria-label="Take {sayFilter(filter)} off"
        onclick={() => current.ask({ filters: now.filters.filter((_, j) => j !== i) })}>Take off</button
      >
    </div>
  {/each}
  {#if judged.pair.packFilter}
    <div class="flex flex-wrap items-center gap-x-2.5 gap-y-1.5">
      <span
        >{sayFilter(judged.pair.packFilter)}
        {judged.pair.packFilter.on ? 'on this pack' : 'to be laid on this pack'}</span
      >
      <button type="button" class="chip" onclick={() => void takeOffPack()}>Not on this pack</button>
    </div>
  {/if}
  {#if filters.length > 0}
    <label class="kicker" for="{uid}-filter">Put a filter on</label>
    <select
      id="{uid}-filter"
      class="select"
      value=""
      onchange={(e) => {
        put(e.currentTarget.value);
        e.currentTarget.value = '';
      }}
    >
      <option value="">{now.filters.length === 0 ? 'none is on' : 'another one'}</option>
      {#each filters as filter, i (i)}<option value={String(i)}>{sayFilter(filter)}</option>{/each}
    </select>
  {:else}
    <p class="soft">No filter is in the kit. <a class="underline" href="/kit">Add one in Kit</a>.</p>
  {/if}
  <label class="kicker" for="{uid}-close">Close-up lens</label>
  <select
    id="{uid}-close"
    class="select"
    value={String(now.closeUpDioptres ?? 0)}
    onchange={(e) => current.ask({ closeUpDioptres: Number(e.currentTarget.value) || undefined })}
  >
    <option value="0">none</option>
    {#each CLOSE_UPS as power (power)}<option value={String(power)}>{power} dioptres</option>{/each}
  </select>
  {#if camera.repeats}
    <label class="kicker" for="{uid}-times">Exposures on this frame</label>
    <select
      id="{uid}-times"
      class="select"
      value={String(now.exposures)}
      onchange={(e) => current.ask({ exposures: Number(e.currentTarget.value) })}
    >
      {#each [1, 2, 3, 4, 8] as n (n)}<option value={String(n)}>{n}</option>{/each}
    </select>
  {/if}
</div>
