<!-- The few texts that this kind of camera needs before it can be used. -->
<script lang="ts">
  import { FRAME_FORMATS } from '#core/film/formats.ts';
  import { firstFields } from '#schema/sheet/sheet.ts';
  import { FORMAT_WORDS } from '../kit/say-kit.ts';
  import type { Draft } from './draft.svelte.ts';
  import ControlKindField from './ControlKindField.svelte';
  import SheetField from './SheetField.svelte';
  import SheetSelect from './SheetSelect.svelte';

  let { draft }: { draft: Draft } = $props();
  const first = $derived(firstFields(draft.has));
  const asksNeedle = $derived(first.includes('needle'));
  const needle = $derived(asksNeedle && draft.text('needle') === 'needle');
  const fields = $derived(
    first.flatMap((f) =>
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
  {#if asksNeedle}
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
  {#each fields as field (field)}
    <SheetField {draft} {field} />
    {#if field === 'aperture' || field === 'time'}<ControlKindField {draft} acts={field} />{/if}
  {/each}
  <SheetField {draft} field="focal" />
  <SheetSelect {draft} field="formats" label="Size of its pictures" options={formats} />
  <SheetField {draft} field="name" />
</div>
