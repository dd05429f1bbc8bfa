<script module lang="ts">
  const LOOKS = {
    press: 'btn preset-filled-primary-700-300',
    quiet: 'btn preset-outlined-surface-950-50',
    link: 'link'
  } as const;

  /** A form of one button: does something to one thing of the kit. */
  export interface ActProps {
    /** Name of the page's action. */
    act: string;
    id: string;
    words: string;
    /** What a screen reader says, where the words alone do not tell which thing is meant. */
    label?: string;
    look?: keyof typeof LOOKS;
  }
</script>

<script lang="ts">
  import { enhance } from '$app/forms';

  let { act, id, words, label, look = 'quiet' }: ActProps = $props();
</script>

<form method="post" action="?/{act}" use:enhance>
  <input type="hidden" name="id" value={id} />
  <button class={LOOKS[look]} aria-label={label}>{words}</button>
</form>
