<!-- Frames in rows, to be read across and changed together. -->
<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { borderExtras, frameMarks } from '#core/log/border-note.ts';
  import type { Frame } from '#core/log/frame.ts';
  import type { Judgement } from '#core/learn/judgement.ts';
  import type { Pair } from '#core/log/pair.ts';
  import { formatLv } from '#core/units/stops.ts';
  import type { ManyEdit } from '#schema/log/many-frames.ts';
  import { changeMany } from '../api.ts';
  import { sayJudgement } from '../learn/say-learn.ts';
  import { sayDone, sayTrouble } from '../notices/say.ts';
  import { chanceInHundred, sayError } from '../text/say.ts';
  import { sayWhen } from './say-frame.ts';
  import { tagsFrom } from './tags.ts';

  let {
    frames,
    pairOf,
    judgementOf,
    inTrash
  }: {
    frames: readonly Frame[];
    pairOf: ReadonlyMap<string, Pair>;
    judgementOf: ReadonlyMap<string, Judgement>;
    inTrash: boolean;
  } = $props();
  const uid = $props.id();
  let chosen = $state.raw<ReadonlySet<string>>(new Set());
  let addTags = $state('');
  let removeTags = $state('');
  let subject = $state('');
  const ids = $derived(frames.map((f) => f.id).filter((id) => chosen.has(id)));
  const frameWord = $derived(ids.length === 1 ? 'frame' : 'frames');

  function choose(id: string, is: boolean): void {
    chosen = new Set(is ? [...chosen, id] : [...chosen].filter((c) => c !== id));
  }

  /** The revisions that the table shows. */
  const seenOf = (of: readonly string[]): number[] =>
    of.map((id) => frames.find((f) => f.id === id)?.revision ?? 1);

  async function change(edit: Partial<ManyEdit> & Pick<ManyEdit, 'act'>): Promise<boolean> {
    const revisions = seenOf(ids);
    const sent = await changeMany({ ids, revisions, addTags: [], removeTags: [], subject: null, ...edit });
    if (!sent.ok) sayTrouble(sent.error);
    await invalidateAll();
    return sent.ok;
  }

  async function describe(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const count = ids.length;
    const changed = await change({
      act: 'describe',
      ...{ addTags: [...tagsFrom(addTags)], removeTags: [...tagsFrom(removeTags)] },
      subject: subject.trim() === '' ? null : subject.trim()
    });
    if (!changed) return;
    sayDone(`${count} ${count === 1 ? 'frame is' : 'frames are'} changed.`);
    [addTags, removeTags, subject] = ['', '', ''];
  }

  async function move(act: 'remove' | 'restore'): Promise<void> {
    const moved = ids;
    // moving each made its next revision
    const revisions = seenOf(moved).map((r) => r + 1);
    if (!(await change({ act }))) return;
    chosen = new Set();
    const back = act === 'remove' ? 'restore' : 'remove';
    sayDone(act === 'remove' ? `${moved.length} in the trash.` : `${moved.length} back in the log.`, () => {
      void changeMany({ act: back, ids: moved, revisions, addTags: [], removeTags: [], subject: null }).then(
        (undone) => {
          if (!undone.ok) sayTrouble(undone.error);
          void invalidateAll();
        }
      );
    });
  }
</script>

{#if ids.length > 0}
  <form onsubmit={describe} aria-label="Change the chosen frames">
    <b>{ids.length} {frameWord}</b>
    {#if inTrash}
      <button type="button" class="btn preset-filled-primary-700-300" onclick={() => void move('restore')}
        >Back into the log</button
      >
    {:else}
      <div>
        <label for="{uid}-add">Add tags</label>
        <input id="{uid}-add" class="input" list="all-tags" bind:value={addTags} />
      </div>
      <div>
        <label for="{uid}-less">Take tags off</label>
        <input id="{uid}-less" class="input" list="all-tags" bind:value={removeTags} />
      </div>
      <div>
        <label for="{uid}-subject">Subject for all</label>
        <input id="{uid}-subject" class="input" maxlength="200" bind:value={subject} />
      </div>
      <button class="btn preset-filled-primary-700-300">Change them</button>
      <button type="button" class="btn preset-outlined-surface-950-50" onclick={() => void move('remove')}
        >To the trash</button
      >
    {/if}
  </form>
{/if}
<div class="overflow-x-auto relative print:[overflow:visible]">
  <table
    class="w-full min-w-225 [border-collapse:collapse] text-[0.9375rem] leading-[1.3] print:min-w-0 print:[font-size:9pt]"
  >
    <thead>
      <tr>
        <th
          ><label class="grid size-11 cursor-pointer place-items-center"
            ><input
              type="checkbox"
              class="checkbox"
              aria-label="Choose all"
              checked={ids.length > 0 && ids.length === frames.length}
              onchange={(e) => (chosen = new Set(e.currentTarget.checked ? frames.map((f) => f.id) : []))}
            /></label
          ></th
        >
        <th>No.</th><th>When</th><th>Film, camera</th><th>Set</th><th>LV</th><th>Expected</th><th>Came out</th
        ><th>Subject, note</th><th>Tags</th>
      </tr>
    </thead>
    <tbody>
      {#each frames as frame (frame.id)}
        {@const pair = pairOf.get(frame.loadId)}
        {@const judgement = judgementOf.get(frame.id)}
        <tr>
          <td
            ><label class="grid size-11 cursor-pointer place-items-center"
              ><input
                type="checkbox"
                class="checkbox"
                aria-label="Choose frame {frame.number}"
                checked={chosen.has(frame.id)}
                onchange={(e) => choose(frame.id, e.currentTarget.checked)}
              /></label
            ></td
          >
          <td class="figure">{frame.number}</td>
          <td>{sayWhen(frame.takenAt)}</td>
          <td>{pair ? `${pair.film.name}, ${pair.camera.name}` : 'gone from the kit'}</td>
          <td>{[frameMarks(frame), ...borderExtras(frame)].join(' · ')}</td>
          <td class="figure"
            >{#if frame.light}{formatLv(frame.light.lv)}{:else}not told{/if}</td
          >
          <td
            >{#if frame.expected}{sayError(frame.expected.deltaStops)}, {chanceInHundred(
                frame.expected.pUsable
              )}{/if}</td
          >
          <td
            >{#if judgement}{sayJudgement(judgement)}{/if}</td
          >
          <td>{[frame.about.subject, frame.note].filter((s) => s !== '').join(' · ')}</td>
          <td>{frame.about.tags.join(', ')}</td>
        </tr>
      {/each}
    </tbody>
  </table>
</div>

<style>
  form {
    position: sticky;
    top: 0;
    z-index: 2;
    display: flex;
    flex-wrap: wrap;
    gap: 8px 12px;
    align-items: end;
    padding: 10px 12px;
    margin-bottom: 8px;
    background: var(--sheet);
    border: 1.5px solid var(--ink);
    border-radius: 4px;
  }
  form b {
    align-self: center;
  }
  form div {
    display: grid;
    gap: 2px;
    font-size: 0.875rem;
    width: 11rem;
  }
  th {
    text-align: left;
    font-weight: 600;
    color: var(--soft);
  }
  th,
  td {
    padding: 6px 12px 6px 0;
    border-bottom: 1px solid var(--line);
    vertical-align: top;
  }
  .figure {
    text-align: right;
    padding-right: 16px;
  }
  @media print {
    form,
    label {
      display: none;
    }
  }
</style>
