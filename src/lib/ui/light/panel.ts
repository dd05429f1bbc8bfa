// What every way in the light panel is given: the light as it stands, and where a new one goes.
import type { LightChoice } from '#core/ways/choice.ts';

/** The light that a panel shows and changes. */
export interface LightPanelWay {
  readonly light: LightChoice;
  onlight: (light: LightChoice) => void;
}
