// From a camera back to its sheet, so that it can be changed: reading the sheet again gives the same camera.
import type { Camera, Control, ControlActs } from '#core/camera/camera.ts';
import { writeMarks } from '#core/camera/marks.ts';
import type { FlashUnit } from '#core/camera/traits.ts';
import { formatFNumberDigits } from '#core/units/aperture.ts';
import { formatDecimal } from '#core/units/decimal.ts';
import { PLAIN_SHEET, type Sheet, type SheetKind } from './sheet.ts';

/** The kind of sheet that has room for a camera. */
export function sheetKindOf(camera: Camera): SheetKind {
  const { program, controls } = camera;
  if (camera.transport.kind === 'cine') return 'cine';
  if (program.kind === 'program') return 'line';
  if (program.kind === 'automatic-time') return controls.some((c) => c.kind === 'linked') ? 'scene' : 'timed';
  if (program.kind === 'automatic-aperture') return 'needle';
  if (controls.some((c) => c.kind === 'geared')) return 'gears';
  const aperture = controls.find((c) => c.acts === 'aperture');
  if (aperture?.kind === 'fixed') return 'nothing';
  const symbols = aperture?.kind === 'marked' && aperture.positions.some((p) => p.symbol !== null);
  return symbols ? 'symbols' : 'scales';
}

/** Writes the sheet. */
export function sheetFrom(camera: Camera): Sheet {
  const { name, formats, focalMm, condition, toleranceStops, handHeldSeconds, biasStops, finder } = camera;
  const percent = (share: number): string => formatDecimal(share * 100, 2);
  return {
    ...PLAIN_SHEET,
    ...{ has: sheetKindOf(camera), name, formats: formats.join(' '), focal: formatDecimal(focalMm, 3) },
    ...{ condition, bias: formatDecimal(biasStops, 4).replace('-', '−') },
    tolerance: toleranceStops === null ? '' : formatDecimal(toleranceStops, 4),
    held: handHeldSeconds === null ? '' : seconds(handHeldSeconds),
    singleElement: camera.singleElement ? 'yes' : 'no',
    repeats: camera.repeats ? 'yes' : 'no',
    battery: camera.needsPackBattery ? 'yes' : 'no',
    perforations: camera.perforations.join(' '),
    checks: camera.checks.join('; '),
    ...{ finderRight: formatDecimal(finder.rightMm, 2), finderUp: formatDecimal(finder.upMm, 2) },
    ...{ aimRight: percent(finder.rightShare), aimUp: percent(finder.upShare) },
    ...controlTexts(camera),
    ...programTexts(camera),
    ...traitTexts(camera)
  };
}

function seconds(value: number): string {
  return value < 0.3 ? `1/${formatDecimal(1 / value, 4)}` : `${formatDecimal(value, 4)}s`;
}

function controlTexts(camera: Camera): Sheet {
  const find = (acts: ControlActs): Control | undefined => camera.controls.find((c) => c.acts === acts);
  const text = (acts: ControlActs): string => {
    const control = find(acts);
    if (!control) return '';
    if (control.kind === 'fixed') {
      const { position } = control;
      // one value alone is taken at its word; its mark, where it has one, is kept
      return writeMarks(acts, [position]);
    }
    if (control.kind === 'marked') return writeMarks(acts, control.positions);
    if (control.kind === 'geared') {
      return control.gears.map((g) => `${g.label}: ${writeMarks('time', g.positions)}`).join(' | ');
    }
    return control.positions
      .map((p) => `${p.mark}: ${p.values.map((v) => (v === null ? '' : formatDecimal(v, 3))).join(' ')}`)
      .join(' | ');
  };
  const aperture = find('aperture');
  return {
    ...(aperture?.kind === 'linked' ? { scene: text('aperture') } : { aperture: text('aperture') }),
    ...{ time: text('time'), dial: text('dial'), lighten: text('compensation'), focus: text('focus') }
  };
}

function programTexts({ program }: Camera): Sheet {
  if (program.kind === 'manual') return {};
  const { place, believesIso, angleDegrees } = program.eye;
  const eye: Sheet = {
    ...{ eye: place, believes: formatDecimal(believesIso, 2) },
    eyeAngle: angleDegrees === null ? '' : formatDecimal(angleDegrees, 2)
  };
  switch (program.kind) {
    case 'automatic-time': {
      const { shortestSeconds, longestSeconds, inLowLight } = program;
      return {
        ...eye,
        shortest: seconds(shortestSeconds),
        longest: seconds(longestSeconds),
        lowLight: inLowLight
      };
    }
    case 'automatic-aperture':
      return {
        ...eye,
        needle: 'needle',
        widest: formatFNumberDigits(program.widestFNumber),
        smallest: formatFNumberDigits(program.smallestFNumber)
      };
    case 'program':
      return {
        ...eye,
        line: program.points.map((p) => `${formatDecimal(p.fNumber, 3)} at ${seconds(p.seconds)}`).join(', ')
      };
  }
}

function traitTexts({ focusing, flash, transport }: Camera): Sheet {
  const metres = (m: number | null): string => (m === null ? '' : m >= 10_000 ? '∞' : formatDecimal(m, 3));
  const unit = ({ guideNumber }: FlashUnit): Sheet => ({ guideNumber: formatDecimal(guideNumber, 2) });
  const sync = (value: number | null): Sheet => ({ sync: value === null ? '' : seconds(value) });
  return {
    focusing: focusing.kind,
    ...(focusing.kind === 'fixed'
      ? { fixedAt: metres(focusing.atM), sharpFrom: metres(focusing.sharpFromM) }
      : {}),
    flash: flash.kind,
    ...(flash.kind === 'shoe' ? sync(flash.syncSeconds) : {}),
    ...(flash.kind === 'switch' ? { ...sync(flash.syncSeconds), ...unit(flash.unit) } : {}),
    ...(flash.kind === 'automatic'
      ? {
          ...unit(flash.unit),
          flashBelow: formatDecimal(flash.belowLv, 2).replace('-', '−'),
          flashOverride: flash.overridable ? 'yes' : 'no',
          flashQuench: flash.quenched ? 'yes' : 'no'
        }
      : {}),
    moves: transport.kind === 'swing' ? 'swing' : 'still',
    ...(transport.kind === 'swing' ? { sweep: seconds(transport.sweepSeconds) } : {}),
    ...(transport.kind === 'cine' ? { pictures: formatDecimal(transport.framesPerSecond, 2) } : {})
  };
}
