import { describe, expect, it } from 'vitest';
import { expectedLength, FIT_ORDER, LINE_ORDER, MEASUREMENTS } from '$lib/core/body';
import { FAMILIES } from '$lib/core/instruments';
import { standingOn, type Foresight, type Outlook } from '$lib/core/outlook';
import type { RosterEntry } from '$lib/data/questions/roster';
import { proposeSize, type Evidence, type Proposal, type SizingQuestion } from '$lib/core/sizing';
import type { Advice } from '$lib/core/trial';
import { DAY_STATE_WORDS } from './days';
import { outgrownSentence, outlookSentences, rungText } from './growth';
import { MEASUREMENT_WORDS } from './measurements';
import { outgrownBriefly, standingText } from './players';
import {
  EVIDENCE_WORDS,
  evidenceText,
  reasonSentences,
  SIDE_WORDS,
  verdictLine,
  warningSentence
} from './sizing';
import { adviceSentence, trialVerdictSentence } from './trial';

const propose = (question: SizingQuestion): Proposal => {
  const proposal = proposeSize(question);
  if (!proposal) throw new Error('nothing proposed');
  return proposal;
};
const TODAY = '2026-11-24';

describe('what is measured', () => {
  it.each(FAMILIES)(
    'of a %s player has words, belongs to the family, and starts with the height',
    (family) => {
      for (const id of FIT_ORDER[family]) {
        expect(MEASUREMENTS[id].families).toContain(family);
        expect(MEASUREMENT_WORDS[id].how).toMatch(/\.$/);
      }
      expect(FIT_ORDER[family][0]).toBe('height');
      expect(LINE_ORDER[family]).toHaveLength(3);
      for (const id of LINE_ORDER[family]) expect(FIT_ORDER[family]).toContain(id);
    }
  );
});

describe('answers for the low strings', () => {
  const cello = propose({
    family: 'cello',
    readings: {
      height: [1290],
      armReach: [expectedLength('armReach', 1290).mm],
      seatedBreastbone: [expectedLength('seatedBreastbone', 1290).mm],
      seatedEar: [expectedLength('seatedEar', 1290).mm]
    }
  });

  it('say of a cello what it asks of arm and ear, and what the next size lacks', () => {
    const [first, ...more] = reasonSentences(cello, 'cm');
    expect(first).toBe(
      'Placed the usual way, a 1/2 asks for 96 % of the bow arm (limit 100 %), and its lowest peg comes 4.9 cm above the ear (limit 6.5 cm).'
    );
    expect(more.join(' ')).toMatch(/A 3\/4 needs .* cm more trunk under the ear\./);
  });

  it('say of the smallest cello that there is none below', () => {
    const small = propose({ family: 'cello', readings: { height: [900] } });
    expect(reasonSentences(small, 'cm')[0]).toMatch(/^On a 1\/10, the smallest/);
    const [chosen] = small.candidates.filter(({ size }) => size === '1/10');
    expect(chosen && verdictLine(chosen, 'cm')).toBe('the smallest that is made');
  });

  it('say of a bass where the pin and the left hand come', () => {
    const tall = propose({ family: 'bass', readings: { height: [1750], gripHang: [735], cheek: [1575] } });
    expect(reasonSentences(tall, 'cm')[0]).toBe(
      "For the bow's reach a 3/4 is set with a pin of 17.7 cm; the first finger then comes 1.3 cm above the cheek."
    );
    const low = propose({ family: 'bass', readings: { height: [1750], gripHang: [600], cheek: [1620] } });
    expect(reasonSentences(low, 'cm')[0]).toMatch(/at or below the cheek/);
  });

  it('name the part of the body that moves the size, and grown-ups’ and changers’ choices', () => {
    const words = (reason: Proposal['reasons'][number]) =>
      reasonSentences({ ...cello, reasons: [reason] }, 'cm')[0];
    expect(words({ code: 'body-differs', heightSize: '1/2', part: 'trunk', build: 'short', steps: -1 })).toBe(
      'Short trunk: one size down from what the height alone suggests (1/2).'
    );
    expect(
      words({ code: 'body-differs', heightSize: '1/4', part: 'hanging-hand', build: 'long', steps: 2 })
    ).toBe('The hand hangs high: 2 sizes up from what the height alone suggests (1/4).');
    expect(words({ code: 'changes-over', from: { family: 'violin', size: '3/4' }, size: '13 in' })).toBe(
      'Coming from a 3/4 violin: a 13 in is about as long.'
    );
    expect(words({ code: 'changes-over', from: { family: 'viola', size: '14 in' }, size: '4/4' })).toBe(
      'Coming from a 14 in viola: a 4/4 is about as long.'
    );
    expect(words({ code: 'adult-pin-in', size: '3/4' })).toContain('with the pin in');
    expect(words({ code: 'next-down', size: '1/10', spareMm: null })).toBe(
      'Below it there is only the 1/10.'
    );
  });

  it('warn of lengths that no body has together', () => {
    expect(
      warningSentence(
        { code: 'contradiction', measurement: 'seatedShoulder', should: 'longer', than: 'seatedBreastbone' },
        'cm'
      )
    ).toBe(
      "Seat to shoulder can't be right: it must be longer than the seat to breastbone. Measure both again."
    );
  });
});

