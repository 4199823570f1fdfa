import { heightOf } from '$lib/core/body';
import type { AtWork } from '$lib/data/questions/at-work';
import { atHome } from '$lib/words/home';
import type { PictureQuestion, ViewName } from '$lib/core/figure';
import {
  dimensionsOf,
  type DimensionOverrides,
  type Family,
  type NominalInstrument
} from '$lib/core/instruments';
import type { LengthUnit } from '$lib/core/length';
import {
  asDrawn,
  handWidthsOf,
  highEndOf,
  onBack,
  settingsInUse,
  supportOf,
  type Arrangement,
  type OnBack,
  type Setting,
  type SettingId,
  type SetupKind
} from '$lib/core/setup';
import type { Fit, Player, Setup } from '$lib/data';
import { textOfSetup } from '$lib/data/files/setup-text';
import { FAMILY_WORDS } from '$lib/words/families';
import { dayText } from '$lib/words/dates';
import {
  ANCHORING_WORDS,
  BOW_HOLD_WORDS,
  HIGH_END_WORDS,
  MOUNT_WORDS,
  PLACING_WORDS,
  REST_SCHOOL_WORDS,
  SCROLL_WORDS,
  settingText,
  settingWords
} from '$lib/words/setup';

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
  /** The set-up as text, for the code that another Jarvel reads. */
  readonly code: string;
}

/** Pixels per mm of a card's picture: finer than any printer shows at this size. */
export const CARD_DETAIL = { back: 0.8, player: 0.16 } as const;

/** What is drawn on a card. */
export type CardDrawing =
  /** The back of the instrument with what lies on it. */
  | {
      readonly kind: 'back';
      readonly family: Family;
      readonly of: NominalInstrument;
      readonly on: OnBack;
    }
  /** The player with the instrument as it is set, from the left. */
  | { readonly kind: 'player'; readonly question: PictureQuestion; readonly view: ViewName };

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
  readonly setup: Setup;
  readonly focus: AtWork | null;
  readonly unit: LengthUnit;
  readonly overrides: DimensionOverrides;
  readonly teacherName: string;
}): Card {
  return {
    player: player.name,
    instrument: FAMILY_WORDS[setup.family],
    size: setup.size,
    settings: settingLines(setup, unit),
    notes: setupNotes(setup),
    focus: focus && { line: focus.check.forPlayer, ...atHome(focus.check, focus.set) },
    nextLook: dayText(fit.nextLook),
    stop: 'Stop and rest if it hurts, tingles or goes numb. If that comes back, see a doctor.',
    signed: [teacherName, dayText(setup.day), `set-up ${setup.version}`]
      .filter((part) => part !== '')
      .join(' · '),
    drawing: setupDrawing(setup, dimensionsOf(setup.family, setup.size, overrides)),
    code: textOfSetup(setup)
  };
}

/** The settings that are put on a card, by kind. */
const ON_CARD: Readonly<Record<Exclude<SetupKind, 'rest'>, readonly SettingId[]>> = {
  seated: ['seat', 'pin', 'angle', 'anchor'],
  standing: ['pin', 'lean', 'stool']
};

/** A set-up's settings as they are read, each with its mark. */
export function settingLines(setup: Setup, unit: LengthUnit): Card['settings'] {
  const settings = setup.settings as Readonly<Partial<Record<SettingId, Setting>>>;
  const ids =
    setup.kind === 'rest' ? settingsInUse(setup).filter((id) => id !== 'tilt') : ON_CARD[setup.kind];
  return ids.flatMap((id) => {
    const setting = settings[id];
    if (!setting || (id === 'stool' && setting.value === 0)) return [];
    return [
      { name: settingWords(setup, id).name, value: settingText(id, setting.value, unit), mark: setting.mark }
    ];
  });
}

/** How a set-up is meant, in short sentences. */
export function setupNotes(setup: Setup): readonly string[] {
  if (setup.kind === 'rest') {
    const { choices, settings } = setup;
    const highEnd = highEndOf(settings.shoulderFoot.value, settings.chestFoot.value);
    return [
      `${REST_SCHOOL_WORDS[choices.school].name}; chin rest ${MOUNT_WORDS[choices.mount]}. ${SCROLL_WORDS[choices.scroll]}.`,
      ...(supportOf(setup) === 'shoulder-rest' ? [`Shoulder rest: ${HIGH_END_WORDS[highEnd]}.`] : [])
    ];
  }
  if (setup.kind === 'standing') return [`Bow hold: ${BOW_HOLD_WORDS[setup.choices.bowHold]}.`];
  const { anchoring, placing } = setup.choices;
  const heightMm = setup.basis.lengths.height;
  const hands =
    heightMm === undefined
      ? []
      : [
          `About ${handWidthsOf(setup.settings.pin.value, heightMm).toFixed(1)} of your hand-widths of pin are seen.`
        ];
  return [`${ANCHORING_WORDS[anchoring]}; ${PLACING_WORDS[placing].name.toLowerCase()}.`, ...hands];
}

/** The picture of a set-up: the instrument's back with what lies on it, or the player as it is set. */
export function setupDrawing(
  setup: Arrangement & Pick<Setup, 'family' | 'basis'>,
  instrument: NominalInstrument
): CardDrawing {
  if (setup.kind === 'rest') {
    return { kind: 'back', family: setup.family, of: instrument, on: onBack(setup, instrument) };
  }
  const { lengths } = setup.basis;
  const read = Object.fromEntries(Object.entries(lengths).map(([id, mm]) => [id, [mm]]));
  const usual = { height: [instrument.heightFromMm ?? ANY_HEIGHT_MM] };
  return {
    kind: 'player',
    view: 'left',
    question: {
      family: setup.family,
      instrument,
      readings: heightOf(read) === null ? usual : read,
      setup: asDrawn(setup)
    }
  };
}

/** Where nothing of the player is known any more. */
const ANY_HEIGHT_MM = 1500;
