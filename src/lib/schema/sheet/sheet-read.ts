// From a sheet to a camera: every text is read, every fault named with its field.
import {
  CONDITION_SD,
  positionCount,
  positionsOf,
  type Camera,
  type CameraCondition
} from '#core/camera/camera.ts';
import { measuredSd } from '#core/camera/measured.ts';
import { readMetres, splitMarks } from '#core/camera/marks.ts';
import { parseFNumber } from '#core/units/aperture.ts';
import { cameraFaults } from '#core/camera/faults.ts';
import type { Control } from '#core/camera/kinds/controls.ts';
import { programKindOf, SHEET_ENTRIES } from '#core/camera/kinds/entries.ts';
import { sheetOfProgram } from '#core/camera/kinds/program-forms.ts';
import { parseSeconds, type Sheet } from '#core/camera/kinds/sheet-texts.ts';
import type { Position } from '#core/camera/position.ts';
import type { CameraTraits, FittedProgram, FlashUnit } from '#core/camera/traits.ts';
import { RELEASES, STANDS, type Mounts } from '#core/camera/traits.ts';
import { FRAME_FORMATS } from '#core/film/formats.ts';
import { err, ok, type Result } from '#core/numeric/result.ts';
import type { FieldFault } from '../reading/parse.ts';
import { readControls } from './sheet-controls.ts';
import { SheetReader } from './sheet-reader.ts';
import { sheetFrom } from './sheet-write.ts';
import { withUntouched } from './untouched.ts';
import { MOST_CHECK_LETTERS, PERFORATIONS } from '../kit/traits.ts';
import { explainCameraFault } from '../reading/words.ts';

const CONDITIONS = ['automatic', 'mechanical', 'old', 'unsure'] as const satisfies readonly CameraCondition[];

/**
 * Reads a sheet.
 * @param id of the camera to be @param before the camera that is being changed: what nobody touched stays as it is
 */
export function readSheet(
  sheet: Sheet,
  id: string,
  before: Camera | null = null
): Result<Camera, readonly FieldFault[]> {
  const now = readAlone(sheet, id, before);
  if (!before || !now.ok) return now;
  const asRead = readAlone(sheetFrom(before), id, before);
  if (!asRead.ok) return now;
  const camera = withUntouched(before, asRead.value, now.value);
  const faults = cameraFaults(camera).map((f) => ({ field: 'has', message: explainCameraFault(f) }));
  return faults.length > 0 ? err(faults) : ok(camera);
}

/** Reads what stands on a sheet, and nothing else. */
function readAlone(sheet: Sheet, id: string, before: Camera | null): Result<Camera, readonly FieldFault[]> {
  const r = new SheetReader(sheet);
  const has = SHEET_ENTRIES.find(({ name }) => name === r.text('has'))?.name;
  if (!has) return err([{ field: 'has', message: 'Choose what the camera has.' }]);
  const name = r.text('name');
  if (name === '' || name.length > 80) r.fault('name', 'Give the camera a name of 1 to 80 letters.');
  const asked = r.text('formats').split(/[\s,]+/);
  const formats = FRAME_FORMATS.filter((f) => asked.includes(f));
  if (formats.length === 0) r.fault('formats', 'Choose the size of the pictures from the list.');
  const focalMm = r.number('focal', {
    min: 1,
    max: 2000,
    noun: 'focal length',
    example: 'millimetres, such as 60'
  });
  const program = sheetOfProgram({ kind: programKindOf(has, r) }).read(r);
  const controls = readControls(r, has, program, before);
  const held = r.text('held');
  const camera: Camera = {
    ...{ id, name, formats, focalMm, controls, program },
    condition: CONDITIONS.find((c) => c === r.text('condition')) ?? 'mechanical',
    handHeldSeconds: held === '' ? null : r.quantity('held', parseSeconds),
    biasStops: r.stops('bias', 10),
    ...readTraits(r, has, controls)
  };
  if (r.faults.length > 0) return err(r.faults);
  const faults = cameraFaults(camera).map((f) => ({ field: 'has', message: explainCameraFault(f) }));
  return faults.length > 0 ? err(faults) : ok(camera);
}

function readTraits(r: SheetReader, has: string, controls: readonly Control[]): CameraTraits {
  const focus = controls.find((c) => c.acts === 'focus');
  const tolerance = r.text('tolerance');
  return {
    focusing: readFocusing(r, focus && positionCount(focus) > 1 ? positionsOf(focus) : []),
    flash: readFlash(r),
    transport: readTransport(r, has),
    finder: {
      rightMm: r.amount('finderRight', 500, 'millimetres'),
      upMm: r.amount('finderUp', 500, 'millimetres'),
      rightShare: r.amount('aimRight', 100, 'percent of the frame') / 100,
      upShare: r.amount('aimUp', 100, 'percent of the frame') / 100
    },
    toleranceStops: tolerance === '' ? measuredTolerance(r) : Math.abs(r.stops('tolerance', 4)),
    singleElement: r.text('singleElement') === 'yes',
    repeats: r.text('repeats') === 'yes',
    needsPackBattery: r.text('battery') === 'yes',
    checks: readChecks(r),
    ...readMounts(r),
    perforations: PERFORATIONS.filter((p) =>
      r
        .text('perforations')
        .split(/[\s,]+/)
        .includes(p)
    )
  };
}

