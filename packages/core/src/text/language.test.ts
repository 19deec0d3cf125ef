import { localized, named, stringsOf, type Language, type AreaStrings } from './language';

const BACKWARDS: Language = {
  file: 'backwards',
  strings: (area): AreaStrings =>
    area === 'rack' ? { add: 'Tilføj', of: (count: number) => `${count} sten` } : {},
  name: (english) => [...english].reverse().join(''),
};

afterEach(() => {
  globalThis.patientEdgeLanguage = undefined;
});

const english = { add: 'Add', of: (count: number) => `${count} stones`, left: 'Left out' };

test('without a language English stands, and a table is the table itself', () => {
  expect(stringsOf('rack', english)).toEqual(english);
  expect(named('on the bench')).toBe('on the bench');
  const table = [{ id: 'bone', label: 'Bone' }];
  expect(localized(table, 'label')).toBe(table);
});

describe('with a language', () => {
  beforeEach(() => {
    globalThis.patientEdgeLanguage = BACKWARDS;
  });

  test('its words lie over English, which stands where it has none', () => {
    const words = stringsOf('rack', english);
    expect([words.add, words.of(3), words.left]).toEqual(['Tilføj', '3 sten', 'Left out']);
    expect(stringsOf('bench', english).add).toBe('Add');
  });

  test('a word of the record is called as it calls it; what is missing stays missing', () => {
    expect(named('heel')).toBe('leeh');
    expect(named(null)).toBeNull();
  });

  test('of a table only the columns named are words, however deep; codes and functions stay', () => {
    const of = (): string => 'kept';
    const table = [{ id: 'angle', label: 'Angle', schools: [{ id: 'keep', label: 'Keep' }], of }];
    expect(localized(table, 'label')).toEqual([
      { id: 'angle', label: 'elgnA', schools: [{ id: 'keep', label: 'peeK' }], of },
    ]);
    expect(localized({ chip: 'Chip' })).toEqual({ chip: 'pihC' });
  });
});
