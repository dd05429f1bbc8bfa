<!-- A meter reading as typed; how it was understood shows while typing. -->
<script lang="ts">
  import { parseLightReading } from '#core/light/reading-text.ts';
  import { formatLv } from '#core/units/stops.ts';
  import { explainQuantity } from '#schema/words.ts';
  import { useHand } from '../hand.svelte.ts';
  import Figures from '../text/Figures.svelte';

  const hand = useHand();
  const uid = $props.id();
  const start = hand.light.way.kind === 'reading' ? hand.light.way.text : '';
  let text = $state(start);
  const reading = $derived(text.trim() === '' ? null : parseLightReading(text));
  const otherLv = $derived(
    reading?.ok === true && reading.value.kind === 'pair' ? reading.value.otherLv : null
  );

  function use(): void {
    // what cannot be read yet leaves the last good light where it is
    if (reading?.ok === true) hand.read(text.trim(), reading.value.lv);
  }
  function meanSeconds(lv: number): void {
    // written as a light value, since the same words would be understood the first way again
    text = `LV ${lv.toFixed(2)}`;
    use();
  }
</script>

<div class="reading">
  <label class="kicker" for="{uid}-field">Or type a meter reading at the subject</label>
  <input
    id="{uid}-field"
    type="text"
    inputmode="text"
    autocomplete="off"
    spellcheck="false"
    placeholder="f/8 1/60 at 400"
    maxlength="80"
    bind:value={text}
    oninput={use}
    aria-describedby="{uid}-said"
    aria-invalid={reading?.ok === false}
  />
  <p id="{uid}-said" class:wrong={reading?.ok === false} aria-live="polite">
    {#if reading?.ok === true}
      <Figures text={`Understood as LV ${formatLv(reading.value.lv)}.`} />
      {#if otherLv !== null}
        <button type="button" onclick={() => meanSeconds(otherLv)}>
          <Figures text={`Whole seconds? Then LV ${formatLv(otherLv)}`} />
        </button>
      {/if}
    {:else if reading?.ok === false}
      {explainQuantity(reading.error)}
    {/if}
  </p>
</div>

<style>
  .reading {
    margin-top: 10px;
  }
  input {
    display: block;
    width: 100%;
    min-height: 44px;
    margin-top: 4px;
    padding: 0 10px;
    border: 1.5px solid var(--soft);
    border-radius: 4px;
    background: var(--sheet);
    font-size: 1rem;
  }
  p {
    min-height: 1.35em;
    margin-top: 4px;
    font-size: 0.875rem;
    line-height: 1.35;
  }
  p.wrong {
    color: var(--accent);
  }
  button {
    min-height: 44px;
    text-decoration: underline;
    cursor: pointer;
  }
</style>
