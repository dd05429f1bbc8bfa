<!-- Why a camera's sheet is changed, and from when on it is so: a correction, or the camera itself was converted or repaired. -->
<script lang="ts">
  import type { RevisionKind } from '#core/log/pair.ts';
  import type { Moment } from '#core/sky/moment.ts';
  import SelectField from '../kit/SelectField.svelte';
  import TextField from '../kit/TextField.svelte';
  import { sayDay } from '../log/say-frame.ts';

  let {
    values,
    faultOf,
    history
  }: {
    values: Readonly<Record<string, string>>;
    faultOf: (field: string) => string;
    /** How it was before, the latest first. */
    history: readonly {
      readonly revision: number;
      readonly what: RevisionKind;
      readonly note: string;
      readonly since: Moment;
    }[];
  } = $props();
  const WORDS: Readonly<Record<RevisionKind, string>> = {
    entered: 'entered',
    corrected: 'sheet corrected',
    rebuilt: 'converted or repaired',
    bias: 'bias learned'
  };
  let what = $state<string | null>(null);
  const rebuilt = $derived((what ?? values['what']) === 'rebuilt');
</script>

<fieldset>
  <legend class="[font:650_1.25rem/1.3_var(--font-display)] mb-1.5">What was changed?</legend>
  <SelectField
    name="what"
    label="It is"
    value={values['what'] ?? 'corrected'}
    options={[
      ['corrected', 'a correction of the sheet'],
      ['rebuilt', 'the camera itself: converted or repaired']
    ]}
    onchoose={(value: string) => (what = value)}
  />
  {#if rebuilt}
    <div class="flex flex-wrap gap-y-1.5 gap-x-3 mt-1.5">
      <TextField
        name="since"
        label="Since (empty: today)"
        value={values['since'] ?? ''}
        fault={faultOf('since')}
      />
      <TextField
        name="sinceNote"
        label="What was done"
        value={values['sinceNote'] ?? ''}
        fault={faultOf('sinceNote')}
        wide
      />
    </div>
    <p class="soft">
      Frames from before stay with the camera as it was; what was learned of it before does not count for it
      now.
    </p>
  {/if}
  {#if history.length > 1}
    <details>
      <summary>How it was ({history.length})</summary>
      <ol>
        {#each history as h (h.revision)}
          <li>{sayDay(h.since)}: {WORDS[h.what]}{h.note === '' ? '' : `, ${h.note}`}</li>
        {/each}
      </ol>
    </details>
  {/if}
</fieldset>
