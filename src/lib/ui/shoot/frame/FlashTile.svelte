<!-- The flash: off, by itself, or fired at a power. -->
<script lang="ts">
  import { PLAIN } from '#core/error/circumstances.ts';
  import { useCurrent } from '../../current.svelte.ts';
  import type { Judged } from '../../current-judge.ts';
  import { sayPower } from '../../text/say-remedy.ts';
  import { flashUnits } from './flash-units.ts';
  import Tile from '../../tile/Tile.svelte';

  let { judged }: { judged: Judged } = $props();
  const current = useCurrent();
  const camera = $derived(judged.pair.camera);
  const units = $derived(flashUnits(camera, current.things));
  const flash = $derived(current.asked.circumstances?.flash ?? PLAIN.flash);
  const value = $derived(
    flash.kind === 'fired'
      ? `${units.findIndex((u) => u.guideNumber === flash.unit.guideNumber)} ${flash.powerStops}`
      : flash.kind
  );

  function choose(next: string): void {
    if (next === 'as-it-comes' || next === 'off') {
      current.ask({ flash: { kind: next } });
      return;
    }
    const [index = '', power = ''] = next.split(' ');
    const unit = units[Number(index)];
    if (unit) current.ask({ flash: { kind: 'fired', unit, powerStops: Number(power), lossStops: 0 } });
  }
</script>

{#if units.length > 0 || camera.flash.kind === 'automatic'}
  <Tile label="Flash" {value} onchoose={choose}>
    {#if camera.flash.kind === 'automatic'}
      <option value="as-it-comes">fires by itself</option>
      {#if camera.flash.overridable}<option value="off">kept from firing</option>{/if}
    {:else}
      <option value="as-it-comes">off</option>
    {/if}
    {#each units as unit, u (u)}
      {#each unit.powers as power (power)}
        <option value="{u} {power}"
          >{unit.name === '' ? 'on' : unit.name}{unit.powers.length > 1 || unit.name !== ''
            ? ` at ${sayPower(power)} power`
            : ''}</option
        >
      {/each}
    {/each}
  </Tile>
{/if}
