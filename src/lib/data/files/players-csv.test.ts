import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FAMILIES } from '$lib/core/instruments';
import type { Player, PlayerForm } from '../store/records';
import { hasShape } from '../schema/player';
import { decodeText, MAX_ROWS, readTable } from './csv';
import { matchColumns } from './list-columns';
import { birthMonthOf, curveOf, dayOrderOf, familyOf } from './list-values';
import { playersOf, playersToCsv, problemLines } from './players-csv';

const form = (patch: Partial<PlayerForm> = {}): PlayerForm => ({
  name: 'Ada Example',
  birthMonth: '2018-05',
  curve: 'girl',
  family: 'viola',
  group: 'Monday',
  notes: '',
  photosAllowed: true,
  ...patch
});
/** Players with their groups' names by id, as the file is written from. */
function stored(forms: readonly PlayerForm[]) {
  const players = forms.map(({ group, ...rest }): Player => ({
    ...rest,
    id: 'p',
    groupId: group === '' ? null : group,
    archivedOn: null,
    createdAt: '2026-01-01T09:00:00Z',
    demo: false
  }));
  return [players, new Map(forms.map(({ group }) => [group, group]))] as const;
}

/** Reads a file as it is read when nobody changes what its columns mean. */
function playersFromCsv(text: string) {
  const read = readTable(text);
  if (!read.ok) return { ok: false as const, problems: [read.problem] };
  const { players, problems } = playersOf(read.table, matchColumns(read.table.headings, read.table.rows));
  return problems.length > 0
    ? { ok: false as const, problems: problemLines(problems) }
    : { ok: true as const, players };
}

const problemsOf = (text: string) => {
  const read = playersFromCsv(text);
  return read.ok ? [] : read.problems;
};

const words = fc.string({ maxLength: 40 }).map((text) => text.replaceAll('\0', '').trim());
const forms = fc.record({
  name: words.filter((text) => text !== '' && hasShape(text)),
  birthMonth: fc.option(fc.constantFrom('2018-05', '1990-12')),
  curve: fc.option(fc.constantFrom('girl' as const, 'boy' as const, 'both' as const)),
  family: fc.constantFrom(...FAMILIES),
  group: words,
  notes: words,
  photosAllowed: fc.boolean()
});

