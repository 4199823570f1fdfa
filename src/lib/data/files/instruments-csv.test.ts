import { describe, expect, it } from 'vitest';
import { readTable } from './csv';
import { freshNumbers, instrumentsOf, instrumentsToCsv } from './instruments-csv';

function read(text: string) {
  const table = readTable(text);
  if (!table.ok) throw new Error(table.problem);
  return instrumentsOf(table.table);
}

describe('a list of instruments', () => {
  it('is read as schools write it', () => {
    const found = read(
      'Nr.;Instrument;Größe;Länge;Mensur;Zustand;Bemerkung\n' +
        '12;Geige;¼;48,5;;;neu besaitet\n13;Cello;half;1005;58,2 cm;workshop;\n14;Vla;14";;;ok;'
    );
    expect(found?.problems).toEqual([]);
    expect(found?.instruments).toEqual([
      { number: '12', family: 'violin', size: '1/4', overallMm: 485, stringMm: null, notes: 'neu besaitet' },
      {
        number: '13',
        family: 'cello',
        size: '1/2',
        overallMm: 1005,
        stringMm: 582,
        notes: '',
        state: 'workshop'
      },
      { number: '14', family: 'viola', size: '14 in', overallMm: null, stringMm: null, notes: '' }
    ]);
  });

  it('says of each row what is wrong, and takes the others', () => {
    const found = read(
      'Number,Instrument,Size,Overall mm\n,violin,1/4,\n2,tuba,1/4,\n3,cello,5/8,\n4,bass,1/2,9999\n5,bass,3/4,'
    );
    expect(found?.instruments.map(({ number }) => number)).toEqual(['5']);
    expect(found?.problems.map(({ number, text }) => [number, text])).toEqual([
      [2, 'The number is missing.'],
      [3, 'The instrument is violin, viola, cello or bass.'],
      [4, '“5/8” is no size of a cello.'],
      [5, '“9999” is no overall length.']
    ]);
  });

  it('without a number or a size is none', () => {
    expect(read('Name,Instrument\nIda,violin\n')).toBeNull();
  });

  it('comes back from its own file as it was, also where a spreadsheet would calculate', () => {
    const found = read(
      'Number,Instrument,Size,Overall mm,String mm,State,Stays in the room,Notes\n=1,bass,3/4,1810,,to-mend,yes,"-a, ""b"""\n'
    );
    const all = (found?.instruments ?? []).map((one) => ({ ...one, id: 'x', demo: false }));
    expect(all).toHaveLength(1);
    expect(read(instrumentsToCsv(all))?.instruments).toEqual(found?.instruments);
    expect(all[0]).toMatchObject({ shared: true, state: 'to-mend' });
  });

  it('knows the tapes that are on it and when each came off, and refuses what are none', () => {
    const found = read(
      'Number,Instrument,Size,Tapes\n1,violin,1/4,5: 2026-09-03; 2: 2026-09-03 to 2026-11-01\n'
    );
    expect(found?.instruments[0]?.tapes).toEqual([
      { semitones: 2, since: '2026-09-03', off: '2026-11-01' },
      { semitones: 5, since: '2026-09-03', off: null }
    ]);
    const all = (found?.instruments ?? []).map((one) => ({ ...one, id: 'x', demo: false }));
    expect(read(instrumentsToCsv(all))?.instruments).toEqual(found?.instruments);
    for (const wrong of ['three', '2', '0: 2026-09-03', '2: 2026-02-31', '2: 2026-09-03; 2: 2026-09-04'])
      expect([wrong, read(`Number,Instrument,Size,Tapes\n1,violin,1/4,${wrong}\n`)?.problems]).toEqual([
        wrong,
        [expect.objectContaining({ text: expect.stringContaining('no tapes') })]
      ]);
  });

  it('keeps what else is known: ribs, pin and notches in mm or cm, bow, rest and place', () => {
    const found = read(
      'Number,Instrument,Size,Rib mm,Pin mm,Notches mm,Bow,Rest,Place\n1,cello,1/2,101,"26,5 cm",140 100,bow 3,strap,room 2\n2,cello,1/2,x,,,,,\n3,cello,1/2,,,ten,,,'
    );
    expect(found?.instruments[0]).toMatchObject({
      ribMm: 101,
      pinMaxMm: 265,
      notchesMm: [100, 140],
      bow: 'bow 3',
      rest: 'strap',
      place: 'room 2'
    });
    expect(found?.problems.map(({ text }) => text)).toEqual([
      '“x” is no height of a rib.',
      '“ten” are no notches.'
    ]);
    const all = (found?.instruments ?? []).map((one) => ({ ...one, id: 'x', demo: false }));
    expect(read(instrumentsToCsv(all))?.instruments).toEqual(found?.instruments);
  });

  it('brings no number twice', () => {
    const coming = ['1', '2', '2', '3'].map((number) => ({ form: { number } }));
    expect(freshNumbers(coming, [{ number: '3' }]).map(({ form }) => form.number)).toEqual(['1', '2']);
  });
});
