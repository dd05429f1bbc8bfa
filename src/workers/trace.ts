// A light sensor's table, read and looked for pulses off the main thread: it may have five million rows.
import Papa from 'papaparse';
import { pulsesOf, type Pulse } from '#core/bench/shutter/light-trace.ts';
import { readTrace, type Trace, type TraceProblem, type TraceTime } from '#core/bench/shutter/read-trace.ts';
import { serve } from './serve.ts';

/** A table. */
export interface TraceQuestion {
  readonly table: Blob;
  readonly time: TraceTime;
}

/** What was in it, or what is wrong with it. */
export type TraceAnswer =
  { readonly trace: Trace; readonly pulses: readonly Pulse[] } | { readonly problem: TraceProblem };

serve<TraceQuestion, TraceAnswer>(self, async function* ({ table, time }, progress) {
  const text = await table.text();
  progress(0.1);
  const rows = Papa.parse<string[]>(text, { skipEmptyLines: true }).data;
  progress(0.6);
  const read = readTrace(rows, time);
  progress(0.9);
  yield read.ok
    ? { trace: read.value, pulses: pulsesOf(read.value.times, read.value.light) }
    : { problem: read.error };
});
