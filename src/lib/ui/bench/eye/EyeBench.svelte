<script lang="ts">
  import { EYE_LIGHTS, judgeEye, USUAL_LIGHT, withEyeFound } from '#core/bench/eye-test.ts';
  import type { EyeLight, EyeReading, EyeSign } from '#core/bench/eye-test.ts';
  import { setsItself } from '#core/camera/camera.ts';
  import type { LightValue } from '#core/light/lv.ts';
  import { useCurrent } from '../../current.svelte.ts';
  import { sayInstruction } from '../../text/say.ts';
  import { keepCamera } from '../keep-camera.ts';
  import EyeDrawing from './EyeDrawing.svelte';
  import EyeRow from './EyeRow.svelte';
  import { LIGHT_NAMES, sayFound } from './say-eye.ts';

  const current = useCurrent();
  const judged = $derived(current.judged);
  let signs = $state.raw<Readonly<Partial<Record<EyeLight, EyeSign>>>>({});
  let meters = $state.raw<Readonly<Partial<Record<EyeLight, LightValue>>>>({});
  const readings = $derived(
    EYE_LIGHTS.flatMap((light): readonly EyeReading[] => {
      const sign = signs[light];
      return sign ? [{ light, sign, metered: meters[light] ?? null }] : [];
    })
  );
  const camera = $derived(judged?.pair.camera ?? null);
  const setting = $derived(judged?.shown.setting ?? null);
  const verdict = $derived(camera && setting ? judgeEye(camera, setting, readings) : null);
  const rows = $derived(
    EYE_LIGHTS.map((light) => ({
      name: LIGHT_NAMES[light],
      known: meters[light] ?? (light === 'window' || light === 'sky' ? USUAL_LIGHT[light] : null),
      read: verdict?.reads.find((r) => r.light === light) ?? null
    }))
  );
  function without<T>(
    all: Readonly<Partial<Record<EyeLight, T>>>,
    light: EyeLight,
    value: T | null
  ): Readonly<Partial<Record<EyeLight, T>>> {
    const others = Object.fromEntries(Object.entries(all).filter(([name]) => name !== light));
    return value === null ? others : { ...others, [light]: value };
  }
  async function keep(): Promise<void> {
    if (!judged || !verdict) return;
    const { pair } = judged;
    await keepCamera(
      pair,
      (camera) => withEyeFound(camera, verdict),
      `Noted with the ${pair.camera.name}: ${sayFound(verdict)[0]}`
    );
    [signs, meters] = [{}, {}];
  }
</script>

{#if judged && camera && setting && setsItself(camera)}
  <div class="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-5 lg:grid-cols-[26rem_minmax(0,1fr)]">
    <div class="grid content-start gap-4">
      <p class="soft leading-snug">
        Without film, set so: {sayInstruction(camera, setting).join(' ')}. Two lights are enough; four say
        more. Never point a finder at the sun.
      </p>
      <ol class="grid gap-4">
        {#each EYE_LIGHTS as light, i (light)}
          <li class="grid gap-1.5" aria-label={LIGHT_NAMES[light]}>
            <h2 class="font-semibold">{i + 1}. {LIGHT_NAMES[light]}</h2>
            <EyeRow
              {light}
              {camera}
              {setting}
              sign={signs[light] ?? null}
              before={signs.lamp ?? null}
              metered={meters[light] ?? null}
              onsign={(sign) => (signs = without(signs, light, sign))}
              onmetered={(metered) => (meters = without(meters, light, metered))}
            />
          </li>
        {/each}
      </ol>
    </div>
    <div class="grid min-w-0 content-start gap-3">
      <EyeDrawing {rows} />
      {#if verdict}
        <p class="text-[1.25rem] leading-snug" data-testid="eye" role="status">
          <b>{sayFound(verdict)[0]}</b>
          {sayFound(verdict).slice(1).join(' ')}
        </p>
        <button
          type="button"
          class="btn preset-filled min-h-11 justify-self-start"
          onclick={() => void keep()}
          >{verdict.found === 'off' ? 'Count with it from now on' : 'Note it with the camera'}</button
        >
      {:else}
        <p class="soft">A band is the light that is there, a dot what the eye read.</p>
      {/if}
    </div>
  </div>
{:else if judged}
  <p>The {judged.pair.camera.name} sets nothing by itself: it has no eye to test.</p>
{/if}
