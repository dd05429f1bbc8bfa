// The routine of a camera as most of its owners follow it, put together from what it is: what film it takes, who sets the exposure,
// how it is focused, lit and framed. Common practice, no source; its manual and the film's sheet come first.
import { positionCount, setsItself, type Camera } from '../camera/camera.ts';
import { FORMATS } from '../film/formats.ts';
import type { RoutinePart, RoutineStep, StepDrawing } from '../camera/routine-step.ts';

type More = { readonly drawing?: StepDrawing; readonly strict?: boolean };
const step = (part: RoutinePart, words: string, more: More = {}): RoutineStep => ({ part, words, ...more });
const strict = { strict: true } as const;

/** What the film asks for, by the stock it comes on. */
const BY_STOCK: Readonly<Record<string, readonly RoutineStep[]>> = {
  '135': [
    step('before-loading', 'Turn the rewind knob: if it resists, there is a film in it.', {
      drawing: 'rewind'
    }),
    step('loading', 'In dim light, or in your own shade.'),
    step('loading', 'The tab into the slot, over the teeth; take up the slack.', { drawing: 'tab' }),
    step('loading', 'Close the back, wind on two blanks: the rewind knob must turn with it.', {
      drawing: 'winding',
      ...strict
    }),
    step('loading', 'Counter at 1; set the film speed, if it has a dial.', strict),
    step('after', 'Wind on until it stops; what is wound on is not forgotten at the next one.', {
      drawing: 'winding'
    }),
    step('changing', 'Rewind until it turns freely.', { drawing: 'rewind' }),
    step('changing', 'Only then open the back.', strict),
    step(
      'end',
      'The counter may stop early: one or two more frames are often there. Do not force the lever.'
    ),
    step('end', 'Rewind until it turns freely, and a turn more.', { drawing: 'rewind' }),
    step('end', 'Only then open the back; write camera and date on the cassette.', strict)
  ],
  roll: [
    step('before-loading', 'Red window shut, back shut; an empty spool on the winding side.'),
    step('loading', 'In the shade: the paper straight into the spool, two turns.', { drawing: 'tab' }),
    step('loading', 'Close the back before the arrow is past.', strict),
    step('loading', 'Wind to 1 in the red window, slowly, then cover it.', {
      drawing: 'red-window',
      ...strict
    }),
    step('before-press', 'Wound on? Nothing else keeps two pictures apart.', { drawing: 'red-window' }),
    step('after', 'Wind on now, not later: window open only in the shade.', { drawing: 'winding' }),
    step('end', 'Wind until the paper is off the window.', { drawing: 'winding' }),
    step('end', 'Take it out in the shade, tight, and seal it.', strict)
  ],
  pack: [
    step('before-loading', 'Rollers clean: dried jelly makes spots and streaks.'),
    step('loading', 'Pack in, tabs free; close it; in the shade.'),
    step('loading', 'Pull the black paper straight out, all of it.', { drawing: 'tab', ...strict }),
    step('after', 'Pull the white tab, then the large one: straight, evenly, not slowly.', {
      drawing: 'tab'
    }),
    step(
      'after',
      'Wait by the temperature; then peel, holding the print side only. The jelly is caustic.',
      strict
    ),
    step('changing', 'Only after the last picture is out: opening fogs what is left.'),
    step('end', 'Wipe the rollers; take the waste home.')
  ],
  instant: [
    step('before-loading', 'Pack in date and warm; rollers clean.'),
    step('loading', 'Pack in by its mark, door shut without force.'),
    step('loading', 'Let the dark slide come out, or press for it; keep it.', {
      drawing: 'dark-slide',
      ...strict
    }),
    step('loading', 'Counter at the start? Then the first frame is yours.', strict),
    step('after', 'Shield it from the light as it comes out.'),
    step('after', 'Leave it under cover; keep it warm in the cold, do not bend it.'),
    step('changing', 'Only when the counter is at its end: opening fogs the top frame.'),
    step('end', 'Switch off, or fold: a lamp or a cell may go on drawing.', { drawing: 'power' })
  ],
  'cine-8': [
    step('before-loading', 'Wind the spring up and listen to a run without film.', { drawing: 'winding' }),
    step('loading', 'In dim light, side one up, full reel on top.'),
    step('loading', 'A loop over and under the gate; claw in a hole; run it with the door open.', {
      drawing: 'loop'
    }),
    step('loading', 'Close the door; run off until the counter stands at 25 ft.', strict),
    step('before-press', 'Wound up? One winding runs half a minute; its end is slower.', {
      drawing: 'winding'
    }),
    step('after', 'Single frames and titles: lock open, cord or small pushes.'),
    step('changing', 'Run off the last feet with the lens covered.', { drawing: 'cap' }),
    step('changing', 'In dim light: full reel out, turned over, on top again as side two.', {
      drawing: 'turn-over',
      ...strict
    }),
    step('changing', 'Loop, door, run off: side two begins at 25 ft.', { drawing: 'loop', ...strict }),
    step('end', 'Run off to the end; leave the spring down when it is put away.')
  ],
  'cine-16': [
    step('before-loading', 'Holes on one edge or both: will its claw take them?'),
    step('loading', 'In dim light; a loop over and under the gate; run it with the door open.', {
      drawing: 'loop'
    }),
    step('loading', 'Close the door, run off to the mark.', strict),
    step('before-press', 'Wound up? The end of a winding is slower.', { drawing: 'winding' }),
    step('end', 'Run off to the end; leave the spring down when it is put away.')
  ]
};