describe('evidence', () => {
  const text = (
    kind: Evidence['kind'],
    value: number,
    limit: number | null,
    speaksFor: Evidence['speaksFor']
  ) => evidenceText({ kind, value, limit, speaksFor, weight: 'supports' }, 'cm');

  it.each([
    ['landing', 0.42, 0.5, 'this', '42 % of the hand, limit 50 %'],
    ['arm-load', 0.96, 1, 'this', '96 % of the arm, limit 100 %'],
    ['arm-load', 0.8, null, 'this', '80 % of the arm'],
    ['peg-above-ear', 57, 65, 'this', '5.7 cm above the ear, limit 6.5 cm above'],
    ['peg-above-ear', -12, null, 'this', '1.2 cm below the ear'],
    ['cheek-lift', 92, 108, 'this', '9.2 cm above, limit 10.8 cm'],
    ['cheek-lift', -20, 108, 'larger', 'at the cheek or below'],
    ['bow-reach', 120, -99, 'this', 'reaches with a pin of 12.0 cm'],
    ['bow-reach', -40, -99, 'this', 'the pin would be 4.0 cm too long'],
    ['frame-closed', 90, 83, 'this', 'span 9.0 cm covers 8.3 cm'],
    ['frame-closed', 78, 83, 'this', 'span 0.5 cm short of 8.3 cm, will come with flexibility'],
    ['frame-extended', 90, 114, 'smaller', 'span 2.4 cm short of 11.4 cm'],
    ['bow-share', 0.68, 0.5, 'this', '68 % of the bow in reach'],
    ['corner-knee', -44, -40, 'smaller', '4.4 cm below the inner knee'],
    ['pin', 177, 340, 'this', '17.7 cm from the ribs'],
    ['pin', 10, 20, 'smaller', '1.0 cm from the ribs, shorter than it goes'],
    ['pin', 400, 380, 'larger', '40.0 cm from the ribs, longer than it goes'],
    ['first-finger', 1490, 1526, 'this', '149.0 cm high, eyebrow 152.6 cm'],
    ['standing-look', 1200, 1223, 'this', 'between mouth and eyebrow'],
    ['standing-look', 1300, 1223, 'smaller', 'at the eyebrow or above'],
    ['standing-look', 1000, 1135, 'larger', 'below the mouth'],
    ['height-band', 1290, 1380, 'this', 'within its band'],
    ['height-band', 1150, 1210, 'smaller', 'from 121.0 cm'],
    ['height-band', 1500, 1380, 'larger', 'up to 138.0 cm']
  ] as const)('of %s %d against %s for %s reads: %s', (kind, value, limit, speaksFor, words) => {
    expect(text(kind, value, limit, speaksFor)).toBe(words);
  });

  it('has a name for everything that any family is judged by', () => {
    for (const family of FAMILIES) {
      const spans = { handSpan: [90], handSpanWidest: [110] };
      const { candidates } = propose({ family, readings: { height: [1400], ...spans } });
      for (const { evidence } of candidates)
        for (const one of evidence) {
          expect(EVIDENCE_WORDS[one.kind]).not.toBe('');
          expect(SIDE_WORDS[one.speaksFor]).toMatch(/^for /);
          expect(evidenceText(one, 'in')).not.toMatch(/NaN|Infinity|undefined/);
        }
    }
  });
});

