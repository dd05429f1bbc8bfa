<!-- The picture, touched: each mark can be put by finger or pointer, and moved by keys. -->
<script lang="ts">
  import type { Picture, Touch } from './picture.svelte.ts';
  import { TOUCHES } from './picture.svelte.ts';
  import { TOUCH_WORDS } from './say-picture.ts';

  let {
    picture,
    touch,
    radius,
    ontouch
  }: {
    picture: Picture;
    /** What the next press marks. */
    touch: Touch;
    /** Of the eye's circle, in shares of the shorter side. */
    radius: number;
    ontouch: () => void;
  } = $props();
  const STEP = 0.02;
  let canvas: HTMLCanvasElement | undefined = $state();
  const size = $derived(picture.pixels ?? { width: 1, height: 1 });
  $effect(() => {
    const { pixels } = picture;
    if (!canvas || !pixels) return;
    const image = new ImageData(new Uint8ClampedArray(pixels.data), pixels.width, pixels.height);
    canvas.getContext('2d')?.putImageData(image, 0, 0);
  });

  const within = (n: number): number => Math.min(1, Math.max(0, n));
  function put(which: Touch, x: number, y: number): void {
    picture.touch(which, within(x), within(y), which === 'eye' ? radius : undefined);
    ontouch();
  }
  function press(event: PointerEvent & { currentTarget: HTMLElement }): void {
    const box = event.currentTarget.getBoundingClientRect();
    put(touch, (event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height);
  }
  function key(event: KeyboardEvent, which: Touch): void {
    const moves: Readonly<Record<string, readonly [number, number]>> = {
      ArrowLeft: [-STEP, 0],
      ArrowRight: [STEP, 0],
      ArrowUp: [0, -STEP],
      ArrowDown: [0, STEP]
    };
    const by = moves[event.key];
    const spot = picture.spots[which];
    if (!by || !spot) return;
    event.preventDefault();
    put(which, spot.x + by[0], spot.y + by[1]);
  }
</script>

<div
  class="relative overflow-hidden rounded-[4px] [cursor:crosshair] [touch-action:manipulation]"
  data-testid="touch"
  onpointerdown={press}
  role="presentation"
>
  <canvas bind:this={canvas} width={size.width} height={size.height} class="block w-full" aria-hidden="true"
  ></canvas>
  {#each TOUCHES as which (which)}
    {@const spot = picture.spots[which]}
    {#if spot}
      <span
        class="spot {which}"
        style:left="{spot.x * 100}%"
        style:top="{spot.y * 100}%"
        style:width={which === 'eye'
          ? `${(200 * spot.radius * Math.min(size.width, size.height)) / size.width}%`
          : undefined}
        role="slider"
        tabindex="0"
        aria-label="{TOUCH_WORDS[which]}; arrow keys move it"
        aria-valuenow={Math.round(spot.x * 100)}
        aria-valuetext="{Math.round(spot.x * 100)} % across, {Math.round(spot.y * 100)} % down"
        onkeydown={(e) => key(e, which)}
      ></span>
    {/if}
  {/each}
</div>

<style>
  .spot {
    position: absolute;
    width: 26px;
    aspect-ratio: 1;
    translate: -50% -50%;
    border: 3px solid #ffffff;
    border-radius: 50%;
    outline: 2px solid #191816;
  }
  .lights {
    border-radius: 0;
  }
  .darks {
    border-radius: 0;
    rotate: 45deg;
  }
  .eye {
    border-style: dashed;
    pointer-events: none;
  }
  .spot:focus-visible {
    outline: 4px solid var(--accent);
  }
</style>
