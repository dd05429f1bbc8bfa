<!-- The person's own lamp: how far it stands and what is before it, so that moving it can be advised. -->
<script lang="ts">
  import { readMetres } from '#core/camera/marks.ts';
  import { useCurrent } from '../../current.svelte.ts';
  import { sayMetres } from '../../text/say.ts';

  const current = useCurrent();
  const uid = $props.id();
  const lamp = $derived(current.asked.lamp);
  const modifiers = $derived(
    current.things.flatMap(({ name, data }) =>
      data.kind === 'modifier' ? [{ name, stops: data.stops }] : []
    )
  );
  let text = $state('');
  let fault = $state('');

  function typed(): void {
    fault = '';
    if (text.trim() === '') {
      const rest = Object.entries(current.asked).filter(([name]) => name !== 'lamp');
      current.asked = Object.fromEntries(rest);
      return;
    }
    const read = readMetres(text);
    if (!read.ok || read.value <= 0 || read.value > 100)
      fault = `“${text.trim()}” is no distance of a lamp. Give more than 0 and up to 100 metres, such as 1.5.`;
    else current.asked = { ...current.asked, lamp: { modifierStops: 0, ...lamp, atM: read.value } };
  }
</script>

<label class="kicker" for="{uid}-lamp">How far is your lamp from the subject?</label>
<input
  id="{uid}-lamp"
  class="input"
  autocomplete="off"
  placeholder="1.5"
  bind:value={text}
  oninput={typed}
  aria-invalid={fault !== ''}
  aria-describedby="{uid}-fault"
/>
<p id="{uid}-fault" class="fault text-[0.875rem]" role="status">{fault}</p>
{#if lamp}
  <p class="soft">Taken as {sayMetres(lamp.atM)}.</p>
  {#if modifiers.length > 0}
    <label class="kicker" for="{uid}-before">What is before it?</label>
    <select
      id="{uid}-before"
      class="select"
      value={String(lamp.modifierStops)}
      onchange={(e) =>
        (current.asked = {
          ...current.asked,
          lamp: { ...lamp, modifierStops: Number(e.currentTarget.value) }
        })}
    >
      <option value="0">nothing</option>
      {#each modifiers as m (m.name)}<option value={String(m.stops)}>{m.name}</option>{/each}
    </select>
  {/if}
{/if}
