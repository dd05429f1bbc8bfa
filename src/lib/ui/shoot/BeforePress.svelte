<!-- What to look at before each press: what the log tells first, then the owner's own reminders; ticked off for this frame. -->
<script lang="ts">
  import { atHandFrom } from '#core/advice/at-hand.ts';
  import { toldBefore } from '#core/log/told-before.ts';
  import { pressChecks } from '#core/log/before-press.ts';
  import { useCurrent } from '../current.svelte.ts';
  import type { Judged } from '../current-judge.ts';
  import { sayDone } from '../notices/say.ts';
  import { offline } from '../offline/offline.svelte.ts';
  import Reminders from './Reminders.svelte';
  import { sayCheck, sayTold } from './words.ts';

  let { judged }: { judged: Judged } = $props();
  const current = useCurrent();
  const checks = $derived(
    pressChecks(
      judged.pair.camera,
      judged.shown,
      judged.pair.present,
      current.conditions,
      judged.pair.lastConditions,
      judged.pair
    )
  );

  // what was looked at before one frame is looked at again before the next
  const frame = $derived(`${judged.pair.loadId} ${judged.pair.nextNumber ?? ''}`);
  let done = $state.raw<{ readonly frame: string; readonly words: readonly string[] }>({
    frame: '',
    words: []
  });
  const ticked = $derived(new Set(done.frame === frame ? done.words : []));
  function tick(words: string, on: boolean): void {
    done = { frame, words: on ? [...ticked, words] : [...ticked].filter((w) => w !== words) };
  }

  const bySight = $derived(['shadow', 'sky'].includes(judged.light.way.kind));
  const told = $derived(
    toldBefore(judged.situation, judged.shown, bySight, atHandFrom([], current.things).flashes)
  );

  async function layFilter(): Promise<void> {
    const { loadId } = judged.pair;
    await offline.put({ kind: 'pack-filter', loadId, on: true });
    sayDone('The filter lies on the pack: every answer counts with it.', () => {
      void offline.put({ kind: 'pack-filter', loadId, on: false });
    });
  }
</script>

{#if checks.length > 0}
  <ul
    class="grid gap-[3px] py-2 px-3 [border:1.5px_dashed_var(--ink)] rounded-[4px] text-[0.9375rem] leading-[1.3]"
    aria-label="Before you press"
    data-testid="checks"
  >
    {#each checks as check (sayCheck(check))}<li class="flex gap-2">
        <label class="flex flex-1 cursor-pointer items-center gap-2.5 py-1.5">
          <input
            type="checkbox"
            class="checkbox"
            checked={ticked.has(sayCheck(check))}
            onchange={(e) => tick(sayCheck(check), e.currentTarget.checked)}
          />
          <span class={ticked.has(sayCheck(check)) ? 'text-(--soft) line-through' : ''}
            >{sayCheck(check)}</span
          >
        </label>
        {#if check.check === 'pack-filter'}
          <button type="button" class="chip" onclick={() => void layFilter()}>It is on</button>
        {/if}
      </li>{/each}
  </ul>
{/if}
{#if told.length > 0}
  <ul
    class="grid gap-[3px] text-[0.9375rem] leading-[1.3] text-(--soft)"
    aria-label="Good to know"
    data-testid="told"
  >
    {#each told as fact (fact.told)}<li class="flex gap-2">{sayTold(fact)}</li>{/each}
  </ul>
{/if}
<Reminders camera={judged.pair.camera} />