describe('what comes', () => {
  it.each([
    [
      { early: '2027-03-01', middle: '2027-06-01', late: '2027-10-01' },
      'about Jun 2027, at the earliest Mar 2027, at the latest Oct 2027'
    ],
    [
      { early: TODAY, middle: '2027-01-01', late: null },
      'about Jan 2027, at the earliest now, perhaps never'
    ],
    [{ early: TODAY, middle: TODAY, late: TODAY }, 'is outgrown now'],
    [
      { early: '2028-03-01', middle: null, late: null },
      'may last for good; at the earliest it is outgrown in Mar 2028'
    ],
    [{ early: null, middle: null, late: null }, 'will probably last for good']
  ])('of %o reads: %s', (outgrown, words) => {
    expect(outgrownSentence('1/4', outgrown, TODAY)).toContain(words);
  });

  const ahead: Outlook = {
    answer: null,
    followed: null,
    outgrownAtMm: 1295,
    belowTape: false,
    tooLarge: null,
    outgrown: { early: '2027-03-01', middle: '2027-06-01', late: '2027-10-01' },
    why: null,
    estimated: ['armToPalm'],
    nextMeasure: { date: '2027-02-01', reason: 'change-likely' }
  };

  it('is marked where it rests on height alone, and says what it can’t know', () => {
    expect(outlookSentences('1/4', ahead, TODAY)[1]).toMatch(/^An estimate/);
    expect(outlookSentences('1/4', { ...ahead, estimated: [] }, TODAY)).toHaveLength(1);
    const unknown = { ...ahead, outgrown: null, why: 'no-age' } as const;
    expect(outlookSentences('1/4', unknown, TODAY)).toEqual([expect.stringContaining('birth month')]);
  });

  const foresight: Foresight = {
    size: '1/4',
    betweenSizes: false,
    outgrown: ahead.outgrown,
    why: null,
    estimated: false,
    tooSmall: false,
    tooLarge: null,
    nextMeasure: ahead.nextMeasure,
    grownOn: '2034-01-01'
  };
  const entry = (patch: Partial<Foresight> = {}, today = TODAY): RosterEntry => {
    const foreseen = { ...foresight, ...patch };
    return {
      player: {
        id: 'p',
        name: 'P',
        birthMonth: null,
        curve: null,
        family: 'violin',
        notes: '',
        photosAllowed: false,
        groupId: null,
        archivedOn: null,
        createdAt: '',
        demo: false
      },
      group: '',
      foresight: foreseen,
      standing: standingOn(foreseen, { hurts: false, underWay: false }, today),
      setupReview: null,
      pending: false,
      draft: null,
      pain: null
    };
  };

  it('is brief in lists', () => {
    const brief = (patch: Partial<Foresight>, today = TODAY) => outgrownBriefly(entry(patch, today), today);
    expect(brief({})).toBe('Jun 2027 (Mar 2027 to Oct 2027)');
    expect(brief({ estimated: true })).toBe('Jun 2027 (Mar 2027 to Oct 2027), by height only');
    expect(brief({ outgrown: { early: null, middle: null, late: null } })).toBe('lasts');
    expect(brief({ outgrown: { early: '2028-01-01', middle: null, late: null } })).toBe(
      'perhaps, from Jan 2028'
    );
    expect(brief({ outgrown: null })).toBe('not known');
    expect(brief({ outgrown: null, why: 'no-age' })).toBe('no birth month');
    expect(brief({}, '2034-01-01')).toBe('grown up');
  });

  it('says the same in every list: measured too small, or probably', () => {
    for (const [patch, today, words] of [
      [{ tooSmall: true }, TODAY, 'Measured too small'],
      [{ tooSmall: true, estimated: true }, TODAY, 'Probably too small by now'],
      [{}, '2027-06-01', 'Probably too small by now']
    ] as const) {
      expect(standingText(entry(patch, today))).toBe(`${words}: the 1/4`);
      expect(outgrownBriefly(entry(patch, today), today)).toBe(words.toLowerCase());
    }
    expect(standingText(entry())).toBe('Settled, measure by 1 Feb 2027');
    expect(standingText(entry({}, '2027-02-01'))).toBe('Due to measure, by 1 Feb 2027');
    expect(standingText({ ...entry(), foresight: null, standing: 'new', pending: true })).toBe('Looking…');
    expect(standingText({ ...entry(), foresight: null, standing: 'under-way' })).toBe('Half done');
  });

  it('stands on the ladder with its date', () => {
    expect(rungText({ size: '1/8', when: 'past', since: '2025-09-20' }, TODAY)).toBe('from Sep 2025');
    expect(rungText({ size: '1/4', when: 'now', since: '2026-10-20' }, TODAY)).toBe('since Oct 2026');
    expect(rungText({ size: '1/2', when: 'coming', about: '2028-01-01' }, TODAY)).toBe('about Jan 2028');
    expect(rungText({ size: '1/2', when: 'coming', about: TODAY }, TODAY)).toBe('now');
  });
});

