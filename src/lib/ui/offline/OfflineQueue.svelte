<!-- The queue: what needs the person, what waits, what was left out; out of the phone and into it as a file. -->
<script lang="ts">
  import { sayWhen } from '../log/say-frame.ts';
  import { sayDone, sayTrouble } from '../notices/say.ts';
  import ConflictCard from './ConflictCard.svelte';
  import { offline } from './offline.svelte.ts';
  import { queueFromText, queueText } from './queue-file.ts';
  import { saveAs } from '../files/save-as.ts';
  import { sayAction } from './say-offline.ts';

  const carried = $derived(offline.carried);
  const waiting = $derived(offline.queue.filter((q) => q.state === 'waiting'));
  const left = $derived(offline.queue.filter((q) => q.state === 'left'));
  const full = $derived(offline.queue.length > 0 || offline.unreadable.length > 0);

  function save(): void {
    const now = new Date().toISOString();
    const text = queueText(offline.queue, offline.unreadable, now);
    saveAs(text, 'application/json', `just-enough-queue-${now.slice(0, 10)}.json`);
  }

  async function takeIn(input: HTMLInputElement): Promise<void> {
    const file = input.files?.[0];
    input.value = '';
    if (!file) return;
    const read = queueFromText(await file.text());
    if (!read.ok) {
      sayTrouble(read.error);
      return;
    }
    const before = offline.queue.length;
    await offline.takeIn(read.value);
    sayDone(
      before === offline.queue.length && read.value.length === 0
        ? 'The file holds nothing that waits.'
        : `${read.value.length} from the file taken in; what the server has already is not done twice.`
    );
  }
</script>

<section class="grid gap-3 content-start" aria-label="The queue">
  {#if offline.notKept !== ''}<p class="py-2 px-3 border-l-4 border-l-(--accent) bg-(--well)" role="alert">
      {offline.notKept}
    </p>{/if}
  {#if offline.refusal !== ''}
    <p class="py-2 px-3 border-l-4 border-l-(--accent) bg-(--well)" role="alert">
      {offline.refusal}
      {#if offline.signedOut}<a class="underline" href="/enter?to=/offline">Sign in</a>{/if}
    </p>
  {/if}
  {#each offline.queue as item (item.change.key)}
    {#if item.state === 'asked'}<ConflictCard {item} {carried} />{/if}
  {/each}
  {#if waiting.length > 0}
    <h2>{waiting.length} {waiting.length === 1 ? 'waits' : 'wait'} to be sent</h2>
    <ol class="grid gap-1">
      {#each waiting as { change } (change.key)}
        <li
          class="flex flex-wrap justify-between items-center gap-y-0.5 gap-x-3.5 min-h-10 py-1 border-b border-b-(--line)"
        >
          {sayAction(change.action, carried)}
          <span class="soft">{sayWhen(change.madeAt)}</span>
        </li>
      {/each}
    </ol>
  {:else if offline.counts.asked === 0}
    <h2>Nothing waits</h2>
    <p class="soft">
      {offline.away
        ? 'The server does not answer. Whatever you log now is kept here and sent when it does.'
        : 'Everything noted on this phone is on the server.'}
    </p>
  {/if}
  {#if left.length > 0}
    <details>
      <summary>{left.length} left out</summary>
      <ul class="grid gap-1">
        {#each left as { change } (change.key)}
          <li
            class="flex flex-wrap justify-between items-center gap-y-0.5 gap-x-3.5 min-h-10 py-1 border-b border-b-(--line)"
          >
            {sayAction(change.action, carried)}
            <button type="button" class="chip" onclick={() => void offline.takeBack(change.key)}
              >Ask again</button
            >
          </li>
        {/each}
      </ul>
      <button type="button" class="btn preset-outlined-surface-950-50" onclick={() => void offline.clear()}
        >Throw these away</button
      >
    </details>
  {/if}
  {#if offline.unreadable.length > 0}
    <p class="py-2 px-3 border-l-4 border-l-(--accent) bg-(--well)">
      {offline.unreadable.length} from another version of the program cannot be read here. They are kept; save them
      to a file.
    </p>
  {/if}
  <div class="acts flex flex-wrap gap-2">
    {#if waiting.length > 0}
      <button
        type="button"
        class="btn preset-outlined-surface-950-50"
        onclick={() => void offline.send()}
        aria-busy={offline.sending}>Try to send now</button
      >
    {/if}
    {#if full}<button type="button" class="btn preset-outlined-surface-950-50" onclick={save}
        >Save to a file</button
      >{/if}
    <label
      class="btn preset-outlined-surface-950-50 relative cursor-pointer focus-within:[outline:3px_solid_var(--accent)] focus-within:[outline-offset:2px]"
    >
      Take a file in
      <input
        class="absolute inset-0 opacity-[0] cursor-pointer"
        type="file"
        accept=".json,application/json"
        onchange={(e) => void takeIn(e.currentTarget)}
      />
    </label>
  </div>
</section>

<style>
  .acts > * {
    display: inline-grid;
    place-content: center;
    min-height: 44px;
    padding: 0 14px;
  }
</style>
