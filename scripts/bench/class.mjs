/** A school of made-up players with three measurings and a decision each, as the database stores them. */
const AT = '2026-10-02T09:00:00.000Z';
const FAMILIES = [
  ['violin', '1/4', 'armToPalm', 0.4],
  ['viola', '11 in', 'armToPalm', 0.4],
  ['cello', '1/4', 'armReach', 0.386],
  ['bass', '1/8', 'gripHang', 0.42]
];
const DAYS = ['2025-10-02', '2026-04-02', '2026-10-02'];

export function school(count) {
  const players = [];
  const measurements = [];
  const fits = [];
  for (let index = 0; index < count; index++) {
    const [family, size, kind, share] = FAMILIES[index % 4];
    const playerId = `school-${index}`;
    const heightMm = 1150 + (index % 350);
    players.push({
      id: playerId,
      name: `School ${index}`,
      birthMonth: `20${10 + (index % 10)}-05`,
      curve: ['girl', 'boy', 'both'][index % 3],
      family,
      notes: '',
      photosAllowed: false,
      groupId: 'school',
      archivedOn: null,
      createdAt: AT,
      demo: false
    });
    DAYS.forEach((day, turn) => {
      const grownMm = heightMm + 28 * turn;
      for (const [one, mm] of [
        ['height', grownMm],
        [kind, Math.round(grownMm * share)]
      ])
        measurements.push({
          id: `${playerId}:${one}:${day}`,
          playerId,
          kind: one,
          day,
          readings: [{ mm, at: `${day}T09:00:00.000Z` }],
          look: null
        });
    });
    fits.push({
      id: `${playerId}-fit`,
      playerId,
      family,
      at: AT,
      day: '2026-10-02',
      readings: { height: [heightMm + 56] },
      rule: null,
      instruments: [],
      trialId: null,
      proposal: size,
      advised: size,
      betweenSizes: false,
      probability: 1,
      marginMm: 1,
      size,
      reason: null,
      nextLook: '2027-03-02'
    });
  }
  return {
    groups: [{ id: 'school', name: 'School', seating: [], demo: false }],
    players,
    measurements,
    fits
  };
}

/** Results of checks, most of them of others. */
export const checksOf = (playerId, count) =>
  Array.from({ length: count }, (_, index) => ({
    id: `bench-check-${index}`,
    playerId: index % 50 === 0 ? playerId : `school-${index % 1000}`,
    checkId: 'hold-seat',
    lessonId: null,
    at: AT,
    day: '2026-10-02',
    setupId: null,
    outcome: { kind: 'rating', rating: 'mostly' },
    faults: []
  }));
