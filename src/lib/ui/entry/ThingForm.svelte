<script module lang="ts">
  import type { Snippet } from 'svelte';
  import type { FieldFault } from '#schema/reading/parse.ts';
  import type { ThingTexts } from '#schema/sheet/thing-entry.ts';

  /** The texts of something in the bag, new or to be changed. */
  export interface ThingFormProps {
    start: ThingTexts;
    refused: { readonly values: ThingTexts; readonly faults: readonly FieldFault[] } | null;
    act: string;
    /** What belongs to the form beside the thing. */
    children?: Snippet;
  }
</script>

<script lang="ts">
  import { enhance } from '$app/forms';
  import { readFilterStrength } from '#core/kit/filter-strength.ts';
  import { THING_KINDS } from '#core/kit/thing.ts';
  import { TYPICAL_THING } from '#schema/sheet/thing-entry.ts';
  import { formatStops } from '#core/units/stops.ts';
  import { sayMeterKind, THING_WORDS } from '../kit/say-kit.ts';
  import SelectField from '../kit/SelectField.svelte';
  import { toFault } from './to-fault.ts';
  import TextField from '../kit/TextField.svelte';

  let { start, refused, act, children }: ThingFormProps = $props();
  let chosen = $state<string | null>(null);
  let strength = $state<string | null>(null);
  let burns = $state<string | null>(null);
  const texts = $derived<ThingTexts>({ ...TYPICAL_THING, ...start, ...refused?.values });
  const kind = $derived(THING_KINDS.find((k) => k === (chosen ?? texts['kind'])) ?? 'filter');
  const text = (name: string): string => texts[name] ?? '';
  const faultOf = (field: string): string => refused?.faults.find((f) => f.field === field)?.message ?? '';
  const METERS = ['incident-dome', 'incident-flat', 'reflected'] as const;
  // what a strength comes to, in every unit it could be in, while it is typed
  const understood = $derived.by(() => {
    const read = readFilterStrength(strength ?? text('strength'), null);
    if (read.ok) return `That is ${formatStops(read.value.stops)}.`;
    if (read.error.problem === 'unreadable') return '';
    const could = read.error.couldBe.map((s) => `${formatStops(s.stops)} as ${s.givenAs}`);
    return `Without a unit that could be ${could.join(', ')}. Choose below.`;
  });
  const YES = [
    ['no', 'no'],
    ['yes', 'yes']
  ] as const;
</script>

