/** Records as earlier versions of the schema wrote them, for tests that open them. */

export const VERSION_1_STORES = {
  players: 'id, name, family, group',
  measurements: 'id, playerId, [playerId+kind]',
  fits: 'id, playerId, day',
  setups: 'id, playerId, fitId',
  checks: 'id, playerId, [playerId+checkId]',
  instruments: 'id, family, number, playerId',
  drafts: 'id',
  settings: 'id',
  changes: '++seq, undone'
};
export const VERSION_2_STORES = { ...VERSION_1_STORES, checks: 'id, playerId, day, [playerId+checkId]' };
export const VERSION_3_STORES = { ...VERSION_2_STORES, trials: 'id, playerId, day', days: 'id, day' };

const AT = '2026-01-01T09:00:00.000Z';
const DAY = '2026-01-01';

const setting = (mm: number, mark = '') => ({ mm, origin: 'computed', mark });

/** Everything that version 3 could hold, a record or two of each kind. */
export const version3 = () => ({
  players: [
    {
      id: 'a',
      name: 'Ada',
      birthMonth: '2017-05',
      curve: 'girl',
      family: 'violin',
      group: 'Owls',
      notes: 'kept',
      photosAllowed: false,
      archivedOn: null as string | null,
      createdAt: AT,
      demo: false
    },
    {
      id: 'b',
      name: 'Bo',
      birthMonth: null,
      curve: null,
      family: 'cello',
      group: ' Owls ',
      notes: '',
      photosAllowed: true,
      archivedOn: '2026-02-01' as string | null,
      createdAt: AT,
      demo: true
    }
  ],
  measurements: [
    {
      id: `a:height:${DAY}`,
      playerId: 'a',
      kind: 'height',
      day: DAY,
      readings: Array.from({ length: 51 }, (_, index) => ({ mm: 1200 + index, at: AT })),
      look: null
    },
    { id: `ghost:height:${DAY}`, playerId: 'ghost', kind: 'height', day: DAY, readings: [], look: null }
  ],
  fits: [
    {
      id: 'f',
      playerId: 'a',
      family: 'violin',
      at: AT,
      day: DAY,
      readings: { height: [1205] },
      rule: { school: 'palm-centre' },
      instruments: [],
      trialId: null,
      proposal: '1/4',
      advised: '1/4',
      betweenSizes: false,
      probability: 0.9,
      marginMm: 7,
      size: '1/4',
      reason: null,
      nextLook: '2026-07-01'
    }
  ],
  setups: [
    {
      id: 's',
      playerId: 'a',
      fitId: 'f',
      family: 'violin',
      size: '1/4',
      version: 1,
      at: AT,
      day: DAY,
      fillerMm: 20,
      neckGapMm: 62,
      neckGapEstimated: true,
      rest: {
        school: 'rest-first',
        mount: 'centre',
        tiltDeg: 17,
        highEnd: 'shoulder',
        settings: {
          chinRest: setting(18),
          lift: { mm: 6, origin: 'adjusted', mark: 'two folds' },
          shoulderFoot: setting(30),
          chestFoot: setting(12),
          restWidth: setting(140),
          shoulderFootAlong: setting(70, 'blue'),
          chestFootAlong: setting(90)
        }
      }
    }
  ],
  trials: [
    { id: 't', playerId: 'a', family: 'violin', at: AT, day: DAY, size: '1/4', answers: [], verdict: 'keep' }
  ],
  checks: [
    {
      id: 'c1',
      playerId: 'a',
      checkId: 'hold-seat',
      at: '2026-01-01T09:10:00.000Z',
      day: DAY,
      setupId: 's',
      outcome: { kind: 'stopped', because: 'pain' },
      faults: []
    },
    {
      id: 'c2',
      playerId: 'a',
      checkId: 'hold-seat',
      at: '2026-01-01T09:20:00.000Z',
      day: DAY,
      setupId: 's',
      outcome: { kind: 'rating', rating: 'mostly' },
      faults: ['on-chest']
    },
    {
      id: 'c3',
      playerId: 'b',
      checkId: 'hold-seat',
      at: '2026-01-02T09:20:00.000Z',
      day: '2026-01-02',
      setupId: null,
      outcome: { kind: 'stopped', because: 'pain' },
      faults: []
    }
  ],
  instruments: [
    {
      id: 'i',
      number: 'V7',
      family: 'violin',
      size: '1/4',
      overallMm: 474,
      stringMm: null,
      playerId: 'a',
      since: DAY,
      notes: '',
      demo: false
    }
  ],
  days: [
    {
      id: 'd',
      name: 'Line',
      day: DAY,
      startedAt: AT,
      closedAt: null,
      entries: [
        { playerId: 'a', state: 'passed' },
        { playerId: 'b', state: 'waiting' }
      ],
      typed: { armReach: '48' },
      demo: false
    }
  ],
  drafts: [
    {
      id: 'a',
      startedAt: AT,
      updatedAt: AT,
      texts: { height: '12', armToPalm: '' },
      overrideSize: '1/8',
      overrideReason: 'tired today',
      instruments: [] as unknown[],
      trial: null as unknown,
      restSchool: 'pad',
      mount: 'between',
      tiltDeg: 9,
      adjustments: { values: { lift: 8 }, marks: { lift: 'three folds' } }
    }
  ],
  settings: [
    {
      id: 'settings',
      unit: 'in',
      rule: { school: 'own', limit: 0.4 },
      restSchool: 'pad',
      tiltSchool: 'high-over-shoulder',
      sizes: { violin: ['1/2', '1/4'] },
      dimensions: { violin: { '1/4': { overallMm: 474 } } },
      theme: 'dark',
      teacherName: 'Ms Placeholder'
    }
  ]
});

type Tables = Record<string, Record<string, unknown>[]>;

/** The same as version 2 had it: no trials, no days, no measured instruments. */
export function version2(): Tables {
  const { trials: _trials, days: _days, ...tables } = version3() as unknown as Tables;
  for (const fit of tables.fits ?? []) {
    delete fit.trialId;
    delete fit.instruments;
  }
  for (const draft of tables.drafts ?? []) {
    delete draft.trial;
    delete draft.instruments;
  }
  return tables;
}

/** The same as version 1 had it: archived or not, and nobody made up. */
export function version1(): Tables {
  const tables = version2();
  for (const player of tables.players ?? []) {
    player.archived = player.archivedOn !== null;
    delete player.archivedOn;
    delete player.demo;
  }
  return tables;
}
