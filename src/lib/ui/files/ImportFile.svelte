<!-- A file that comes in: what it would bring, line by line what was refused and why; all of it goes in, or nothing. -->
<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import SelectField from '../kit/SelectField.svelte';
  import { sayDone } from '../notices/say.ts';
  import { ImportJob } from './import-job.svelte.ts';

  let {
    lines
  }: {
    lines: readonly { readonly loadId: string; readonly filmName: string; readonly cameraName: string }[];
  } = $props();
  const uid = $props.id();
  const job = new ImportJob();
  const FIELDS = [
    ...([
      ['number', 'Frame number'],
      ['date', 'Day, or day and time'],
      ['time', 'Time'],
      ['light', 'Light: LV, reading, clue or scene'],
      ['guess', 'Light as guessed'],
      ['zone', 'Time zone'],
      ['set', 'Marks set'],
      ['aperture', 'Aperture'],
      ['shutter', 'Shutter'],
      ['held', 'Held open, seconds'],
      ['heard', 'Time heard'],
      ['place', 'Place'],
      ['subject', 'Subject'],
      ['reason', 'Reason'],
      ['tags', 'Tags'],
      ['note', 'Note']
    ] as const)
  ] as const;
  const WORDS: Readonly<Record<string, string>> = {
    camera: 'cameras',
    film: 'films',
    thing: 'things',
    load: 'loads',
    frame: 'frames',
    judgement: 'judgements',
    bias: 'changes of bias',
    scan: 'scans'
  };
  let mapping = $state<Record<string, string>>({});
  let loadId = $state('');
  const view = $derived(job.view);
  const counts = $derived(Object.entries(view?.counts ?? {}));
  const fresh = $derived(counts.reduce((sum, [, c]) => sum + c.fresh, 0));

  async function choose(input: HTMLInputElement): Promise<void> {
    const file = input.files?.[0];
    if (!file) return;
    await job.begin(file);
    input.value = '';
    mapping = { ...(job.view?.csv?.mapping ?? {}) };
    loadId = lines[0]?.loadId ?? '';
  }
  async function undo(): Promise<void> {
    if (await job.undo()) sayDone('The frames of that file are in the trash.');
    await invalidateAll();
  }
  async function take(): Promise<void> {
    const count = fresh;
    if (!(await job.take())) return;
    const words = `${count} new ${count === 1 ? 'line is' : 'lines are'} in the log.`;
    sayDone(words, view?.csv ? () => void undo() : undefined);
    await invalidateAll();
  }
</script>

