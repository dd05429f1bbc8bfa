<!-- Everything that can come later: how sure its values are, focus, flash, finder, eye. -->
<script lang="ts">
  import { PROGRAM_FORMS } from '#core/camera/kinds/program-forms.ts';
  import { kindOfProgram } from '#core/camera/kinds/programs.ts';
  import { firstFields, typicalSheet } from '#schema/sheet/sheet.ts';
  import { PERFORATIONS } from '#schema/kit/traits.ts';
  import { sayPerforation } from '#schema/kit/misfit-words.ts';
  import type { Draft } from './draft.svelte.ts';
  import { kindFieldOf } from '#schema/sheet/sheet-controls.ts';
  import ControlKindField from './ControlKindField.svelte';
  import SheetField from './SheetField.svelte';
  import TrickFields from './TrickFields.svelte';
  import SheetSelect from './SheetSelect.svelte';
  import { CONDITION_WORDS } from './words.ts';

  let { draft }: { draft: Draft } = $props();
  const YES: readonly (readonly [string, string])[] = [
    ['no', 'no'],
    ['yes', 'yes']
  ];
  const STAND_OPTIONS: readonly (readonly [string, string])[] = [
    ['', 'not said'],
    ['socket', 'its tripod socket'],
    ['adapter', 'an adapter of its own'],
    ['flat', 'being laid on something']
  ];
  const RELEASE_OPTIONS: readonly (readonly [string, string])[] = [
    ['', 'not said'],
    ['socket', 'screws in'],
    ['adapter', 'by an adapter'],
    ['none', 'it takes none']
  ];
  const program = $derived(kindOfProgram({ kind: draft.program }));
  const itself = $derived(program.sets.aperture || program.sets.time);
  const first = $derived(firstFields(draft.has));
  const asksLater = (field: string): boolean => itself && !first.includes(field);
  const moves = $derived(typicalSheet(draft.has)['moves']);
  const TAKEN_OVER = ['aperture', 'time'] as const;
  const flash = $derived(draft.text('flash'));
  const fixed = $derived(draft.text('focus').trim() === '');
  const perforations: readonly (readonly [string, string])[] = [
    ['', 'any, or none'],
    ...PERFORATIONS.map((p) => [p, sayPerforation(p)] as const)
  ];
</script>

<section class="mb-3.5">
  <h3 class="text-[1.0625rem] font-[650] mb-1">How sure its values are</h3>
  <div class="fields">
    <SheetSelect {draft} field="condition" label="Its condition" options={Object.entries(CONDITION_WORDS)} />
    <SheetField {draft} field="tolerance" />
    <SheetField {draft} field="bias" />
    <SheetField {draft} field="held" />
  </div>
</section>
<section class="mb-3.5">
  <h3 class="text-[1.0625rem] font-[650] mb-1">Before each press</h3>
  <div class="fields"><SheetField {draft} field="checks" /></div>
</section>
<section class="mb-3.5">
  <h3 class="text-[1.0625rem] font-[650] mb-1">Focus</h3>
  <div class="fields">
    <SheetField {draft} field="focus" />
    {#if fixed}
      <SheetSelect
        {draft}
        field="focusing"
        label="It focuses"
        options={[
          ['fixed', 'nowhere else: its lens is fixed'],
          ['autofocus', 'by itself']
        ]}
      />
      {#if draft.text('focusing') === 'autofocus'}
        <SheetField {draft} field="nearest" />
      {:else}
        <SheetField {draft} field="fixedAt" />
        <SheetField {draft} field="sharpFrom" />
      {/if}
    {:else}
      <SheetSelect
        {draft}
        field="focusing"
        label="How you focus"
        options={[
          ['scale', 'by guess on its marks'],
          ['symbols', 'by its symbols'],
          ['rangefinder', 'with a rangefinder or on a ground glass']
        ]}
      />
    {/if}
    <SheetField {draft} field="lenses" />
  </div>
</section>
<section class="mb-3.5">
  <h3 class="text-[1.0625rem] font-[650] mb-1">Flash</h3>
  <div class="fields">
    <SheetSelect
      {draft}
      field="flash"
      label="Its flash"
      options={[
        ['none', 'none'],
        ['shoe', 'takes a separate one'],
        ['switch', 'built in, with a switch'],
        ...(itself ? ([['automatic', 'built in, fires by itself']] as const) : [])
      ]}
    />
    {#if flash === 'switch' || flash === 'automatic'}<SheetField {draft} field="guideNumber" />{/if}
    {#if flash === 'shoe' || flash === 'switch'}<SheetField {draft} field="sync" />{/if}
    {#if flash === 'shoe' && itself}
      <SheetField {draft} field="fittedTime" />
      <SheetField {draft} field="fittedAperture" />
    {/if}
    {#if flash === 'automatic'}
      <SheetField {draft} field="flashBelow" />
      <SheetSelect {draft} field="flashOverride" label="It can be kept from firing" options={YES} />
      <SheetSelect {draft} field="flashQuench" label="Its cell cuts the flash off" options={YES} />
    {/if}
  </div>
</section>
{#if itself}
  <section class="mb-3.5">
    <h3 class="text-[1.0625rem] font-[650] mb-1">Its eye</h3>
    <div class="fields">
      {#if asksLater('believes') && draft.has !== 'cine'}<SheetField {draft} field="believes" />{/if}
      {#if asksLater('lighten')}<SheetField {draft} field="lighten" />{/if}
      <SheetSelect
        {draft}
        field="eye"
        label="Where its eye is"
        options={[
          ['outside', 'beside the lens'],
          ['behind-lens', 'behind the lens']
        ]}
      />
      <SheetField {draft} field="eyeAngle" />
      {#each TAKEN_OVER as acts (acts)}
        {#if program.sets[acts] && !(program.sets.aperture && program.sets.time)}
          <ControlKindField {draft} {acts} sets />
          {#if draft.text(kindFieldOf(acts)) === 'override'}<SheetField {draft} field={acts} />{/if}
          {#if draft.text(kindFieldOf(acts)) === 'held-open'}<TrickFields {draft} />{/if}
        {/if}
      {/each}
      {#if PROGRAM_FORMS[draft.program].sheet.fields.includes('lowLight')}
        <SheetSelect
          {draft}
          field="lowLight"
          label="In too little light"
          options={[
            ['closes', 'it closes at its longest time'],
            ['locks', 'its shutter is locked']
          ]}
        />
      {/if}
    </div>
  </section>
{/if}
<section class="mb-3.5">
  <h3 class="text-[1.0625rem] font-[650] mb-1">Finder and film</h3>
  <div class="fields">
    <SheetField {draft} field="finderRight" />
    <SheetField {draft} field="finderUp" />
    <SheetField {draft} field="aimRight" />
    <SheetField {draft} field="aimUp" />
    {#if moves === 'swing'}<SheetField {draft} field="sweep" /><input
        type="hidden"
        name="moves"
        value="swing"
      />{/if}
    <SheetField {draft} field="filterThread" />
    <SheetSelect {draft} field="stand" label="It stands by" options={STAND_OPTIONS} />
    <SheetSelect {draft} field="release" label="Cable release" options={RELEASE_OPTIONS} />
    <SheetSelect {draft} field="singleElement" label="A single element, or of plastic" options={YES} />
    <SheetSelect {draft} field="repeats" label="Several exposures on a frame" options={YES} />
    <SheetSelect {draft} field="battery" label="Runs on its pack’s battery" options={YES} />
    {#if moves === 'cine'}
      <SheetSelect {draft} field="perforations" label="Film it can drive" options={perforations} />
    {/if}
  </div>
</section>
