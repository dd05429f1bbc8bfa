<script module lang="ts">
  import type { Judged } from '../current-judge.ts';

  /** What the camera's eye sees of a scene, against what the subject gets. */
  export interface EyeBoardProps {
    judged: Judged;
    /** Stops that count on Shoot now. */
    counted: number;
    oncount: (stops: number) => void;
  }
  /** How far an arrow key moves the eye, in shares of the frame. */
  const STEP = 0.05;
  const SIZE = 100;
</script>

<script lang="ts">
  import { positionsOf } from '#core/camera/camera.ts';
  import {
    BOARD_MARGIN,
    BOARD_SCENES,
    BOARDS,
    eyeOffsetStops,
    type Board,
    type BoardScene,
    type Patch
  } from '#core/ways/eye-board.ts';
  import { formatSignedThirds, formatStops, formatThirds } from '#core/units/stops.ts';
  import { greyOf } from '../rule/strips.ts';
  import ScenePrint from '../verdict/ScenePrint.svelte';
  import { BOARD_WORDS } from './board-words.ts';

  let { judged, counted, oncount }: EyeBoardProps = $props();
  const uid = $props.id();
  let scene = $state<BoardScene>('window');
  let board = $state.raw<Board>(BOARDS.window);
  let patchId = $state('subject');
  let dragging = false;
  const offset = $derived(eyeOffsetStops(board));
  const patch = $derived(board.patches.find((p) => p.id === patchId) ?? board.patches[0]);
  const control = $derived(judged.pair.camera.controls.find((c) => c.acts === 'compensation'));
  const nearest = $derived(
    control
      ? positionsOf(control).reduce((a, b) =>
          Math.abs(b.value - offset) < Math.abs(a.value - offset) ? b : a
        )
      : null
  );
  const answered = $derived((nearest?.value ?? 0) - offset);
  const grey = (p: Patch): string => greyOf(Math.min(1, Math.max(0, (p.lightStops + p.toneStops + 4.5) / 9)));

  function take(next: BoardScene): void {
    scene = next;
    board = BOARDS[next];
    patchId = 'subject';
  }
  function moveEye(x: number, y: number): void {
    const hold = (v: number): number => Math.min(1, Math.max(0, v));
    board = { ...board, eye: { ...board.eye, x: hold(x), y: hold(y) } };
  }
  function drag(event: PointerEvent & { currentTarget: SVGSVGElement }): void {
    if (!dragging) return;
    const box = event.currentTarget.getBoundingClientRect();
    const span = 1 + 2 * BOARD_MARGIN;
    moveEye(
      ((event.clientX - box.left) / box.width) * span - BOARD_MARGIN,
      ((event.clientY - box.top) / box.height) * span - BOARD_MARGIN
    );
  }
  function key(event: KeyboardEvent): void {
    const { x, y } = board.eye;
    const moves: Readonly<Record<string, readonly [number, number]>> = {
      ArrowLeft: [-STEP, 0],
      ArrowRight: [STEP, 0],
      ArrowUp: [0, -STEP],
      ArrowDown: [0, STEP]
    };
    const by = moves[event.key];
    if (!by) return;
    event.preventDefault();
    moveEye(x + by[0], y + by[1]);
  }
  function change(more: Partial<Patch>): void {
    board = { ...board, patches: board.patches.map((p) => (p.id === patchId ? { ...p, ...more } : p)) };
  }
</script>

