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
      <thead><tr><th></th><th>As it is now</th><th>As you have it</th></tr></thead>
      <tbody>
        {#each different as field (field)}
          <tr><th>{labelOf(field)}</th><td>{theirs[field] || '–'}</td><td>{mine[field] || '–'}</td></tr>
        {:else}
          <tr><td colspan="3">Both say the same.</td></tr>
        {/each}
      </tbody>
    </table>
    <button class="btn preset-filled-primary-700-300">Keep mine</button>
    <a class="btn preset-outlined-surface-950-50" href="?">Keep theirs</a>
  </div>
{/if}

<style>
  th {
    text-align: left;
  }
  td,
  th {
    padding: 2px 12px 2px 0;
    vertical-align: top;
  }
  a {
    display: inline-grid;
    place-content: center;
    min-height: 44px;
  }
</style>
