import type { Foresight, Standing } from '$lib/core/outlook';
import type { Size } from '$lib/core/instruments';
import type { Candidate } from '$lib/core/sizing';
import type { Advice } from '$lib/core/trial';
import type { FaultCause } from '$lib/core/checks';

/** What one text on a screen claims of something: what it is about, and what it says. */
export interface Claim {
  readonly from: string;
  readonly about: string;
  readonly says:
    | 'suits'
    | 'too-large'
    | 'too-small'
    | 'perhaps-too-large'
    | 'perhaps-too-small'
    | 'nothing-while-pain'
    | 'proposed';
}

const claim = (from: string, about: string, says: Claim['says']): Claim => ({ from, about, says });

/** What a size's own line says of it. */
export const ofCandidate = ({ size, verdict }: Candidate): readonly Claim[] =>
  verdict === 'fits' ? [claim('sizes', size, 'suits')] : [];

export const ofAdvice = ({ size, because }: Advice): readonly Claim[] => [
  ...(size === null ? [] : [claim('advice', 'a size', 'proposed')]),
  ...(because === 'pain' ? [claim('advice', 'a size', 'nothing-while-pain')] : [])
];

const STANDING_SAYS: Readonly<Partial<Record<Standing, Claim['says']>>> = {
  'measured-too-large': 'too-large',
  'measured-too-small': 'too-small',
  'chosen-larger': 'too-large',
  settled: 'suits'
};

/** What every list says of the size in use. */
export function ofStanding(standing: Standing, size: Size, foresight: Foresight): readonly Claim[] {
  if (standing === 'pain') return [claim('lists', 'a size', 'nothing-while-pain')];
  const says = STANDING_SAYS[standing];
  // Settled until it is outgrown says nothing of a size that was taken beside the tape.
  return says && !(says === 'suits' && foresight.why === 'below-tape') ? [claim('lists', size, says)] : [];
}

/** What the likeliest cause of a fault says of the size in use: to look whether it is so. */
export const ofCause = (cause: FaultCause, size: Size): readonly Claim[] =>
  cause === 'too-large' || cause === 'too-small' ? [claim('causes', size, `perhaps-${cause}`)] : [];

/** Claims that can't stand on one screen. */
const AGAINST: Readonly<Record<Claim['says'], readonly Claim['says'][]>> = {
  suits: ['too-large', 'too-small', 'nothing-while-pain'],
  'too-large': ['suits', 'too-small', 'perhaps-too-small'],
  'too-small': ['suits', 'too-large', 'perhaps-too-large'],
  'perhaps-too-large': ['too-small'],
  'perhaps-too-small': ['too-large'],
  'nothing-while-pain': ['suits', 'proposed'],
  proposed: ['nothing-while-pain']
};

/** Pairs that contradict each other; pain speaks of every size. */
export const contradictions = (claims: readonly Claim[]): readonly string[] =>
  claims.flatMap((one, i) =>
    claims
      .slice(i + 1)
      .filter((other) => {
        const same = one.about === other.about || one.about === 'a size' || other.about === 'a size';
        return same && AGAINST[one.says].includes(other.says);
      })
      .map(
        (other) =>
          `${one.from} says ${one.about} ${one.says}, ${other.from} says ${other.about} ${other.says}`
      )
  );
