import { FRACTION_OF_HEIGHT, type Readings } from '$lib/core/body';
import type { Change, FigureSetup, ViewName } from '$lib/core/figure';
import type { NominalInstrument } from '$lib/core/instruments';
import { SCROLL_DEG, TILT_DEG, type RestSchool, type ScrollSchool, type TiltSchool } from '$lib/core/setup';
import { landingLimit, type LandingRule } from '$lib/core/sizing';

/** What a way of sizing or set-up looks like: all that is not as usual. */
export interface SetUpPicture {
  readonly view: ViewName;
  readonly pose?: string;
  readonly readings?: Readings;
  readonly changes?: readonly Change[];
  readonly setup?: FigureSetup;
}

/** The arm on which the scroll of an instrument comes just up to a limit on the hand. */
export function landingPicture(rule: LandingRule, { overallMm }: NominalInstrument): SetUpPicture {
  const { neckToWrist, hand } = FRACTION_OF_HEIGHT;
  const heightMm = overallMm / (neckToWrist + landingLimit(rule) * hand);
  return { view: 'scrollOnHand', pose: 'outstretched', readings: { height: [heightMm] } };
}

/** What stands between instrument and shoulder. */
const GAPS: Readonly<Record<RestSchool, Omit<SetUpPicture, 'view'>>> = {
  'rest-first': { setup: { rest: { leftMm: 26, rightMm: 18 } } },
  'collarbone-first': { setup: { rest: { leftMm: 10, rightMm: 9 } } },
  pad: { setup: { rest: { cushion: 'pad', thickMm: 10 } } },
  sponge: { setup: { rest: { cushion: 'sponge', thickMm: 26 } } },
  none: { setup: { rest: null } }
};
export const gapPicture = (school: RestSchool): SetUpPicture => ({
  view: 'underInstrument',
  ...GAPS[school]
});

export const tiltPicture = (school: TiltSchool): SetUpPicture => ({
  view: 'head',
  setup: { tiltDeg: TILT_DEG[school] }
});

export const scrollPicture = (school: ScrollSchool): SetUpPicture => ({
  view: 'bodyAbove',
  setup: { scrollDeg: SCROLL_DEG[school] }
});
