<!-- How a scan is looked at, and which film it is of. The file itself stays as it came. -->
<script lang="ts">
  import type { Scan } from '#core/log/scan.ts';
  import { AS_IT_CAME, MOST_CUT, turned, type ScanShown } from '#core/log/scan-shown.ts';
  import SelectField from '../kit/SelectField.svelte';

  let {
    scan,
    films,
    onchange
  }: {
    scan: Scan;
    films: readonly (readonly [loadId: string, words: string])[];
    onchange: (edit: { shown?: ScanShown; loadId?: string }) => Promise<void>;
  } = $props();
  const shown = $derived(scan.shown ?? AS_IT_CAME);
  const isAsItCame = $derived(JSON.stringify(shown) === JSON.stringify(AS_IT_CAME));
  const SIDES = [
    ['left', 'right', 'Left'],
    ['right', 'left', 'Right'],
    ['top', 'bottom', 'Top'],
    ['bottom', 'top', 'Bottom']
  ] as const;
  const uid = $props.id();
  /** What is wrong with a side; '' = nothing. */
  let fault = $state('');

  function cutOff(side: (typeof SIDES)[number][0], other: (typeof SIDES)[number][0], typed: string): void {
    const percent = Number(typed.replace(',', '.'));
    const most = Math.floor(100 * (MOST_CUT - shown.cut[other]));
    fault =
      typed.trim() !== '' && percent >= 0 && percent <= most
        ? ''
        : `Give 0 to ${most} per cent of the picture: a tenth of it must stay.`;
    if (fault === '') void onchange({ shown: { ...shown, cut: { ...shown.cut, [side]: percent / 100 } } });
  }
</script>

<div class="flex flex-wrap gap-2">
  <button
    type="button"
    class="btn preset-outlined-surface-950-50"
    aria-label="Turn {scan.name} to the right"
    onclick={() => void onchange({ shown: turned(shown) })}>Turn</button
  >
  <button
    type="button"
    class="btn {shown.negative ? 'preset-filled' : 'preset-outlined-surface-950-50'}"
    aria-pressed={shown.negative}
    aria-label="{scan.name} is a negative"
    onclick={() => void onchange({ shown: { ...shown, negative: !shown.negative } })}>Negative</button
  >
</div>
<details class="w-full">
  <summary class="min-h-11 cursor-pointer content-center">Crop, or another film</summary>
  <div class="grid grid-cols-2 gap-2">
    {#each SIDES as [side, other, words] (side)}
      <label class="grid gap-0.5 text-[0.9375rem]" for="{uid}-{side}"
        >{words}, %
        <input
          id="{uid}-{side}"
          class="input"
          inputmode="decimal"
          value={String(Math.round(shown.cut[side] * 1000) / 10)}
          aria-describedby={fault === '' ? undefined : `${uid}-fault`}
          onchange={(e) => cutOff(side, other, e.currentTarget.value)}
        />
      </label>
    {/each}
  </div>
  {#if fault !== ''}<p id="{uid}-fault" role="alert" class="text-(--accent-ink)">{fault}</p>{/if}
  {#if !isAsItCame}
    <button
      type="button"
      class="btn preset-outlined-surface-950-50 mt-2"
      onclick={() => void onchange({ shown: AS_IT_CAME })}>As it came</button
    >
  {/if}
  {#if films.length > 1}
    <SelectField
      name="film-{scan.id}"
      label="Of the film"
      value={scan.loadId}
      options={films}
      onchoose={(loadId: string) => void onchange({ loadId })}
    />
  {/if}
</details>