<div class="board grid gap-1">
  <label class="kicker mt-1.5" for="{uid}-scene">A scene like this</label>
  <select
    id="{uid}-scene"
    class="select"
    value={scene}
    onchange={(e) => take(BOARD_SCENES.find((s) => s === e.currentTarget.value) ?? 'window')}
  >
    {#each BOARD_SCENES as name (name)}<option value={name}>{BOARD_WORDS[name]}</option>{/each}
  </select>
  <svg
    class="w-full rounded-[4px] [touch-action:none]"
    viewBox="{-BOARD_MARGIN * SIZE} {-BOARD_MARGIN * SIZE} {(1 + 2 * BOARD_MARGIN) * SIZE} {(1 +
      2 * BOARD_MARGIN) *
      SIZE}"
    role="group"
    aria-label="The scene in patches, the film’s frame and the circle that the eye sees"
    onpointermove={drag}
    onpointerup={() => (dragging = false)}
    onpointerleave={() => (dragging = false)}
  >
    {#each board.patches as p (p.id)}
      <rect
        x={p.x * SIZE}
        y={p.y * SIZE}
        width={p.width * SIZE}
        height={p.height * SIZE}
        fill={grey(p)}
        stroke={p.id === patchId ? 'var(--accent)' : 'none'}
        stroke-width="2.500"
      />
    {/each}
    <rect x="0" y="0" width={SIZE} height={SIZE} fill="none" stroke="#ffffff" stroke-width="4" />
    <rect x="0" y="0" width={SIZE} height={SIZE} fill="none" stroke="#191816" stroke-width="1.800" />
    <circle
      cx={board.eye.x * SIZE}
      cy={board.eye.y * SIZE}
      r={board.eye.radius * SIZE}
      fill="none"
      stroke="#ffffff"
      stroke-width="3.500"
    />
    <circle
      cx={board.eye.x * SIZE}
      cy={board.eye.y * SIZE}
      r={board.eye.radius * SIZE}
      fill="none"
      stroke="#191816"
      stroke-width="1.500"
      stroke-dasharray="5 3"
    />
    <g
      class="[cursor:grab] focus-visible:[outline:3px_solid_var(--ink)]"
      transform="translate({board.eye.x * SIZE} {board.eye.y * SIZE})"
      role="slider"
      tabindex="0"
      aria-label="Where the eye looks; arrow keys move it"
      aria-valuenow={Math.round(board.eye.x * 100)}
      aria-valuetext="{Math.round(board.eye.x * 100)} % across, {Math.round(board.eye.y * 100)} % down"
      onpointerdown={(e) => {
        dragging = true;
        e.preventDefault();
      }}
      onkeydown={key}
    >
      <circle r="14" fill="transparent" />
      <circle r="7" fill="var(--accent)" stroke="#ffffff" stroke-width="2" />
    </g>
  </svg>
  <p class="soft">Solid: the film’s frame. Dashed: what the eye sees; drag its middle.</p>
  <label class="kicker mt-1.5" for="{uid}-patch">Change a patch</label>
  <select id="{uid}-patch" class="select" bind:value={patchId}>
    {#each board.patches as p (p.id)}<option value={p.id}>{p.name}</option>{/each}
  </select>
  {#if patch}
    <label for="{uid}-light">
      Light on it: {`${formatSignedThirds(patch.lightStops)} against the subject’s`}
    </label>
    <input
      id="{uid}-light"
      type="range"
      min="-6"
      max="8"
      step="0.3333"
      value={patch.lightStops}
      oninput={(e) => change({ lightStops: e.currentTarget.valueAsNumber })}
    />
    <label for="{uid}-tone">
      Its tone: {`${formatSignedThirds(patch.toneStops)} against mid grey`}
    </label>
    <input
      id="{uid}-tone"
      type="range"
      min="-3"
      max="3"
      step="0.3333"
      value={patch.toneStops}
      oninput={(e) => change({ toneStops: e.currentTarget.valueAsNumber })}
    />
  {/if}
  <p class="leading-[1.35]" role="status" data-testid="eye-says">
    {#if formatThirds(offset) === '0'}
      The eye sees what the subject gets: nothing to answer.
    {:else}
      {`The eye sees ${formatStops(offset)} ${offset > 0 ? 'more' : 'less'} than the subject has, so the subject comes out that much too ${offset > 0 ? 'dark' : 'light'}.`}
      {#if nearest}
        <b>{`Answer: ${control?.label ?? ''} to ${nearest.mark}.`}</b>
      {:else}
        This camera has no lighten–darken: turn its eye away, or change the scene.
      {/if}
    {/if}
  </p>
  <div class="grid [grid-template-columns:1fr_1fr] gap-2.5">
    <ScenePrint tone={judged.tone} deltaStops={-offset} label="as it comes" />
    <ScenePrint tone={judged.tone} deltaStops={answered} label="answered" />
  </div>
  <div class="flex flex-wrap gap-2 mt-1">
    <button type="button" class="btn preset-outlined-surface-950-50" onclick={() => oncount(offset)}
      >Count this for my frame</button
    >
    {#if counted !== 0}
      <button type="button" class="btn preset-outlined-surface-950-50" onclick={() => oncount(0)}
        >Count nothing</button
      >
    {/if}
  </div>
  {#if counted !== 0}
    <p class="soft" data-testid="eye-counted">
      {`Counted now: the eye sees ${formatStops(counted)} ${counted > 0 ? 'more' : 'less'}.`}
    </p>
  {/if}
</div>

<style>
  input[type='range'] {
    width: 100%;
    min-height: 44px;
    accent-color: var(--accent);
  }
  .soft,
  label:not(.kicker) {
    color: var(--soft);
    font-size: 0.875rem;
  }
</style>
