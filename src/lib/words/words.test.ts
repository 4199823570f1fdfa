import { describe, expect, it } from 'vitest';
import { checksFor, RATINGS } from '$lib/core/checks';
import { proposeSize, type Proposal, type Readings, type Warning } from '$lib/core/sizing';
import { SETTING_IDS, SETUP_KINDS, type RestWarning, type SettingChange } from '$lib/core/setup';
import { STANDINGS } from '$lib/core/outlook';
import { ageText, dayText } from './dates';
import { lengthProblemSentence, plausibilitySentence } from './lengths';
import { categoryNameIn, outcomeText, RATING_WORDS } from './checks';
import { painSentence } from './pains';
import { STANDING_WORDS } from './players';
import { changeSentences, SETTING_WORDS, settingText } from './setup';
import { restWarningSentence } from './setup-warnings';
import { landingWords, reasonSentences, verdictLine, warningSentence } from './sizing';

const propose = (readings: Readings): Proposal => {
  const proposal = proposeSize({ family: 'violin', readings, rule: { school: 'palm-centre' } });
  if (!proposal) throw new Error('nothing proposed');
  return proposal;
};
const sentencesFor = (readings: Readings) => reasonSentences(propose(readings), 'cm');

describe('reasons', () => {
  it('begin with where the scroll ends and go on to the neighbours', () => {
    expect(sentencesFor({ height: [1205], armToPalm: [500], handLength: [130] })).toEqual([
      'The scroll of a 1/4 ends in the palm, at 31 % of the hand; your limit is 50 %.',
      'A 1/2 needs 1.8 cm more arm.',
      'On an instrument no longer than 50.0 cm, the 1/2 fits.',
      'A 1/8 would leave 7.0 cm.'
    ]);
  });

  it('say between sizes, and what is estimated', () => {
    const sentences = sentencesFor({ height: [1205], armToPalm: [476] });
    expect(sentences).toContain(
      'Between 1/8 and 1/4: the tape alone does not settle it. By the tape the 1/8, unless a try on the body and room to grow both speak for the larger.'
    );
    expect(sentences.at(-1)).toBe('Estimated, not measured: hand length.');
  });

  it('say when nothing larger or nothing smaller is in use', () => {
    expect(sentencesFor({ armToPalm: [640], handLength: [170] })).toContain(
      'The 4/4 is the largest size you use.'
    );
    expect(sentencesFor({ armToPalm: [280], handLength: [90] })[0]).toMatch(
      /^Even the scroll of a 1\/32 ends/
    );
  });

  it('speak inches where the teacher does', () => {
    expect(reasonSentences(propose({ armToPalm: [500], handLength: [130] }), 'in')[1]).toBe(
      'A 1/2 needs 11/16 in more arm.'
    );
  });
});

describe('verdicts', () => {
  it('say what it is and by how much', () => {
    const { candidates } = propose({ armToPalm: [500], handLength: [130] });
    const line = (size: string) => {
      const candidate = candidates.find((one) => one.size === size);
      return candidate && verdictLine(candidate, 'cm');
    };
    expect(line('1/4')).toBe('fits, 2.5 cm to spare');
    expect(line('1/2')).toBe('large by 1.8 cm');
    expect(line('1/8')).toBe('small, 7.0 cm of arm left over');
  });

  it('name every stretch of the hand', () => {
    expect([-0.1, 0.1, 0.3, 0.5, 0.7, 0.9, 1.1].map(landingWords)).toEqual([
      'short of the wrist',
      'at the heel of the hand',
      'in the palm',
      'at the palm centre',
      'at the roots of the fingers',
      'on the fingers',
      'past the fingertips'
    ]);
  });
});

describe('warnings', () => {
  it.each<[Warning, RegExp]>([
    [
      { code: 'smallest-too-large', family: 'violin', size: '1/32', beyondMm: 14 },
      /1\/32, is 1\.4 cm too long/
    ],
    [
      { code: 'readings-disagree', measurement: 'armToPalm', spreadMm: 24 },
      /^Arm to palm: readings 2\.4 cm apart/
    ],
    [
      { code: 'implausible', measurement: 'neckGap', mm: 90, expectedMm: 54 },
      /^Neck gap is far.*about 5\.4 cm/
    ],
    [
      { code: 'frame-short', frame: 'closed', size: '1/4', shortfallMm: 8, frameMm: 58 },
      /^The easy span is 0\.8 cm short of first to fourth finger.*thumb squeezes/
    ],
    [
      { code: 'frame-short', frame: 'extended', size: '1/4', shortfallMm: 8, frameMm: 58 },
      /^The widest span is 0\.8 cm short of the extended hand/
    ]
  ])('about the size: %o', (warning, words) => {
    expect(warningSentence(warning, 'cm')).toMatch(words);
  });

  it.each<[RestWarning, RegExp]>([
    [{ code: 'chin-rest-too-high', excessMm: 12, fittingMm: 10 }, /12 mm more than there is.*about 10 mm/],
    [{ code: 'chin-rest-too-low', missingMm: 6, fittingMm: 27 }, /6 mm are missing.*about 27 mm/],
    [{ code: 'tilt-reduced', fromDeg: 18, toDeg: 11.4 }, /from 18° to 11°/],
    [{ code: 'estimated', measurement: 'neckGap', mm: 54 }, /estimate from height \(54 mm\)/]
  ])('about the rest: %o', (warning, words) => {
    expect(restWarningSentence(warning, 'cm')).toMatch(words);
  });
});

