<!-- What frames are looked for by. A plain form whose answers stand in the address. -->
<script lang="ts">
  import type { FrameFilter } from '#schema/log/frame-filter.ts';
  import SelectField from '../kit/SelectField.svelte';
  import TextField from '../kit/TextField.svelte';

  let {
    filter,
    view,
    cameras,
    stocks,
    tags,
    lines,
    problems
  }: {
    filter: FrameFilter;
    view: string;
    cameras: readonly (readonly [id: string, name: string])[];
    stocks: readonly (readonly [id: string, name: string])[];
    tags: readonly string[];
    lines: readonly { readonly loadId: string; readonly filmName: string; readonly cameraName: string }[];
    problems: readonly string[];
  } = $props();
  const any = ['', 'any'] as const;
  const VERDICTS = [
    any,
    ['dark', 'too dark'],
    ['right', 'right'],
    ['light', 'too light'],
    ['faulty', 'with a fault'],
    ['judged', 'judged'],
    ['unjudged', 'not judged yet']
  ] as const;
  /** A value that was not understood is kept in its field with what is wrong. */
  const faultOf = (value: string): string =>
    value === '' ? '' : (problems.find((p) => p.startsWith(`“${value}”`)) ?? '');
  const lv = (value: number | null): string => (value === null ? '' : String(value));
</script>

<form
  class="flex flex-wrap gap-y-2.5 gap-x-3.5 items-start p-3 mb-3 bg-(--sheet) border-[1.5px] border-(--line) rounded-[4px]"
  method="get"
  action="/log"
  data-sveltekit-keepfocus
  data-sveltekit-noscroll
>
  <input type="hidden" name="view" value={view} />
  <TextField name="words" label="Words written of it" value={filter.words} fault="" wide />
  <SelectField name="camera" label="Camera" value={filter.cameraId ?? ''} options={[any, ...cameras]} />
  <SelectField name="stock" label="Film" value={filter.filmId ?? ''} options={[any, ...stocks]} />
  <SelectField
    name="film"
    label="This very film"
    value={filter.loadId ?? ''}
    options={[any, ...lines.map((l) => [l.loadId, `${l.filmName} in ${l.cameraName}`] as const)]}
  />
  <SelectField name="verdict" label="Came out" value={filter.verdict ?? ''} options={VERDICTS} />
  {#if tags.length > 0}
    <SelectField
      name="tag"
      label="Tag"
      value={filter.tag ?? ''}
      options={[any, ...tags.map((t) => [t, t] as const)]}
    />
  {/if}
  <div class="grid gap-0.75 text-[0.9375rem] w-[11rem]">
    <label for="since">From the day</label>
    <input id="since" class="input" type="date" name="since" value={filter.fromDay ?? ''} />
  </div>
  <div class="grid gap-0.75 text-[0.9375rem] w-[11rem]">
    <label for="until">To the day</label>
    <input id="until" class="input" type="date" name="until" value={filter.toDay ?? ''} />
  </div>
  <TextField
    name="dark"
    label="Light from, LV"
    value={lv(filter.fromLv)}
    fault={faultOf(lv(filter.fromLv))}
  />
  <TextField name="bright" label="Light to, LV" value={lv(filter.toLv)} fault={faultOf(lv(filter.toLv))} />
  <SelectField
    name="trash"
    label="Where"
    value={filter.trash ? 'yes' : ''}
    options={[
      ['', 'in the log'],
      ['yes', 'in the trash']
    ]}
  />
  {#if problems.length > 0}
    <div role="alert" class="w-full text-(--accent-ink) font-semibold">
      {#each problems as problem, i (i)}<p>{problem}</p>{/each}
    </div>
  {/if}
  <button class="btn preset-filled-primary-700-300 mt-5.5">Look</button>
</form>