describe('players as CSV', () => {
  it('come back as they went out', () => {
    fc.assert(
      fc.property(fc.array(forms, { minLength: 1, maxLength: 8 }), (players) => {
        const read = playersFromCsv(playersToCsv(...stored(players)));
        expect(read).toEqual({ ok: true, players });
      }),
      { numRuns: 500 }
    );
  });

  it.each(['=1+1', '+49', '-x', '@home', "'=kept", ';=1+1'])('make %j harmless and read it back', (name) => {
    const text = playersToCsv(...stored([form({ name })]));
    expect(text.split('\r\n')[1]).toMatch(/^"?'/);
    const read = playersFromCsv(text);
    expect(read.ok && read.players[0]?.name).toBe(name);
  });

  it('are read with semicolons, other headings and the encoding of old spreadsheets', () => {
    const bytes = Uint8Array.from('Pupil;Class;Instrument\r\nZoë Müller;Thursday;Cello', (letter) =>
      letter.charCodeAt(0)
    );
    const read = playersFromCsv(decodeText(bytes.buffer));
    expect(read).toMatchObject({
      ok: true,
      players: [{ name: 'Zoë Müller', group: 'Thursday', family: 'cello', birthMonth: null }]
    });
  });

  it('name the row of every problem and take none', () => {
    expect(
      problemsOf('Name,Instrument,Birth month\nA,violin,2018-05\n,violin,\nC,tuba,\nD,violin,May')
    ).toEqual([
      'Row 3. Give a name, initials or a number.',
      'Row 4. The family is one of violin, viola, cello, bass.',
      'Row 5. Write the birth month as year-month, such as 2018-05.'
    ]);
    expect(problemsOf('')).toEqual(['The file is empty.']);
    expect(problemsOf('Instrument\nviolin')).toEqual(['Row 2. Give a name, initials or a number.']);
    expect(problemsOf('Name')).toEqual(['There are no players below the headings.']);
    expect(problemsOf('Name,Group\na,b,c')).toEqual(['Row 2. More values than headings.']);
    expect(problemsOf('Name\n"open')[0]).toContain('quotation mark');
    expect(problemsOf('Name,Photos allowed\na,perhaps')[0]).toMatch(/^Row 2\./);
    // Blank rows count as a spreadsheet counts them.
    expect(problemsOf('Name,Instrument\nA,violin\n\n , \nC,tuba')[0]).toMatch(/^Row 5\./);
    expect(problemsOf('Name\n\u200b\u2060')).toEqual(['Row 2. Give a name that can be seen.']);
    expect(problemsOf(`Name\n${'a\n'.repeat(MAX_ROWS + 1)}`)[0]).toContain(`at most ${MAX_ROWS}`);
  });

  it('take each meaning once, and what a teacher says of a column', () => {
    expect(matchColumns(['Name', 'Pupil', 'Class', 'Shoe'], [])).toEqual(['name', null, 'group', null]);
    const read = readTable('Who;Born\nA;2018-05');
    if (!read.ok) throw new Error(read.problem);
    expect(
      playersOf(read.table, ['name', 'birthMonth'], { family: 'cello', dayOrder: 'day-first' }).players
    ).toMatchObject([{ name: 'A', birthMonth: '2018-05', family: 'cello' }]);
  });

  it('are read in UTF-16 by its mark, and a file of something else is named as such', () => {
    const utf16 = new Uint8Array([0xff, 0xfe, ...[...'Name\nZoë'].flatMap((c) => [c.charCodeAt(0), 0])]);
    expect(playersFromCsv(decodeText(utf16.buffer))).toMatchObject({ ok: true, players: [{ name: 'Zoë' }] });
    expect(problemsOf('PK\0\0Name')[0]).toContain('not a text file');
    expect(problemsOf(`Name\n${'a\n'.repeat(50_000)}`)[0]).toContain('The file has 50000 rows');
  });

  it('never throw, however broken the file', () => {
    const line = fc.string({ unit: fc.constantFrom(...'Name,;"\n\r\t=@-+\0é1 '), maxLength: 120 });
    fc.assert(
      fc.property(
        fc.oneof(
          line,
          line.map((text) => `Name,Group\n${text}`),
          fc.string()
        ),
        (text) => {
          const read = playersFromCsv(text);
          expect(read.ok ? read.players.length : read.problems.length).toBeGreaterThan(0);
        }
      ),
      { numRuns: 2000 }
    );
  });
});

describe('a list as a school keeps it', () => {
  it.each([
    ['2018-05', '2018-05'],
    ['2018-05-14', '2018-05'],
    ['2018-05-14T00:00:00', '2018-05'],
    ['14.05.2018', '2018-05'],
    ['14/5/18', '2018-05'],
    ['5/14/2018', '2018-05'],
    ['3/4/2018', '2018-04'],
    ['5/2018', '2018-05'],
    ['14 May 2018', '2018-05'],
    ['May 14, 2018', '2018-05'],
    ['14. März 2018', '2018-03'],
    ['13/13/2018', null],
    ['14.05.', null],
    ['soon', null]
  ])('reads the birth month of %j as %j', (text, month) => {
    expect(birthMonthOf(text, 'day-first')).toBe(month);
  });

  it('sees by the other dates which number is the day, and asks where none tells', () => {
    expect(birthMonthOf('3/4/2018', 'month-first')).toBe('2018-03');
    expect(dayOrderOf(['3/4/2018', '14/4/2018'])).toBe('day-first');
    expect(dayOrderOf(['3/4/2018', '4/14/2018'])).toBe('month-first');
    expect(dayOrderOf(['3/4/2018', '3/3/2018'])).toBeNull();
    const of = (dates: string) => {
      const read = readTable(`Name,Born\n${dates}`);
      if (!read.ok) throw new Error(read.problem);
      return playersOf(read.table, ['name', 'birthMonth'], { family: 'violin', dayOrder: 'month-first' });
    };
    expect(of('A,3/4/2018')).toMatchObject({ unclearDate: '3/4/2018', players: [{ birthMonth: '2018-03' }] });
    expect(of('A,3/4/2018\nB,14/4/2018')).toMatchObject({
      unclearDate: null,
      players: [{ birthMonth: '2018-04' }, {}]
    });
    expect(of('A,3/3/2018').unclearDate).toBeNull();
  });

  it('knows instruments and growth curves by what schools call them', () => {
    expect(
      ['Vln', 'Violin 1/2', 'violoncello', 'Double Bass', 'Bratsche', 'Violinist', 'Trumpet'].map(familyOf)
    ).toEqual(['violin', 'violin', 'cello', 'bass', 'viola', null, null]);
    expect(['F', 'male', 'w', 'other'].map(curveOf)).toEqual(['girl', 'boy', 'girl', null]);
  });

  it('guesses columns by their values before their headings', () => {
    const match = (text: string) => {
      const read = readTable(text);
      return read.ok ? matchColumns(read.table.headings, read.table.rows) : [];
    };
    expect(match('First,Family,DOB,Group\nAda,Example,14.05.2018,Owls\nBo,Sample,01.02.2019,Owls')).toEqual([
      'firstName',
      'familyName',
      'birthMonth',
      'group'
    ]);
    expect(match('Name,Family\nA,cello\nB,violin')).toEqual(['name', 'family']);
    expect(match('Wer,Wann,Was\nA,14.05.2018,Geige\nB,01.02.2019,Cello')).toEqual([
      'name',
      'birthMonth',
      'family'
    ]);
    const read = playersFromCsv('Given name,Surname,Date of birth\nAda,Example,14.05.2018');
    expect(read).toMatchObject({ ok: true, players: [{ name: 'Ada Example', birthMonth: '2018-05' }] });
  });

  it('says each kind of fault once, with its count and rows', () => {
    expect(problemsOf(`Name,Instrument\n${'A,tuba\n'.repeat(11)}B,violin\n,viola`)).toEqual([
      '11 rows: 2, 3, 4, 5, 6, 7, 8, 9 and 3 more. The family is one of violin, viola, cello, bass.',
      'Row 14. Give a name, initials or a number.'
    ]);
  });
});

describe('how a file separates its columns', () => {
  it.each([
    ['semicolons in a short list', 'Wer;Instrument\nZoë;cello\nB;kazoo\n', ['Wer', 'Instrument']],
    ['tabs', 'Name\tInstrument\nZoë\tcello\n', ['Name', 'Instrument']],
    ['commas inside of cells', 'Name;Notes\nZoë;"small, quick"\n', ['Name', 'Notes']],
    ['nothing, in a list of names', 'Name\nZoë\nBea\n', ['Name']]
  ])('is seen: %s', (_, text, headings) => {
    const read = readTable(text);
    expect(read.ok && read.table.headings).toEqual(headings);
  });
});