describe('lengths', () => {
  it('that are not read get an example in the teacher’s unit', () => {
    expect(lengthProblemSentence('not-a-length', 'cm')).toContain('48.5');
    expect(lengthProblemSentence('not-a-length', 'in')).toContain('19 1/8');
    for (const problem of ['empty', 'not-positive', 'zero-denominator'] as const)
      expect(lengthProblemSentence(problem, 'cm')).toMatch(/\.$/);
  });

  it('that are unlikely are asked about', () => {
    const ask = { kind: 'ask', expectedMm: 482, sds: -15, likely: 'other-unit' } as const;
    expect(plausibilitySentence('armToPalm', 190, ask, 'cm')).toBe(
      'Centimetres or inches? 19.0 cm is unusual. The height suggests about 48.2 cm.'
    );
    expect(plausibilitySentence('height', 2090, { ...ask, expectedMm: null, likely: 'unknown' }, 'cm')).toBe(
      'Is that so? 209.0 cm is unusual.'
    );
    expect(
      plausibilitySentence('neckGap', 2, { kind: 'impossible', lowMm: 15, highMm: 200 }, 'cm')
    ).toContain('between 1.5 cm and 20.0 cm');
  });
});

describe('set-ups', () => {
  it('write heights as settings and places as lengths', () => {
    expect(settingText('lift', 7.5, 'cm')).toBe('8 mm');
    expect(settingText('chestFootAlong', 112.4, 'cm')).toBe('11.2 cm');
    expect(settingText('lift', 7.5, 'in')).toBe('5/16 in');
    expect(settingText('tilt', 17.6, 'cm')).toBe('18°');
    expect(settingText('pin', 162, 'cm')).toBe('16.2 cm');
    for (const kind of SETUP_KINDS)
      for (const id of SETTING_IDS[kind]) expect(SETTING_WORDS[id].name).not.toBe('');
  });

  it.each<[SettingChange, string]>([
    [{ kind: 'value', id: 'lift', unit: 'mm', from: 5, to: 10 }, 'Lift 5 mm → 10 mm'],
    [{ kind: 'value', id: 'tilt', unit: 'deg', from: 18, to: 12 }, 'Tilt 18° → 12°'],
    [{ kind: 'mark', id: 'lift', from: '', to: 'dot' }, 'Lift, mark: none → dot'],
    [{ kind: 'mark', id: 'lift', from: 'dot', to: '' }, 'Lift, mark: dot → none'],
    [{ kind: 'choice', id: 'school', from: 'pad', to: 'rest-first' }, 'Pad → Shoulder rest first'],
    [
      { kind: 'choice', id: 'mount', from: 'beside', to: 'centre' },
      'Chin rest beside the tailpiece → centred over it'
    ]
  ])('tell a change in a line: %o', (change, words) => {
    expect(changeSentences([change], 'cm')).toEqual([words]);
  });

  it('leave out a change that the chosen unit does not show', () => {
    const small = { kind: 'value', id: 'lift', unit: 'mm', from: 6.4, to: 6.6 } as const;
    expect(changeSentences([small], 'cm')).toEqual(['Lift 6 mm → 7 mm']);
    expect(changeSentences([small], 'in')).toEqual([]);
  });
});

describe('days, ages and looks', () => {
  it('are written as people say them', () => {
    expect(dayText('2026-11-24')).toBe('24 Nov 2026');
    expect(ageText('2019-07', '2026-11-24')).toBe('7 y 4 m');
    expect(ageText('1986-07', '2026-11-24')).toBe('40 y');
    expect(ageText(null, '2026-11-24')).toBeNull();
    expect(outcomeText({ kind: 'seconds', seconds: 4 })).toBe('4.0 s');
    expect(outcomeText({ kind: 'count', count: 8 })).toBe('8 times');
    expect(outcomeText({ kind: 'yes-no', yes: false })).toBe('No');
    expect(outcomeText({ kind: 'angle', deg: 29.6 })).toBe('30°');
    const pain = { day: '2026-11-24', during: 'check', size: '1/4' } as const;
    expect(
      painSentence({ ...pain, id: 'p', playerId: 'a', at: '', family: 'violin', closedAt: null, note: '' })
    ).toBe('Pain, tingling or numbness on 24 Nov 2026, in a check of the hold with the 1/4.');
    const said = {
      ...pain,
      id: 'p',
      playerId: 'a',
      at: '',
      closedAt: null,
      note: '',
      family: 'violin'
    } as const;
    expect(painSentence({ ...said, place: 'left-wrist', feel: 'tingling' })).toMatch(
      /^Tingling in the left wrist on 24 Nov/
    );
    expect(RATINGS.map((rating) => outcomeText({ kind: 'rating', rating }))).toEqual(
      Object.values(RATING_WORDS)
    );
    expect(new Set(STANDINGS.map((standing) => STANDING_WORDS[standing])).size).toBe(STANDINGS.length);
  });

  it('speak to children in short lines', async () => {
    const checks = await checksFor('violin');
    for (const { forPlayer } of checks) expect(forPlayer.length).toBeLessThan(60);
  });
});

it('calls the stance a seat only where all of a group play the cello', () => {
  const [cello, bass] = [{ family: 'cello' }, { family: 'bass' }] as const;
  expect(categoryNameIn('stance', [cello, cello])).toBe('Seat');
  for (const group of [[], [bass], [cello, bass]]) expect(categoryNameIn('stance', group)).toBe('Stance');
  expect(categoryNameIn('hold', [cello])).toBe('Hold');
});
