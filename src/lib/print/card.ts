import { DRILLS, type Check } from '$lib/core/checks';
import {
  dimensionsOf,
  footPlace,
  type DimensionOverrides,
  type Family,
  type NominalInstrument
} from '$lib/core/instruments';
import type { LengthUnit } from '$lib/core/length';
import { highEndOf, SETTING_IDS, type HighEnd } from '$lib/core/setup';
import type { Fit, Player, Setup } from '$lib/data';
import { FAMILY_WORDS } from '$lib/words/families';
import { dayText } from '$lib/words/dates';
import { HIGH_END_WORDS, MOUNT_WORDS, REST_SCHOOL_WORDS, SETTING_WORDS, settingText } from '$lib/words/setup';

/** Everything that a player's card says, ready for the screen and for paper. */
export interface Card {
  readonly player: string;
  readonly instrument: string;
  readonly size: string;
  readonly settings: readonly { readonly name: string; readonly value: string; readonly mark: string }[];
  readonly notes: readonly string[];
  readonly focus: { readonly line: string; readonly drill: string; readonly dose: string } | null;
  readonly nextLook: string;
  readonly stop: string;
  readonly signed: string;
  readonly drawing: CardDrawing;
}

/** The back of the instrument with the feet of the rest, mm; y downward from the top of the body. */
export interface CardDrawing {
  readonly family: Family;
  readonly of: NominalInstrument;
  readonly shoulderFoot: readonly [x: number, y: number];
  readonly chestFoot: readonly [x: number, y: number];
  readonly highEnd: HighEnd;
}

/** Puts a player's card together from the records it rests on. */
export function cardOf({
  player,
  fit,
  setup,
  focus,
  unit,
  overrides,
  teacherName
}: {
  readonly player: Player;
  readonly fit: Fit;
  readonly setup: Extract<Setup, { kind: 'rest' }>;
  readonly focus: Check | null;
  readonly unit: LengthUnit;
  readonly overrides: DimensionOverrides;
  readonly teacherName: string;
}): Card {
  const { settings, choices } = setup;
  const highEnd = highEndOf(settings.shoulderFoot.value, settings.chestFoot.value);
  const instrument = dimensionsOf(setup.family, setup.size, overrides);
  const drill = focus && DRILLS[focus.drill];
  return {
    player: player.name,
    instrument: FAMILY_WORDS[setup.family],
    size: setup.size,
    settings: SETTING_IDS.rest
      .filter((id) => id !== 'tilt')
      .map((id) => ({
        name: SETTING_WORDS[id].name,
        value: settingText(id, settings[id].value, unit),
        mark: settings[id].mark
      })),
    notes: [
      `${REST_SCHOOL_WORDS[choices.school].name}; chin rest ${MOUNT_WORDS[choices.mount]}.`,
      `Shoulder rest: ${HIGH_END_WORDS[highEnd]}.`
    ],
    focus: focus && drill ? { line: focus.forPlayer, drill: drill.text, dose: drill.dose } : null,
    nextLook: dayText(fit.nextLook),
    stop: 'Stop and rest if it hurts, tingles or goes numb. If that comes back, see a doctor.',
    signed: [teacherName, dayText(setup.day), `set-up ${setup.version}`]
      .filter((part) => part !== '')
      .join(' · '),
    drawing: {
      family: setup.family,
      of: instrument,
      shoulderFoot: footPlace(instrument, settings.shoulderFootAlong.value, 'right'),
      chestFoot: footPlace(instrument, settings.chestFootAlong.value, 'left'),
      highEnd
    }
  };
}
