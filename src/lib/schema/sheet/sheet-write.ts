// From a camera back to its sheet, so that it can be changed: reading the sheet again gives the same camera.
import type { Camera } from '#core/camera/camera.ts';
import { formOfControl } from '#core/camera/kinds/control-forms.ts';
import { entryOf } from '#core/camera/kinds/entries.ts';
import { sheetOfProgram } from '#core/camera/kinds/program-forms.ts';
import { secondsText, type Sheet } from '#core/camera/kinds/sheet-texts.ts';
import type { FittedProgram, FlashUnit } from '#core/camera/traits.ts';
import { formatDecimal } from '#core/units/decimal.ts';
import { PLAIN_SHEET } from './sheet.ts';

/** Writes the sheet. */
export function sheetFrom(camera: Camera): Sheet {
  const { name, formats, focalMm, condition, toleranceStops, handHeldSeconds, biasStops, finder, mounts } =
    camera;
  const percent = (share: number): string => formatDecimal(share * 100, 2);
  return {
    ...PLAIN_SHEET,
    ...{ has: entryOf(camera), name, formats: formats.join(' '), focal: formatDecimal(focalMm, 3) },
    ...{ condition, bias: formatDecimal(biasStops, 4).replace('-', '−') },
    tolerance: toleranceStops === null ? '' : formatDecimal(toleranceStops, 4),
    held: handHeldSeconds === null ? '' : secondsText(handHeldSeconds),
    singleElement: camera.singleElement ? 'yes' : 'no',
    repeats: camera.repeats ? 'yes' : 'no',
    battery: camera.needsPackBattery ? 'yes' : 'no',
    perforations: camera.perforations.join(' '),
    checks: camera.checks.join('; '),
    ...{ finderRight: formatDecimal(finder.rightMm, 2), finderUp: formatDecimal(finder.upMm, 2) },
    ...{ aimRight: percent(finder.rightShare), aimUp: percent(finder.upShare) },
    filterThread: mounts?.filterMm ? formatDecimal(mounts.filterMm, 1) : '',
    ...{ stand: mounts?.stand ?? '', release: mounts?.release ?? '' },
    ...Object.fromEntries(camera.controls.flatMap((c) => Object.entries(formOfControl(c).sheet.write(c)))),
    ...sheetOfProgram(camera.program).write(camera.program),
    ...traitTexts(camera)
  };
}

function traitTexts({ focusing, flash, transport }: Camera): Sheet {
  const metres = (m: number | null): string => (m === null ? '' : m >= 10_000 ? '∞' : formatDecimal(m, 3));
  const unit = ({ guideNumber }: FlashUnit): Sheet => ({ guideNumber: formatDecimal(guideNumber, 2) });
  const sync = (value: number | null): Sheet => ({ sync: value === null ? '' : secondsText(value) });
  const fitted = (program: FittedProgram | null): Sheet =>
    program === null
      ? {}
      : {
          fittedTime: secondsText(program.seconds),
          fittedAperture: program.fNumber === null ? '' : formatDecimal(program.fNumber, 3)
        };
  return {
    focusing: focusing.kind,
    ...(focusing.kind === 'fixed'
      ? {
          fixedAt: metres(focusing.atM),
          sharpFrom: focusing.sharpBy?.length
            ? focusing.sharpBy
                .map((s) => `${formatDecimal(s.fNumber, 3)}=${formatDecimal(s.fromM, 3)}`)
                .join(' ')
            : metres(focusing.sharpFromM)
        }
      : {}),
    ...(focusing.kind === 'autofocus' ? { nearest: formatDecimal(focusing.nearestM, 3) } : {}),
    flash: flash.kind,
    ...(flash.kind === 'shoe' ? { ...sync(flash.syncSeconds), ...fitted(flash.fitted ?? null) } : {}),
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
    ...(transport.kind === 'swing' ? { sweep: secondsText(transport.sweepSeconds) } : {}),
    ...(transport.kind === 'cine' ? { pictures: formatDecimal(transport.framesPerSecond, 2) } : {})
  };
}
