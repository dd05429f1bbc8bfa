<!-- Which revision a form was opened on; and where somebody else changed it since: both, side by side, and the choice. -->
<script lang="ts">
  let {
    revision,
    theirs,
    mine,
    labelOf = (field: string) => field
  }: {
    /** The revision the form was opened on, or the newer one that was just shown. */
    revision: number;
    /** The form as it is now; null = nobody changed it meanwhile. */
    theirs: Readonly<Record<string, string>> | null;
    mine: Readonly<Record<string, string>>;
    labelOf?: (field: string) => string;
  } = $props();
  const different = $derived(
    Object.keys(theirs ?? {}).filter((field) => (theirs?.[field] ?? '') !== (mine[field] ?? ''))
  );
</script>

<input type="hidden" name="revision" value={revision} />
{#if theirs}
  <div
    class="grid gap-2 justify-items-start p-3 mb-3 [border:1.5px_solid_var(--accent)] bg-(--sheet) overflow-x-auto"
    role="alert"
  >
    <p><b>This was changed elsewhere while the page was open.</b> Nothing was overwritten.</p>
    <table>
      <thead
        ><tr
          ><th class="text-left pt-0.5 pr-3 pb-0.5 [vertical-align:top]"></th><th
            class="text-left pt-0.5 pr-3 pb-0.5 [vertical-align:top]">As it is now</th
          ><th class="text-left pt-0.5 pr-3 pb-0.5 [vertical-align:top]">As you have it</th></tr
        ></thead
      >
      <tbody>
        {#each different as field (field)}
          <tr
            ><th class="text-left pt-0.5 pr-3 pb-0.5 [vertical-align:top]">{labelOf(field)}</th><td
              class="pt-0.5 pr-3 pb-0.5 [vertical-align:top]">{theirs[field] || '–'}</td
            ><td class="pt-0.5 pr-3 pb-0.5 [vertical-align:top]">{mine[field] || '–'}</td></tr
          >
        {:else}
          <tr><td class="pt-0.5 pr-3 pb-0.5 [vertical-align:top]" colspan="3">Both say the same.</td></tr>
        {/each}
      </tbody>
    </table>
    <button class="btn preset-filled-primary-700-300">Keep mine</button>
    <a class="btn preset-outlined-surface-950-50 inline-grid place-content-center min-h-11" href="?"
      >Keep theirs</a
    >
  </div>
{/if}
