<!-- One step as a small drawing: what the hand takes hold of, and which way it goes. -->
<script lang="ts">
  import type { StepDrawing } from '#core/camera/routine-step.ts';

  let { drawing }: { drawing: StepDrawing } = $props();
</script>

<svg viewBox="0 0 96 64" width="96" height="64" aria-hidden="true" class="shrink-0">
  {#if drawing === 'tab'}
    <rect x="6" y="12" width="46" height="40" rx="3" class="fill-none stroke-(--ink) stroke-[2.5px]" />
    <path d="M52 26h26v12H52z" class="fill-(--soft) stroke-(--ink) stroke-2" />
    <path
      d="M70 46h20m-6-6 6 6-6 6"
      class="fill-none stroke-(--accent) stroke-[3.5px] [stroke-linecap:round] [stroke-linejoin:round]"
    />
  {:else if drawing === 'loop'}
    <circle cx="22" cy="16" r="11" class="fill-none stroke-(--ink) stroke-[2.5px]" /><circle
      cx="22"
      cy="50"
      r="11"
      class="fill-none stroke-(--ink) stroke-[2.5px]"
    />
    <rect x="60" y="22" width="12" height="20" class="fill-none stroke-(--ink) stroke-[2.5px]" />
    <path d="M33 16c40-18 46 0 33 8m0 18c13 8 7 26-33 10" class="fill-none stroke-(--ink) stroke-[3px]" />
  {:else if drawing === 'dark-slide'}
    <rect x="10" y="24" width="58" height="32" rx="3" class="fill-none stroke-(--ink) stroke-[2.5px]" />
    <path d="M22 24V6h34v18z" class="fill-(--soft) stroke-(--ink) stroke-2" />
    <path
      d="M80 34V8m-6 7 6-7 6 7"
      class="fill-none stroke-(--accent) stroke-[3.5px] [stroke-linecap:round] [stroke-linejoin:round]"
    />
  {:else if drawing === 'power'}
    <rect x="20" y="14" width="56" height="36" rx="18" class="fill-none stroke-(--ink) stroke-[2.5px]" />
    <circle cx="38" cy="32" r="12" class="fill-(--soft) stroke-(--ink) stroke-2" />
    <path
      d="M58 32h12m-5-5 5 5-5 5"
      class="fill-none stroke-(--accent) stroke-[3.5px] [stroke-linecap:round] [stroke-linejoin:round]"
    />
  {:else if drawing === 'cap'}
    <rect x="8" y="14" width="40" height="40" rx="3" class="fill-none stroke-(--ink) stroke-[2.5px]" />
    <circle cx="28" cy="34" r="12" class="fill-none stroke-(--ink) stroke-[2.5px]" />
    <ellipse cx="66" cy="34" rx="7" ry="14" class="fill-(--soft) stroke-(--ink) stroke-2" />
    <path
      d="M76 34h16m-6-6 6 6-6 6"
      class="fill-none stroke-(--accent) stroke-[3.5px] [stroke-linecap:round] [stroke-linejoin:round]"
    />
  {:else if drawing === 'cocking'}
    <circle cx="42" cy="36" r="22" class="fill-none stroke-(--ink) stroke-[2.5px]" />
    <path d="M42 36 60 12" class="fill-none stroke-(--ink) stroke-[3px]" />
    <path
      d="M70 14c10 8 12 20 8 30m-7-5 7 5 3-8"
      class="fill-none stroke-(--accent) stroke-[3.5px] [stroke-linecap:round] [stroke-linejoin:round]"
    />
  {:else if drawing === 'rewind'}
    <rect x="10" y="26" width="60" height="28" rx="3" class="fill-none stroke-(--ink) stroke-[2.5px]" />
    <rect x="16" y="14" width="20" height="12" class="fill-(--soft) stroke-(--ink) stroke-2" />
    <path
      d="M46 16c4-12-24-14-34-4m2-9-2 9 9 1"
      class="fill-none stroke-(--accent) stroke-[3.5px] [stroke-linecap:round] [stroke-linejoin:round]"
    />
  {:else if drawing === 'red-window'}
    <rect x="10" y="8" width="64" height="48" rx="3" class="fill-none stroke-(--ink) stroke-[2.5px]" />
    <circle cx="42" cy="32" r="13" class="fill-(--soft) stroke-(--ink) stroke-2" />
    <text class="fill-(--sheet) text-[17px] font-[650]" x="42" y="38" text-anchor="middle">1</text>
  {:else if drawing === 'turn-over'}
    <circle cx="24" cy="32" r="17" class="fill-none stroke-(--ink) stroke-[2.5px]" /><circle
      cx="24"
      cy="32"
      r="5"
      class="fill-(--soft) stroke-(--ink) stroke-2"
    />
    <circle cx="74" cy="32" r="17" class="fill-none stroke-(--ink) stroke-[2.5px]" /><circle
      cx="74"
      cy="32"
      r="5"
      class="fill-(--soft) stroke-(--ink) stroke-2"
    />
    <path
      d="M34 12c10-8 22-8 30 0m-8-2 8 2 1-9"
      class="fill-none stroke-(--accent) stroke-[3.5px] [stroke-linecap:round] [stroke-linejoin:round]"
    />
  {:else}
    <rect x="8" y="26" width="58" height="28" rx="3" class="fill-none stroke-(--ink) stroke-[2.5px]" />
    <circle cx="54" cy="20" r="9" class="fill-(--soft) stroke-(--ink) stroke-2" />
    <path
      d="M66 14c12 4 14 14 8 24m-6-6 6 6 6-5"
      class="fill-none stroke-(--accent) stroke-[3.5px] [stroke-linecap:round] [stroke-linejoin:round]"
    />
  {/if}
</svg>