/** What goes on the camera; nothing where nobody said. */
function readMounts(r: SheetReader): Pick<CameraTraits, 'mounts'> {
  const thread = r.text('filterThread');
  const mounts: Mounts = {
    filterMm:
      thread === ''
        ? null
        : r.number('filterThread', { min: 5, max: 200, noun: 'thread', example: 'millimetres, such as 49' }),
    stand: STANDS.find((s) => s === r.text('stand')) ?? null,
    release: RELEASES.find((s) => s === r.text('release')) ?? null
  };
  return Object.values(mounts).every((v) => v === null) ? {} : { mounts };
}

/** How sure the values are where one was only measured to lie between two: beside what its condition leaves open. */
function measuredTolerance(r: SheetReader): number | null {
  const sd = Math.max(measuredSd('aperture', r.text('aperture')), measuredSd('time', r.text('time')));
  const condition = CONDITIONS.find((c) => c === r.text('condition')) ?? 'mechanical';
  return sd === 0 ? null : Math.round(100 * Math.hypot(sd, CONDITION_SD[condition])) / 100;
}

/** Reminders, parted by semicolons. */
function readChecks(r: SheetReader): readonly string[] {
  const checks = r
    .text('checks')
    .split(/\s*[;\n]\s*/)
    .filter((c) => c !== '');
  if (checks.length > 8) r.fault('checks', `These are ${checks.length} reminders; at most 8 are kept.`);
  const long = checks.find((c) => c.length > MOST_CHECK_LETTERS);
  if (long)
    r.fault('checks', `“${long}” is too long to be read at a glance: ${MOST_CHECK_LETTERS} letters at most.`);
  return checks;
}

function readFocusing(r: SheetReader, positions: readonly Position[]): CameraTraits['focusing'] {
  if (positions.length > 0) {
    const said = r.text('focusing');
    if (said === 'rangefinder') return { kind: 'rangefinder' };
    return { kind: positions.some((p) => p.symbol !== null) ? 'symbols' : 'scale' };
  }
  const metres = (field: string): number | null => {
    if (r.text(field) === '') return null;
    const value = r.metres(field);
    return value === Infinity ? 10_000 : value;
  };
  if (r.text('focusing') === 'autofocus') {
    const rule = { min: 0.05, max: 100, noun: 'distance', example: 'metres, such as 0.8' };
    return { kind: 'autofocus', nearestM: r.number('nearest', rule) };
  }
  const found = r.text('sharpFrom');
  if (!found.includes('=')) return { kind: 'fixed', atM: metres('fixedAt'), sharpFromM: metres('sharpFrom') };
  // "8=2 16=1.2": found at some openings only
  const sharpBy = splitMarks(found).flatMap((token) => {
    const [opening = '', distance = ''] = token.split('=');
    const fNumber = r.value('sharpFrom', parseFNumber(opening));
    const fromM = r.value('sharpFrom', readMetres(distance));
    return fNumber !== null && fromM !== null ? [{ fNumber, fromM: Math.min(10_000, fromM) }] : [];
  });
  return { kind: 'fixed', atM: metres('fixedAt'), sharpFromM: null, sharpBy };
}

function readFlash(r: SheetReader): CameraTraits['flash'] {
  const kind = r.text('flash');
  const sync = (): number | null => (r.text('sync') === '' ? null : r.quantity('sync', parseSeconds));
  const unit = (): FlashUnit => ({
    name: 'built-in flash',
    guideNumber: r.number('guideNumber', {
      ...{ min: 0.5, max: 500, noun: 'guide number' },
      example: 'metres at ISO 100, such as 9'
    }),
    powers: [0],
    seconds: 1 / 900,
    angleDegrees: null
  });
  if (kind === 'shoe') return { kind, syncSeconds: sync(), ...readFitted(r) };
  if (kind === 'switch') return { kind, unit: unit(), syncSeconds: sync() };
  if (kind !== 'automatic') return { kind: 'none' };
  return {
    kind,
    unit: unit(),
    belowLv: r.number('flashBelow', { min: -8, max: 18, noun: 'light value', example: 'LV −8 to 18' }),
    overridable: r.text('flashOverride') === 'yes',
    quenched: r.text('flashQuench') === 'yes'
  };
}

/** What it sets with a separate flash fitted; nothing where no time was given. */
function readFitted(r: SheetReader): { readonly fitted?: FittedProgram } {
  if (r.text('fittedTime') === '') {
    if (r.text('fittedAperture') !== '')
      r.fault('fittedTime', 'Give the time it sets with a flash too, such as 1/40.');
    return {};
  }
  const fNumber = r.text('fittedAperture') === '' ? null : r.quantity('fittedAperture', parseFNumber);
  return { fitted: { fNumber, seconds: r.quantity('fittedTime', parseSeconds) } };
}

function readTransport(r: SheetReader, has: string): CameraTraits['transport'] {
  if (has === 'cine') {
    const framesPerSecond = r.number('pictures', {
      ...{ min: 1, max: 200, noun: 'number of pictures a second' },
      example: '16 or 24'
    });
    return { kind: 'cine', framesPerSecond };
  }
  return r.text('moves') === 'swing'
    ? { kind: 'swing', sweepSeconds: r.quantity('sweep', parseSeconds) }
    : { kind: 'still' };
}
