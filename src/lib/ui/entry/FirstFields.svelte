<!-- The few texts that this kind of camera needs before it can be used. -->
<script lang="ts">
  import { FRAME_FORMATS } from '#core/film/film.ts';
  import { FIRST_FIELDS } from '#schema/sheet/sheet.ts';
  import { FORMAT_WORDS } from '../kit/say-kit.ts';
  import type { Draft } from './draft.svelte.ts';
  import SheetField from './SheetField.svelte';
  import SheetSelect from './SheetSelect.svelte';

  let { draft }: { draft: Draft } = $props();
  const needle = $derived(draft.has === 'cine' && draft.text('needle') === 'needle');
  const fields = $derived(
    FIRST_FIELDS[draft.has].flatMap((f) =>
      f === 'needle' ? [] : f === 'aperture' && needle ? ['widest', 'smallest', 'believes'] : [f]
    )
  );
  const formats = $derived.by((): readonly (readonly [string, string])[] => {
    const now = draft.text('formats');
    const single = FRAME_FORMATS.map((f) => [f, FORMAT_WORDS[f]] as const);
    // a camera that takes several sizes keeps them until another one is chosen
    return single.some(([f]) => f === now) ? single : [[now, 'several, as before'], ...single];
  });
</script>

<div class="fields">
  {#if draft.has === 'cine'}
    <SheetSelect
      {draft}
      field="needle"
      label="Who sets the opening"
      options={[
        ['hand', 'you, on its ring'],
        ['needle', 'a needle in the camera']
      ]}
    />
  {/if}
  {#each fields as field (field)}<SheetField {draft} {field} />{/each}
  <SheetField {draft} field="focal" />
  <SheetSelect {draft} field="formats" label="Size of its pictures" options={formats} />
  <SheetField {draft} field="name" />
</div>