/** What the camera asks for beside its film. */
function byCamera(camera: Camera): readonly RoutineStep[] {
  const { flash, focusing, transport, finder, controls } = camera;
  const has = (acts: string): boolean => controls.some((c) => c.acts === acts);
  const offset = Math.max(Math.abs(finder.rightShare), Math.abs(finder.upShare)) > 0.03 || finder.upMm > 30;
  const isOwnTimed = setsItself(camera);
  return [
    step('before-press', 'Cap off: its finder does not show it.', { drawing: 'cap' }),
    // the one time of a box cocks itself
    ...(!isOwnTimed &&
    transport.kind === 'still' &&
    controls.some((c) => c.acts === 'time' && positionCount(c) > 1)
      ? [step('before-press', 'Cocked?', { drawing: 'cocking' })]
      : []),
    ...(isOwnTimed
      ? [step('before-press', 'The eye free of fingers, and in the same light as the subject.')]
      : []),
    ...(has('focus') || focusing.kind === 'rangefinder'
      ? [step('before-press', 'Distance set; focus first, then frame.')]
      : []),
    ...(offset ? [step('before-press', 'Aim off by what the finder leaves out.')] : []),
    ...(camera.singleElement ? [step('before-press', 'The sun behind you: this lens flares.')] : []),
    ...(transport.kind === 'swing'
      ? [step('before-press', 'Level; fingers off the front; still until the sweep is over.')]
      : []),
    ...(flash.kind === 'none' || flash.kind === 'shoe'
      ? []
      : [
          step('before-loading', 'The flash’s battery: does the ready light come on?'),
          step('before-press', 'Flash wanted: wait for the ready light. Not wanted: switch it off.')
        ]),
    ...(has('compensation') ? [step('after', 'Lighten–darken back to its middle.')] : []),
    ...(camera.needsPackBattery
      ? [
          step('before-loading', 'Does the pack carry a battery? This camera runs on it.', {
            drawing: 'power'
          })
        ]
      : []),
    ...(isOwnTimed
      ? [step('end', 'Fold or switch off: eye and cell in the dark.', { drawing: 'power' })]
      : [])
  ];
}

/**
 * The usual routine of a camera, in the order of a film's life.
 * @returns each step once
 */
export function usualRoutine(camera: Camera): readonly RoutineStep[] {
  const stocks = [...new Set(camera.formats.map((f) => FORMATS[f].stock))];
  const name = (stock: string): string => (stock.startsWith('instant') ? 'instant' : stock);
  const film = [...new Set(stocks.map(name))].flatMap((stock) => BY_STOCK[stock] ?? []);
  const seen = new Set<string>();
  return [...film, ...byCamera(camera)].filter(({ words }) => !seen.has(words) && seen.add(words));
}

/**
 * The routine of a camera: its owner's, or the usual one.
 * @returns the owner's own wherever there is one, even if it is empty
 */
export function routineOf(camera: Camera): readonly RoutineStep[] {
  return camera.routine ?? usualRoutine(camera);
}