{#snippet field(name: string, label: string, wide = false)}
  <TextField {name} {label} value={text(name)} fault={faultOf(name)} {wide} />
{/snippet}

<form
  class="grid [grid-template-columns:minmax(0,_1fr)] gap-4.5 max-w-240"
  method="post"
  {@attach toFault(() => refused)}
  use:enhance={() =>
    async ({ update }) =>
      update({ reset: false })}
>
  {@render children?.()}
  {#key refused}
    <div class="fields">
      <SelectField
        name="kind"
        label="What it is"
        value={kind}
        options={THING_KINDS.map((k) => [k, THING_WORDS[k][0].toLowerCase()])}
        onchoose={(value: string) => (chosen = value)}
      />
      {@render field('name', 'What you call it')}
    </div>
    {#key kind}
      <div
        class="fields"
        oninput={(e) => {
          if (e.target instanceof HTMLInputElement && e.target.name === 'strength') strength = e.target.value;
        }}
      >
        {#if kind === 'filter'}
          {@render field('strength', 'How strong, as it says on its rim', true)}
          {@render field('size', 'Thread, mm (empty: held before the lens)')}
          <div>
            <SelectField
              name="as"
              label="If it says no unit"
              value={text('as')}
              options={[
                ['', 'it says one'],
                ['stops', 'it counts stops'],
                ['density', 'it is a density'],
                ['factor', 'it is a factor']
              ]}
            />
            {#if faultOf('as') !== ''}<p
                class="max-w-[20rem] text-(--accent-ink) font-semibold text-[0.875rem]"
                role="alert"
              >
                {faultOf('as')}
              </p>{/if}
          </div>
          <p class="[flex-basis:100%] text-(--soft)" role="status">{understood}</p>
        {:else if kind === 'flash'}
          {@render field('guideNumber', 'Guide number at ISO 100')}
          <SelectField
            name="guideUnit"
            label="It counts in"
            value={text('guideUnit')}
            options={[
              ['m', 'metres'],
              ['ft', 'feet']
            ]}
          />
          <SelectField
            name="burns"
            label="It is"
            value={burns ?? text('burns')}
            options={[
              ['electronic', 'electronic'],
              ['bulbs', 'for bulbs, a new one each frame']
            ]}
            onchoose={(value: string) => (burns = value)}
          />
          {@render field('powers', 'Its powers: full 1/2 1/4')}
          {#if (burns ?? text('burns')) === 'bulbs'}
            <TextField
              name="duration"
              label="How long a bulb shines"
              value={text('duration') === TYPICAL_THING['duration'] ? '1/60' : text('duration')}
              fault={faultOf('duration')}
            />
            {@render field('bulbFrom', 'Shortest shutter time for the whole bulb')}
          {:else}
            {@render field('duration', 'How long it shines')}
          {/if}
          {@render field('angle', 'Angle it covers, degrees')}
          <p class="[flex-basis:100%]">
            Flashes hold a dangerous charge even when they are off: never open one. Bulbs can burst and are
            hot: let them cool, shield eyes. Its own sheet comes first.
          </p>
        {:else if kind === 'meter'}
          <SelectField
            name="reads"
            label="It reads"
            value={text('reads')}
            options={METERS.map((m) => [m, sayMeterKind(m)] as const)}
          />
          {@render field('constant', 'Its constant C or K, if not the usual')}
          {@render field('offset', 'It reads too high by, stops')}
          {@render field('sd', 'How sure it is, stops')}
          <SelectField name="tenths" label="It shows tenths of a stop" value={text('tenths')} options={YES} />
        {:else if kind === 'lamp'}
          {@render field('lux', 'Lux at one metre')}
          {@render field('kelvin', 'Colour, kelvin')}
        {:else if kind === 'modifier'}
          {@render field('takes', 'Stops it takes')}
        {:else if kind === 'phone'}
          {@render field('model', 'Model, as its pictures name it')}
          {@render field('lensMm', 'Focal length of that lens, mm')}
          {@render field('phoneOffset', 'Read its pictures higher by, stops')}
          {@render field('slope', 'Steepness of its curve (1.4: not measured)')}
          {@render field('readings', 'Readings it was found by')}
          {@render field('residual', 'What was left over, stops')}
          <p class="[flex-basis:100%]">
            <a class="inline-grid min-h-11 content-center underline" href="/bench/phone">The bench</a> finds these
            from three pictures and a meter.
          </p>
        {:else if kind === 'developer'}
          {@render field(
            'stocks',
            'Its stocks, grams a litre: A: sulphite 10, pyro 5; B: carbonate 75',
            true
          )}
          {@render field('dilution', 'Parts of each stock, then of water')}
          {@render field('minutes', 'Minutes, from and to: 9–13')}
          {@render field('atC', 'At °C')}
          {@render field('loss', 'Stops of speed it costs')}
          <SelectField
            name="agitation"
            label="Agitation"
            value={text('agitation')}
            options={[
              ['ordinary', '5 turns in 5 s, every 30 s'],
              ['gentle', '4 slow turns in 10 s, every minute']
            ]}
          />
          <p class="[flex-basis:100%]">
            Gloves, open windows, nothing on the skin, nothing near food; staining developers are poisonous.
            Its own sheet and local rules for waste come first.
          </p>
        {:else}
          <p class="[flex-basis:100%] text-(--soft)">
            A tripod, a clamp, a bean bag: what holds a camera still.
          </p>
        {/if}
      </div>
    {/key}
  {/key}
  <div class="fields">
    <button class="btn preset-filled-primary-700-300">{act}</button>
    <a class="btn preset-outlined-surface-950-50 inline-grid place-content-center min-h-12" href="/kit"
      >Back to Kit</a
    >
  </div>
</form>
