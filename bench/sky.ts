// A day of sun, moon, sky and light at one-minute steps, against the bare library calls for the same positions.
import { Body, Equator, Horizon, MakeTime } from 'astronomy-engine';
import { lightCourse } from '../src/core/sky/events.ts';
import { observerAt } from '../src/core/sky/position.ts';
import { parseLightReading } from '../src/core/light/reading-text.ts';

const PLACE = { latitude: 47.5, longitude: -28 };
const FROM = Date.UTC(2026, 8, 12);
const MINUTE = 60_000;
const STEPS = 1440;
let kept = 0;

function bare(): void {
  const observer = observerAt(PLACE);
  for (let i = 0; i <= STEPS; i++) {
    const time = MakeTime(new Date(FROM + i * MINUTE));
    for (const body of [Body.Sun, Body.Moon]) {
      const at = Equator(body, time, observer, true, true);
      kept += Horizon(time, observer, at.ra, at.dec).altitude;
    }
  }
}

function ours(): void {
  const range = { fromMs: FROM, toMs: FROM + STEPS * MINUTE, stepMs: MINUTE };
  const course = lightCourse(range, PLACE, () => ({ sky: 'clear', facing: 'front', ground: 'ground' }));
  kept += course.at(-1)?.lv ?? 0;
}

function medianMs(job: () => void, times: number): number {
  const all = Array.from({ length: times }, () => {
    const from = performance.now();
    job();
    return performance.now() - from;
  }).sort((a, b) => a - b);
  return all[Math.floor(times / 2)] ?? NaN;
}

bare();
ours();
const [library, sky] = [medianMs(bare, 9), medianMs(ours, 9)];
const reading = medianMs(() => {
  for (let i = 0; i < 100; i++) kept += parseLightReading(`f/8 1/${60 + i} at 400`).ok ? 1 : 0;
}, 30);
console.table({
  'a day at one-minute steps, bare library calls': `${library.toFixed(1)} ms`,
  'a day at one-minute steps, with sky and light': `${sky.toFixed(1)} ms (${(sky / library).toFixed(2)} times)`,
  'understanding a typed reading': `${(reading * 10).toFixed(1)} µs`
});
console.log(`check sum ${kept.toFixed(0)}`);
