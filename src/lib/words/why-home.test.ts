import { describe, expect, it } from 'vitest';
import { expectedLength, FIT_ORDER } from '$lib/core/body';
import { FAMILIES, type Family } from '$lib/core/instruments';
import { proposeSize, type Proposal, type SizingQuestion } from '$lib/core/sizing';
import { whyForFamily } from './why-home';

function proposalFor(family: Family, heightMm: number, more: Partial<SizingQuestion> = {}): Proposal {
  const lengths = FIT_ORDER[family].filter((id) => id !== 'shoulderSlope');
  const readings = Object.fromEntries(lengths.map((id) => [id, [expectedLength(id, heightMm).mm]]));
  const proposal = proposeSize({ family, readings, ...more });
  if (!proposal) throw new Error('nothing proposed');
  return proposal;
}

describe('why a size, for a family', () => {
  it.each(FAMILIES)('is one or two sentences without limits, rules and shares, for a %s', (family) => {
    for (let heightMm = 900; heightMm <= 1950; heightMm += 25) {
      const proposal = proposalFor(family, heightMm);
      const why = whyForFamily(proposal.proposal, proposal, 'cm');
      expect([heightMm, why]).toEqual([heightMm, expect.stringContaining(`a ${proposal.proposal}`)]);
      expect(why).not.toMatch(/limit|%|undefined|null|NaN/);
      expect(why.match(/\./g)?.length ?? 0).toBeLessThanOrEqual(4);
    }
  });

  it('says what the next size up still needs', () => {
    const proposal = proposalFor('violin', 1205);
    expect(whyForFamily(proposal.proposal, proposal, 'cm')).toMatch(
      /^With the arm stretched out, the scroll of a \S+ comes to lie .+, as it should\. A \S+ still needs \d+\.\d cm more arm\.$/
    );
    expect(whyForFamily(proposal.proposal, proposal, 'in')).toMatch(/in more arm\.$/);
  });

  it('says that it was tried on where that outranked the tape', () => {
    const proposal = proposalFor('violin', 1300);
    const other = proposal.proposal === '1/4' ? '1/8' : '1/4';
    expect(whyForFamily(other, proposal, 'cm')).toBe(
      `It was tried on, and the ${other} suits better than the tape alone says.`
    );
  });
});
