<!-- A scan as it would look exposed some stops more or less on its film: pushed through the film's curve by the browser. -->
<script lang="ts">
  import { pushedTones } from '#core/learn/suggest.ts';

  let {
    scanId,
    range,
    stops,
    label,
    size = 'thumb'
  }: {
    scanId: string;
    /** The film's, stops from mid grey. */
    range: { readonly below: number; readonly above: number };
    /** + = lighter. */
    stops: number;
    label: string;
    size?: 'thumb' | 'view';
  } = $props();
  const uid = $props.id();
  const table = $derived(
    pushedTones(range, stops)
      .map((v) => v.toFixed(4))
      .join(' ')
  );
</script>

<figure class="print-paper flex-1 min-w-0 pt-1.5 px-1.5 pb-1 border border-(--line)">
  <svg class="block w-full [aspect-ratio:90_/_66]" viewBox="0 0 90 66" role="img" aria-label={label}>
    <filter id="{uid}-push" color-interpolation-filters="sRGB" x="0" y="0" width="1" height="1">
      <feComponentTransfer>
        <feFuncR type="table" tableValues={table} />
        <feFuncG type="table" tableValues={table} />
        <feFuncB type="table" tableValues={table} />
      </feComponentTransfer>
    </filter>
    <image
      href="/api/v1/scans/{scanId}/{size}"
      width="90"
      height="66"
      preserveAspectRatio="xMidYMid meet"
      filter="url(#{uid}-push)"
    />
  </svg>
  <figcaption class="mt-1 text-center text-[0.8125rem] leading-[1.15]">{label}</figcaption>
</figure>
