<!-- What is done to several chosen frames at once: tags, a subject, the trash. -->
<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import type { Frame } from '#core/log/frame.ts';
  import type { ManyEdit } from '#schema/log/many-frames.ts';
  import { changeMany } from '../api.ts';
  import { sayDone, sayTrouble } from '../notices/say.ts';
  import { tagsFrom } from './tags.ts';

  let {
    frames,
    inTrash,
    onmoved
  }: {
    /** The chosen ones. */
    frames: readonly Frame[];
    inTrash: boolean;
    /** They went to the trash, or came back: they are no longer here. */
    onmoved: () => void;
  } = $props();
  const uid = $props.id();
  let addTags = $state('');
  let removeTags = $state('');
  let subject = $state('');
  const ids = $derived(frames.map((f) => f.id));
  const frameWord = $derived(ids.length === 1 ? 'frame' : 'frames');

  async function change(edit: Partial<ManyEdit> & Pick<ManyEdit, 'act'>): Promise<boolean> {
    const revisions = frames.map((f) => f.revision);
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
    const revisions = frames.map((f) => f.revision + 1);
    if (!(await change({ act }))) return;
    onmoved();
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

<form
  class="card sticky top-0 z-2 mb-2 flex flex-wrap items-end gap-x-3 gap-y-2 px-3 py-2.5 print:hidden"
  onsubmit={describe}
  aria-label="Change the chosen frames"
>
  <b class="self-center">{ids.length} {frameWord}</b>
  {#if inTrash}
    <button type="button" class="btn preset-filled-primary-700-300" onclick={() => void move('restore')}
      >Back into the log</button
    >
  {:else}
    <div class="grid w-44 gap-0.5 text-[0.875rem]">
      <label for="{uid}-add">Add tags</label>
      <input id="{uid}-add" class="input" list="all-tags" bind:value={addTags} />
    </div>
    <div class="grid w-44 gap-0.5 text-[0.875rem]">
      <label for="{uid}-less">Take tags off</label>
      <input id="{uid}-less" class="input" list="all-tags" bind:value={removeTags} />
    </div>
    <div class="grid w-44 gap-0.5 text-[0.875rem]">
      <label for="{uid}-subject">Subject for all</label>
      <input id="{uid}-subject" class="input" maxlength="200" bind:value={subject} />
    </div>
    <button class="btn preset-filled-primary-700-300">Change them</button>
    <button type="button" class="btn preset-outlined-surface-950-50" onclick={() => void move('remove')}
      >To the trash</button
    >
  {/if}
</form>
