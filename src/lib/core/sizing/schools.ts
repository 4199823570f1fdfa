/**
 * A sizing school for violin and viola is nothing but the highest landing that it accepts:
 * 0 is the wrist crease, 0.5 the palm centre, 1 the tip of the middle finger.
 */
export const LANDING_SCHOOLS = ['palm-centre', 'heel', 'wrist'] as const;
export type LandingSchool = (typeof LANDING_SCHOOLS)[number];

/** Highest accepted landing by school. Source: the common rules of string teachers. */
export const LANDING_LIMITS: Readonly<Record<LandingSchool, number>> = {
  'palm-centre': 0.5,
  heel: 0.25,
  wrist: 0
};

export const DEFAULT_LANDING_SCHOOL: LandingSchool = 'palm-centre';

/** Lowest and highest own limit that a teacher may set. */
export const OWN_LIMIT_RANGE = [-0.2, 0.8] as const;

/** A named school, or a teacher's own limit. */
export type LandingRule =
  { readonly school: LandingSchool } | { readonly school: 'own'; readonly limit: number };

/** A rule of another school; an own limit begins where the rule before it stood. */
export const ruleWith = (school: LandingRule['school'], before: LandingRule): LandingRule =>
  school === 'own' ? { school, limit: landingLimit(before) } : { school };

/** The highest landing that a rule accepts. */
export const landingLimit = (rule: LandingRule): number =>
  rule.school === 'own' ? rule.limit : LANDING_LIMITS[rule.school];
