/** How the gap between collarbone and jaw is shared between chin rest and shoulder rest. */
export const REST_SCHOOLS = ['rest-first', 'collarbone-first', 'pad', 'sponge', 'none'] as const;
export type RestSchool = (typeof REST_SCHOOLS)[number];

/** What stands between the back and the shoulder. */
export type RestSupport = 'shoulder-rest' | 'pad' | 'sponge' | 'none';
export const SUPPORT_OF: Readonly<Record<RestSchool, RestSupport>> = {
  'rest-first': 'shoulder-rest',
  'collarbone-first': 'shoulder-rest',
  pad: 'pad',
  sponge: 'sponge',
  none: 'none'
};

/** Default: for beginners in class, the chin rest stays as fitted and the shoulder rest makes up the height. */
export const DEFAULT_REST_SCHOOL: RestSchool = 'rest-first';

/** Largest lift by school, mm. Source: usual range of shoulder rests, and of pads and sponges. */
export const LIFT_MAX_MM: Readonly<Record<RestSchool, number>> = {
  'rest-first': 25,
  'collarbone-first': 25,
  pad: 15,
  sponge: 15,
  none: 0
};

/** Lowest and highest chin rest that is made, mm over the top plate where the jaw lies. */
export const CHIN_REST_RANGE_MM = [10, 45] as const;

/** Which end of the rest is meant to be high. A school, chosen by tilt. */
export const TILT_SCHOOLS = ['high-over-shoulder', 'low-over-shoulder'] as const;
export type TiltSchool = (typeof TILT_SCHOOLS)[number];

/** Default tilt of the string plane by school, degrees; range 0 to 30. */
export const TILT_DEG: Readonly<Record<TiltSchool, number>> = {
  'high-over-shoulder': 18,
  'low-over-shoulder': 3
};
export const TILT_RANGE_DEG = [0, 30] as const;

/** Which way the scroll points, seen from above. Source: the ways that teachers hold to; arms that are short come further forward. */
export const SCROLL_SCHOOLS = ['left-45', 'left-30', 'in-line'] as const;
export type ScrollSchool = (typeof SCROLL_SCHOOLS)[number];

/** Default: the body square to the stand, the scroll at its left corner. */
export const DEFAULT_SCROLL_SCHOOL: ScrollSchool = 'left-45';

/** The same in degrees to the left of straight ahead; nose and left shoulder lie in line at about 60. */
export const SCROLL_DEG: Readonly<Record<ScrollSchool, number>> = {
  'left-45': 45,
  'left-30': 30,
  'in-line': 60
};

/** Where the chin rest is fixed. */
export const CHIN_REST_MOUNTS = ['beside', 'between', 'centre'] as const;
export type ChinRestMount = (typeof CHIN_REST_MOUNTS)[number];

export const SHOULDER_SLOPES = ['flat', 'medium', 'steep'] as const;
export type ShoulderSlope = (typeof SHOULDER_SLOPES)[number];

/** Slope of the shoulder line by look alone, degrees. */
export const SLOPE_DEG: Readonly<Record<ShoulderSlope, number>> = { flat: 12, medium: 20, steep: 28 };
