<script module lang="ts">
  import type { ControlActs } from '#core/camera/position.ts';
  import type { Draft } from './draft.svelte.ts';

  /** What the control looks like, where that cannot be told from its marks. */
  export interface ControlKindFieldProps {
    draft: Draft;
    acts: ControlActs;
    /** Whether the camera sets it by itself, so that it can only be taken over. */
    sets?: boolean;
  }
</script>

<script lang="ts">
  import { kindFieldOf, namedKinds } from '#schema/sheet/sheet-controls.ts';
  import SheetSelect from './SheetSelect.svelte';
  import { CONTROL_KIND_WORDS } from './words.ts';

  let { draft, acts, sets = false }: ControlKindFieldProps = $props();
  const hint = $derived(CONTROL_KIND_WORDS[draft.text(kindFieldOf(acts))]?.[1] ?? '');
  const named = $derived(namedKinds(acts, sets));
  const options = $derived<readonly (readonly [string, string])[]>([
    ['', sets ? 'nothing: it sets it always' : 'a lever, ring or wheel'],
    ...named.map((name) => [name, CONTROL_KIND_WORDS[name]?.[0] ?? name] as const)
  ]);
</script>

{#if named.length > 0}
  <div class="w-[14rem] max-w-full">
    <SheetSelect
      {draft}
      field={kindFieldOf(acts)}
      label={sets
        ? `Its ${acts} can be set with`
        : acts === 'aperture'
          ? 'Openings are set with'
          : 'Times are set with'}
      {options}
    />
    {#if hint !== ''}<p class="text-(--soft) text-[0.875rem] leading-[1.3]">{hint}</p>{/if}
  </div>
{/if}
