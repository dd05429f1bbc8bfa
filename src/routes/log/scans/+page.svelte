<script lang="ts">
  import { scanPicture } from '#ui/log/scan-picture.ts';
  import { goto, invalidateAll } from '$app/navigation';
  import type { Film } from '#core/film/film.ts';
  import { printTone } from '#core/film/print.ts';
  import { filmWindow } from '#core/film/window.ts';
  import type { Frame } from '#core/log/frame.ts';
  import { byName, matchedByName, matchedByNumber, type Assignment, type Scan } from '#core/log/scan.ts';
  import { formatDecimal } from '#core/units/decimal.ts';
  import { frameMarks } from '#core/log/border-note.ts';
  import { assignScans, changeScan, removeScan, restoreScan } from '#ui/api.ts';
  import SelectField from '#ui/kit/SelectField.svelte';
  import ScanLook from '#ui/log/ScanLook.svelte';
  import ScanDrop from '#ui/log/ScanDrop.svelte';
  import { Uploads } from '#ui/log/uploads.svelte.ts';
  import { sayDone, sayTrouble } from '#ui/notices/say.ts';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const uploads = new Uploads(() => void invalidateAll());
  const loadId = $derived(data.pair?.loadId ?? '');
  const scans = $derived(byName(data.scans));
  const match = $derived(matchedByName(data.scans, data.frames));
  const numbered = $derived(matchedByNumber(data.scans, data.frames));
  const frameOptions = $derived([
    ['', 'no frame yet'] as const,
    ...data.frames.map((f) => {
      const what = f.about.subject || f.note;
      return [f.id, `${f.number} · ${what === '' ? frameMarks(f) : what}`] as const;
    })
  ]);

  const toneOf = (film: Film, frame: Frame) =>
    printTone(film, filmWindow(film, frame.light?.contrast ?? 'normal').usable);

  const saySize = (bytes: number): string =>
    bytes < 1e6 ? `${Math.ceil(bytes / 1e3)} kB` : `${formatDecimal(bytes / 1e6, 1)} MB`;

  async function assign(assignments: readonly Assignment[], words: string): Promise<void> {
    const before = assignments.map(({ scanId }) => ({
      scanId,
      frameId: data.scans.find((s) => s.id === scanId)?.frameId ?? null
    }));
    const sent = await assignScans(loadId, assignments);
    if (!sent.ok) sayTrouble(sent.error);
    else if (words !== '') sayDone(words, () => void assign(before, ''));
    await invalidateAll();
  }

  async function change(scan: Scan, edit: Parameters<typeof changeScan>[1]): Promise<void> {
    const changed = await changeScan(scan.id, edit);
    if (!changed.ok) sayTrouble(changed.error);
    else if (edit.loadId !== undefined)
      sayDone(`${scan.name} is with the other film.`, () => void change(scan, { loadId: scan.loadId }));
    await invalidateAll();
  }

  async function remove(scan: Scan): Promise<void> {
    const removed = await removeScan(scan.id);
    if (!removed.ok) sayTrouble(removed.error);
    else sayDone(`${scan.name} is in the trash.`, () => void restore(scan));
    await invalidateAll();
  }
  async function restore(scan: Scan): Promise<void> {
    const restored = await restoreScan(scan.id);
    if (!restored.ok) sayTrouble(restored.error);
    await invalidateAll();
  }
</script>

<svelte:head><title>Scans · Just Enough</title></svelte:head>
{#if data.pair}
  <div class="flex flex-wrap justify-between items-center gap-y-2 gap-x-5 mb-2.5">
    <h1 class="title">Scans of {data.pair.film.name} from {data.pair.camera.name}</h1>
    <SelectField
      name="film"
      label="Film"
      value={loadId}
      options={data.lines.map((l) => [l.loadId, `${l.filmName} in ${l.cameraName}`] as const)}
      onchoose={(id: string) => void goto(`/log/scans?film=${encodeURIComponent(id)}`)}
    />
  </div>
  <ScanDrop {uploads} {loadId} />
  {#if scans.length > 0}
    <div class="flex flex-wrap justify-start items-center gap-y-2 gap-x-5 mb-2.5 mt-3">
      {#if numbered.length > 0}
        <button
          type="button"
          class="btn preset-filled-primary-700-300"
          onclick={() =>
            void assign(
              numbered,
              `${numbered.length} ${numbered.length === 1 ? 'scan is' : 'scans are'} matched.`
            )}>Match {numbered.length} by the numbers in their names</button
        >
      {/if}
      {#if match.length > 0}
        <button
          type="button"
          class="btn preset-filled-primary-700-300"
          onclick={() =>
            void assign(match, `${match.length} ${match.length === 1 ? 'scan is' : 'scans are'} matched.`)}
          >Match {match.length} by the order of names</button
        >
      {/if}
      <a class="underline" href="/log/judge?film={encodeURIComponent(loadId)}">Judge its frames</a>
    </div>
    <ul
      class="grid [grid-template-columns:repeat(auto-fill,_minmax(min(100%,_200px),_1fr))] gap-3"
      aria-label="Scans"
    >
      {#each scans as scan (scan.id)}
        {@const pictured = data.frames.find((f) => f.id === scan.frameId && data.pictured.includes(f.id))}
        {@const tone = pictured && toneOf(data.pair.film, pictured)}
        <li
          class="grid gap-1 content-start justify-items-start p-2.5 bg-(--sheet) border-[1.5px] border-(--line) rounded-[4px]"
        >
          <a href="/api/v1/scans/{scan.id}/original" download={scan.name} title="The file as it came">
            <img
              class="h-37.5 max-w-full [object-fit:contain] print-paper border border-(--line)"
              src={scanPicture(scan, 'thumb')}
              alt="Scan {scan.name}"
              loading="lazy"
            />
          </a>
          {#if pictured && tone}
            {#await import('#ui/picture/KeptPicture.svelte') then { default: KeptPicture }}
              <KeptPicture frame={pictured} film={data.pair.film} {tone} />
            {/await}
          {/if}
          <p class="font-semibold [overflow-wrap:anywhere]">{scan.name}</p>
          <p class="soft">{scan.width} × {scan.height}, {saySize(scan.bytes)}</p>
          <SelectField
            name="frame-{scan.id}"
            label="Shows frame"
            value={scan.frameId ?? ''}
            options={frameOptions}
            onchoose={(id: string) =>
              void assign([{ scanId: scan.id, frameId: id === '' ? null : id }], `${scan.name} is matched.`)}
          />
          <ScanLook
            {scan}
            films={data.lines.map((l) => [l.loadId, `${l.filmName} in ${l.cameraName}`] as const)}
            onchange={(edit: Parameters<typeof changeScan>[1]) => change(scan, edit)}
          />
          <button
            type="button"
            class="btn preset-outlined-surface-950-50"
            onclick={() => void remove(scan)}
            aria-label="Delete {scan.name}">Delete</button
          >
        </li>
      {/each}
    </ul>
  {/if}
{:else}
  <h1 class="title">No film to add scans to yet</h1>
  <p><a class="underline" href="/start">Add a camera and its film</a> first.</p>
{/if}

<style>
  li :global(select) {
    min-width: 0;
    max-width: 100%;
  }
</style>
