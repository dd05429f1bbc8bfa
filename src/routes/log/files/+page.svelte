<script lang="ts">
  import { Switch } from '@skeletonlabs/skeleton-svelte';
  import ImportFile from '#ui/files/ImportFile.svelte';
  import SelectField from '#ui/kit/SelectField.svelte';
  import { sayDay } from '#ui/log/say-frame.ts';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  // the choice is the page's own once it is made
  // svelte-ignore state_referenced_locally
  let loadId = $state(data.shown ?? '');
  let keepsPlace = $state(false);
  const scans = $derived(data.scans[loadId] ?? 0);
</script>

<svelte:head><title>Import and export · Just Enough</title></svelte:head>
<div class="grid [grid-template-columns:repeat(auto-fit,_minmax(min(100%,_420px),_1fr))] gap-y-6 gap-x-10">
  <section class="min-w-0">
    <h1 class="title">Out</h1>
    <ul>
      <li>
        <a
          class="inline-grid content-center min-h-11 font-semibold underline underline-offset-[3px]"
          href="/api/v1/archive/zip"
          download>Everything with the scans, as a ZIP</a
        >
        <p class="soft">
          Cameras, films, frames, judgements, and every scan byte for byte: a copy to keep elsewhere.
        </p>
      </li>
      <li>
        <a
          class="inline-grid content-center min-h-11 font-semibold underline underline-offset-[3px]"
          href="/api/v1/archive/lines"
          download>Everything without the scans</a
        >
        <p class="soft">
          One JSON object a line. <a
            class="underline underline-offset-[3px]"
            href="/api/v1/archive/schema"
            target="_blank">What a line may be</a
          > is published.
        </p>
      </li>
      <li>
        <a
          class="inline-grid content-center min-h-11 font-semibold underline underline-offset-[3px]"
          href="/api/v1/frames.csv"
          download>All frames as CSV</a
        >
        <p class="soft">For a spreadsheet. Cells that one would run as a formula are made harmless.</p>
      </li>
      <li>
        <a
          class="inline-grid content-center min-h-11 font-semibold underline underline-offset-[3px]"
          href="/api/v1/archive/kit?filters=1"
          download>The filters of the bag</a
        >
        <p class="soft">
          A small file for somebody else, who takes it in on this page. One camera, film or thing:
          <a class="underline underline-offset-[3px]" href="/kit">in Kit</a>, <i>As a file</i>.
        </p>
      </li>
    </ul>
    {#if data.lines.length > 0}
      <h2 class="text-[1.25rem] font-[650] mt-3.5 mx-0 mb-2">Of one film</h2>
      <SelectField
        name="film"
        label="Film"
        value={loadId}
        options={data.lines.map(
          (l) => [l.loadId, `${l.filmName} in ${l.cameraName}, ${sayDay(l.loadedAt)}`] as const
        )}
        onchoose={(id: string) => (loadId = id)}
      />
      <ul>
        <li>
          {#if scans > 0}
            <a
              class="inline-grid content-center min-h-11 font-semibold underline underline-offset-[3px]"
              href="/api/v1/loads/{encodeURIComponent(loadId)}/scans/zip?place={keepsPlace
                ? 'kept'
                : 'taken-out'}"
              download>Its {scans === 1 ? 'scan' : `${scans} scans`} with what is known written in</a
            >
            <p class="soft">
              Copies: JPEG with exposure, film speed, date and border note as Exif; the rest with an XMP file
              beside them. The originals stay as they came.
            </p>
            <Switch
              checked={keepsPlace}
              onCheckedChange={({ checked }: { checked: boolean }) => (keepsPlace = checked)}
            >
              <Switch.Control><Switch.Thumb /></Switch.Control>
              <Switch.Label>Leave in where a file says that it was taken</Switch.Label>
              <Switch.HiddenInput />
            </Switch>
          {:else}
            <a
              class="inline-grid content-center min-h-11 font-semibold underline underline-offset-[3px]"
              href="/log/scans?film={encodeURIComponent(loadId)}">It has no scans yet: add some</a
            >
          {/if}
        </li>
        <li>
          <a
            class="inline-grid content-center min-h-11 font-semibold underline underline-offset-[3px]"
            href="/api/v1/frames.csv?film={encodeURIComponent(loadId)}"
            download>Its frames as CSV</a
          >
        </li>
        <li>
          <a
            class="inline-grid content-center min-h-11 font-semibold underline underline-offset-[3px]"
            href="/log/labels?film={encodeURIComponent(loadId)}">Border labels to print</a
          >
        </li>
      </ul>
    {/if}
  </section>
  <section class="min-w-0">
    <h1 class="title">In</h1>
    <ImportFile lines={data.lines} />
  </section>
</div>
