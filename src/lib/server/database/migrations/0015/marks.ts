// The marks that a choice named, by the cameras of version 14.

interface OldPosition {
  readonly mark: string;
  readonly symbol: string | null;
  readonly value: number | null;
  readonly byHand?: boolean;
}

/** A control as version 14 kept it. */
export interface OldControl {
  readonly kind: 'fixed' | 'marked' | 'geared' | 'linked';
  readonly id: string;
  readonly label: string;
  readonly acts: string;
  readonly position?: OldPosition;
  readonly positions?: readonly (OldPosition & { readonly values?: readonly (number | null)[] })[];
  readonly gears?: readonly { readonly label: string; readonly positions: readonly OldPosition[] }[];
  readonly dependsOn?: string;
}

interface OldPlace {
  readonly position: OldPosition;
  readonly gear: string | null;
  readonly of: number;
}

function placeOf(control: OldControl, choice: Readonly<Record<string, number>>): OldPlace | null {
  const at = choice[control.id] ?? 0;
  if (control.kind === 'fixed')
    return control.position ? { position: control.position, gear: null, of: 1 } : null;
  if (control.kind === 'geared') {
    const all = (control.gears ?? []).flatMap((g) =>
      g.positions.map((p) => ({ position: p, gear: g.label }))
    );
    const place = all[at];
    return place ? { ...place, of: all.length } : null;
  }
  const position = control.positions?.[at];
  if (!position) return null;
  const value =
    control.kind === 'linked'
      ? (position.values?.[choice[control.dependsOn ?? ''] ?? 0] ?? 0)
      : position.value;
  return { position: { ...position, value }, gear: null, of: control.positions.length };
}

/** Where each control stood; one whose position is not there any more is left out. */
export function marksOfChoice(
  controls: readonly OldControl[],
  choice: Readonly<Record<string, number>>
): readonly Readonly<Record<string, unknown>>[] {
  return controls.flatMap((control) => {
    const place = placeOf(control, choice);
    if (!place) return [];
    const { mark, symbol, value, byHand } = place.position;
    return [
      {
        ...{ control: control.id, label: control.label, acts: control.acts, mark, symbol, value },
        ...{ gear: place.gear, chosen: place.of > 1, byHand: byHand === true }
      }
    ];
  });
}
