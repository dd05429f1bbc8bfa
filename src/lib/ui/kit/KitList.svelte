<script module lang="ts">
  /** A line of the kit that can be changed and taken out. */
  export interface KitLine {
    readonly id: string;
    readonly name: string;
    /** Its numbers. */
    readonly words: string;
  }
  /** Films, or the things of one kind. */
  export interface KitListProps {
    lines: readonly KitLine[];
    /** Where a line is changed: the id follows. */
    path: string;
    /** The page's action that takes a line out. */
    remove: string;
  }
</script>

<script lang="ts">
  import Act from './Act.svelte';

  let { lines, path, remove }: KitListProps = $props();
</script>

<ul>
  {#each lines as line (line.id)}
    <li>
      <span class="what"><b>{line.name}</b> <span>{line.words}</span></span>
      <a href="{path}/{line.id}" aria-label="Change {line.name}">Change</a>
      <Act act={remove} id={line.id} words="Take out" label="Take out {line.name}" look="plain" />
    </li>
  {/each}
</ul>

<style>
  li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0 18px;
    border-bottom: 1px solid var(--line);
  }
  .what {
    flex: 1 1 18rem;
    padding: 7px 0;
  }
  .what span {
    color: var(--soft);
    margin-left: 8px;
  }
  a,
  li :global(button) {
    display: inline-grid;
    align-content: center;
    min-height: 44px;
    min-width: 44px;
    color: var(--soft);
    text-decoration: underline;
    text-underline-offset: 3px;
    cursor: pointer;
  }
</style>
