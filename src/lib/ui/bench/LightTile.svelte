<!-- The light that a bench goes by: the one told on Shoot until another is typed. -->
<script lang="ts">
  import { parseLightReading } from '#core/light/reading-text.ts';
  import { err, ok, type Result } from '#core/numeric/result.ts';
  import { formatLv } from '#core/units/stops.ts';
  import { explainQuantity } from '#schema/reading/words.ts';
  import { choiceFromReading } from '#core/ways/choice.ts';
  import ReadTile from '../tile/ReadTile.svelte';

  let { lv, onlv }: { lv: number; onlv: (lv: number) => void } = $props();
  function read(text: string): Result<number, string> {
    const reading = parseLightReading(text);
    return reading.ok ? ok(choiceFromReading(text, reading.value).lv) : err(explainQuantity(reading.error));
  }
</script>

<ReadTile
  label="The light reads"
  text="LV {formatLv(lv)}"
  {read}
  onread={onlv}
  example="LV 12, or f/8 1/60 at 100"
/>
