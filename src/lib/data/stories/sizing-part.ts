import { isSmaller, type Family, type Size } from '$lib/core/instruments';
import { standingOn } from '$lib/core/outlook';
import { followTrial, looksFor, STOP, type TrialAnswer } from '$lib/core/trial';
import { fitFrom } from '../commands/fits';
import { answerCase, foresightOf, openPains, type PlayerCase } from '../questions/case';
import { type Fit, type Pain, type Trial } from '../store/records';
import { contradictions, ofAdvice, ofCandidate, ofStanding, type Claim } from './claims';
import { dated, newest, type Told } from './told';

const larger = (family: Family, one: Size, other: Size) => isSmaller(family, other, one);

/** A size is tried on, the answers leaning to the truth; now and then it hurts. */
export function trialOf(of: PlayerCase, { dice, tell, expect }: Told, visit: number): PlayerCase {
  const answer = answerCase(of);
  const { family } = of.player;
  if (!answer || !dice.chance(0.7)) return of;
  const { proposal } = answer;
  const size = dice.chance(0.8) ? proposal.careful : dice.one(proposal.candidates).size;
  const leans = larger(family, size, proposal.proposal)
    ? 'smaller'
    : isSmaller(family, size, proposal.proposal)
      ? 'larger'
      : 'keep';
  const answers: TrialAnswer[] = [];
  for (;;) {
    const state = followTrial(looksFor(family), answers);
    if (state.kind === 'ended') {
      tell(`tried on ${size}: ${state.verdict} (${answers.map(({ choice }) => choice).join(', ')})`);
      const trial = {
        ...dated(of, `trial-${visit}`, '09:00'),
        family,
        size,
        answers,
        verdict: state.verdict
      } as Trial;
      const pain = {
        ...dated(of, `pain-${visit}`, '09:01'),
        family,
        size,
        closedAt: null
      } as unknown as Pain;
      const after = {
        ...of,
        trials: [...of.trials, trial],
        pains: state.verdict === 'stopped' ? [...of.pains, pain] : of.pains
      };
      const advice = answerCase(after)?.advice;
      const advised = advice?.size ?? null;
      if (state.verdict === 'smaller')
        expect(
          advised === null || isSmaller(family, advised, size),
          `${size} is too large, ${advised} is advised`
        );
      if (state.verdict === 'larger')
        expect(answers.filter(({ choice }) => choice !== 'reseat').length > 1, 'one look alone says larger');
      return after;
    }
    const { look, choices } = state;
    const said = choices.filter(({ speaksFor }) => speaksFor === leans);
    const choice = dice.chance(0.02)
      ? STOP
      : (dice.chance(0.85) && said.length > 0 ? dice.one(said) : dice.one(choices)).id;
    answers.push({ look: look.id, choice });
  }
}

/** The teacher takes what is advised, most often, or another size with a reason. */
export function decided(of: PlayerCase, { dice, tell, expect }: Told, visit: number): PlayerCase {
  const answer = answerCase(of);
  if (!answer) return of;
  const { proposal, advice } = answer;
  const { family } = of.player;
  const [, allowed = proposal.proposal] = proposal.between ?? [];
  expect(
    advice.size === null ||
      !larger(family, advice.size, larger(family, allowed, proposal.proposal) ? allowed : proposal.proposal),
    `${advice.size} is advised, beyond ${proposal.proposal}`
  );
  const asIs = of.fits.length > 0 && dice.chance(0.6);
  const own = dice.chance(0.15) ? dice.one(proposal.candidates).size : null;
  const size = own ?? advice.size;
  if (asIs || size === null) return of;
  const reason = size === advice.size ? null : 'It is what there is';
  const now = new Date(`${of.today}T10:00:00.000Z`);
  const fit: Fit = { ...fitFrom(of, answer, { size, reason, after: null }, now), id: `fit-${visit}` };
  tell(
    `decided on ${size} (tape ${proposal.proposal}, advised ${advice.size ?? 'nothing'}), next look ${fit.nextLook}`
  );
  expect(fit.nextLook >= of.today, `the next look is on ${fit.nextLook}`);
  return { ...of, fits: [...of.fits, fit] };
}

/** What is said of sizes on this day, on every screen. */
export function claimsOn(of: PlayerCase, { tell, expect }: Told): readonly Claim[] {
  const answer = answerCase(of);
  const fit = newest(of);
  const foresight = foresightOf(of);
  if (!answer || !fit || !foresight) return [];
  const { family } = of.player;
  const standing = standingOn(
    foresight,
    { hurts: openPains(of.pains).length > 0, underWay: false },
    of.today
  );
  const inUse = answer.proposal.candidates.find(({ size }) => size === fit.size);
  const { measuredOn = '' } = foresight.tooLarge ?? {};
  tell(`${fit.size} in use: ${standing}${measuredOn ? `, too large since ${measuredOn}` : ''}`);
  const said = [
    ...(inUse ? ofCandidate(inUse) : []),
    ...ofAdvice(answer.advice),
    ...ofStanding(standing, fit.size, foresight)
  ];
  const against = contradictions(said);
  expect(against.length === 0, against.join('; '));
  const measured = of.measurements.reduce((last, { day }) => (day > last ? day : last), '');
  const agreed = of.trials.some(
    ({ size, day, verdict }) =>
      size === fit.size && day >= measured && (verdict === 'keep' || verdict === 'larger')
  );
  if (inUse?.marginMm != null && inUse.marginMm < -1 && !agreed)
    expect(
      ['pain', 'measured-too-large', 'chosen-larger'].includes(standing),
      `${fit.size} lies ${-inUse.marginMm} mm beyond the limit and is ${standing}`
    );
  if (standing === 'measured-too-small')
    expect(
      isSmaller(family, fit.size, answer.proposal.proposal),
      `${fit.size} is too small, ${answer.proposal.proposal} fits`
    );
  // The smallest that is made can be too large as well.
  if (standing === 'measured-too-large')
    expect(
      larger(family, fit.size, answer.proposal.proposal) || inUse?.verdict === 'large',
      `${fit.size} is too large, ${answer.proposal.proposal} fits`
    );
  const { outgrown } = foresight;
  if (outgrown?.middle && outgrown.early && outgrown.late)
    expect(outgrown.early <= outgrown.middle && outgrown.middle <= outgrown.late, 'outgrown out of order');
  return said;
}