<div class="grid justify-items-start gap-2">
  <label class="font-semibold" for="{uid}-file"
    >An archive (.jsonl), its ZIP with scans, or frames as CSV</label
  >
  <input
    id="{uid}-file"
    type="file"
    class="input h-auto w-full max-w-120 cursor-pointer p-0 file:me-3! file:min-h-11! file:cursor-pointer! file:border-0! file:bg-(--well)! file:px-4! file:font-semibold! file:text-(--ink)!"
    accept=".jsonl,.zip,.csv,.txt"
    onchange={(e) => void choose(e.currentTarget)}
  />
  <p class="text-(--soft)">
    It is read and shown first. Nothing is stored until you take it, and then all of it or nothing.
  </p>
  {#if job.sending}<p role="status">The file is sent …</p>{/if}
  {#if job.trouble !== ''}<p role="alert" class="fault">{job.trouble}</p>{/if}
  {#if view}
    <div class="grid justify-items-start gap-2" role="status">
      {#if view.state === 'reading'}
        <p><b>{view.lines} lines read</b> …</p>
        <progress class="progress w-full" aria-label="Reading the file"></progress>
      {:else if view.state === 'done'}
        <p><b>All of it is in the log.</b></p>
      {:else if view.state === 'refused'}
        <p class="fault">
          {view.faultCount}
          {view.faultCount === 1 ? 'fault was' : 'faults were'} found, so nothing was stored.
        </p>
      {:else if view.state === 'ready'}
        <p><b>{view.name}</b> can be taken: {fresh === 0 ? 'nothing new is in it.' : ''}</p>
      {/if}
      {#if counts.length > 0 && view.state !== 'refused'}
        <ul>
          {#each counts as [kind, count] (kind)}
            <li>
              {WORDS[kind] ?? kind}: {count.fresh} new{count.here > 0
                ? `, ${count.here} here already and left as they are`
                : ''}
            </li>
          {/each}
        </ul>
        {#if view.names.length > 0 && view.state === 'ready'}
          <p class="leading-snug">
            New in the kit: {view.names.join(', ')}{view.names.length === 12 ? ' …' : ''}
          </p>
        {/if}
      {/if}
      {#if view.faults.length > 0}
        <ol class="max-h-75 [overflow:auto]" aria-label="Faults">
          {#each view.faults as { line, why }, i (i)}<li>{line > 0 ? `Line ${line}: ` : ''}{why}</li>{/each}
          {#if view.faultCount > view.faults.length}<li>
              and {view.faultCount - view.faults.length} more
            </li>{/if}
        </ol>
      {/if}
    </div>
    {#if view.csv && view.state !== 'done'}
      <div class="grid w-full grid-cols-2 items-end gap-2 lg:grid-cols-3">
        <SelectField
          name="film"
          label="The frames are on"
          value={loadId}
          options={lines.map((l) => [l.loadId, `${l.filmName} in ${l.cameraName}`] as const)}
          onchoose={(id: string) => (loadId = id)}
        />
        {#each FIELDS as [field, label] (field)}
          <SelectField
            name="column-{field}"
            {label}
            value={mapping[field] ?? ''}
            options={[
              ['', 'no column'],
              ...view.csv.headers.map((h) => [h, h === '' ? '(no name)' : h] as const)
            ]}
            onchoose={(column: string) => (mapping = { ...mapping, [field]: column })}
          />
        {/each}
      </div>
      <div class="overflow-x-auto max-w-full">
        <table class="table whitespace-nowrap">
          <caption class="sr-only">The first rows of the file</caption>
          <thead
            ><tr
              >{#each view.csv.headers as h, i (i)}<th>{h}</th>{/each}</tr
            ></thead
          >
          <tbody>
            {#each view.csv.sample as row, i (i)}
              <tr
                >{#each view.csv.headers as h, k (k)}<td>{row[h] ?? ''}</td>{/each}</tr
              >
            {/each}
          </tbody>
        </table>
      </div>
      <button
        type="button"
        class="btn preset-outlined-surface-950-50"
        onclick={() => void job.map(loadId, mapping)}>Check with these columns</button
      >
      {#if view.state === 'ready' && view.csv.untold.length > 0}
        <p>
          Nothing is told of {view.csv.untold.join(', ')}: the first mark of each is noted. Choose a column
          for it, or put it right on the frames.
        </p>
      {/if}
      {#if view.state === 'ready' && view.csv.developed !== ''}
        <p>The film was developed: {view.csv.developed}. That is noted with it.</p>
      {/if}
      {#if view.state === 'ready' && view.csv.read.length > 0}
        <div class="overflow-auto max-w-full max-h-80">
          <table class="table whitespace-nowrap" data-testid="read">
            <caption class="text-left font-semibold">As it was read</caption>
            <thead><tr><th>Line</th><th>Frame</th><th>Taken</th><th>Set</th><th>Light</th></tr></thead>
            <tbody>
              {#each view.csv.read as row (row.line)}
                <tr
                  ><td>{row.line}</td><td>{row.number}</td><td>{row.taken}</td><td>{row.set}</td><td
                    >{row.light}</td
                  ></tr
                >
              {/each}
            </tbody>
          </table>
        </div>
      {/if}
    {/if}
    <div class="flex gap-2">
      {#if view.state === 'ready' && fresh > 0}
        <button type="button" class="btn preset-filled-primary-700-300" onclick={() => void take()}
          >Take all {fresh} in</button
        >
      {/if}
      {#if view.state !== 'done'}
        <button type="button" class="btn preset-outlined-surface-950-50" onclick={() => void job.drop()}
          >{view.state === 'reading' ? 'Stop' : 'Drop it'}</button
        >
      {/if}
    </div>
  {/if}
</div>
