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
    /** What the lines are called in a file for somebody else. */
    part: 'film' | 'thing';
    /** The page's action that takes a line out. */
    remove: string;
  }
</script>

<script lang="ts">
  import Act from './Act.svelte';

  let { lines, path, part, remove }: KitListProps = $props();
</script>

<ul>
  {#each lines as line (line.id)}
    <li class="flex flex-wrap items-center gap-x-4 border-b border-(--line)">
      <span class="flex-[1_1_18rem] py-1"
        ><b>{line.name}</b> <span class="ml-2 text-(--soft)">{line.words}</span></span
      >
      <a class="link" href="{path}/{line.id}" aria-label="Change {line.name}">Change</a>
      <a
        class="link"
        href="/api/v1/archive/kit?{part}={encodeURIComponent(line.id)}"
        download
        aria-label="{line.name} as a file for somebody else">As a file</a
      >
      <Act act={remove} id={line.id} words="Remove" label="Remove {line.name}" look="link" />
    </li>
  {/each}
</ul>