describe('trials', () => {
  const unsure = propose({ family: 'violin', readings: { armToPalm: [477], handLength: [130] } });
  const sure = propose({ family: 'violin', readings: { armToPalm: [500], handLength: [130] } });
  const said = (advice: Partial<Advice>, proposal = sure) =>
    adviceSentence(
      { size: '1/4', trialSize: null, because: 'tape', smaller: null, readAgain: false, ...advice },
      proposal
    );

  it('end in a sentence', () => {
    expect(
      (['smaller', 'keep', 'larger', 'stopped'] as const).map((verdict) =>
        trialVerdictSentence('1/4', verdict)
      )
    ).toEqual([
      'Tried on, the 1/4 is too large.',
      'Tried on, the 1/4 suits.',
      'Tried on, the 1/4 is too small.',
      'The trial of the 1/4 was stopped: pain, tingling or numbness.'
    ]);
  });

  it('are brought together with the tape', () => {
    expect(said({})).toBe('By the tape: the 1/4.');
    expect(said({ because: 'agree' })).toBe('Tape and trial agree on the 1/4.');
    expect(said({ because: 'trial-outranks', size: '1/8', trialSize: '1/8' })).toBe(
      'The tape says 1/4, the body says 1/8. The body outranks the tape: the 1/8.'
    );
    expect(said({ because: 'room-to-grow', trialSize: '1/4' }, unsure)).toMatch(
      /^Between 1\/8 and 1\/4: it suits/
    );
    expect(said({ because: 'careful', size: '1/8', trialSize: '1/4' }, unsure)).toContain(
      'for a good while yet'
    );
    expect(said({ because: 'careful', size: '1/8' }, unsure)).toContain('unless trial and growth both speak');
    expect(said({ because: 'none-smaller', size: null })).toMatch(/too large, and no smaller one is in use/);
    const pain = said({ because: 'pain', size: null, smaller: '1/8' });
    for (const words of ['Leave it', 'Rest', 'softer pad', 'or a 1/8', 'wait', 'doctor'])
      expect(pain).toContain(words);
    expect(said({ because: 'pain', size: null })).not.toContain('or a 1');
    // Of each instrument only what it has.
    const low = (family: 'cello' | 'bass') =>
      said({ because: 'pain', size: null }, propose({ family, readings: { height: [1500] } }));
    expect(low('cello')).toMatch(/seat height, another pin/);
    expect(low('bass')).toMatch(/the pin higher or lower, a stool/);
    for (const family of ['cello', 'bass'] as const) expect(low(family)).not.toMatch(/pad|collarbone/);
  });
});

it('has a word for every place in a line', () => {
  expect(new Set(Object.values(DAY_STATE_WORDS)).size).toBe(5);
});
