import { matching, matchOf } from './match';

test('the beginnings of words find a text, case and accents aside', () => {
  expect(matchOf('red br', 'Red brick')).toBe(2);
  expect(matchOf('BRICK', 'Red brick')).toBe(2);
  expect(matchOf('emile', 'Émile Rousse')).toBe(2);
  expect(matchOf('ick', 'Red brick')).toBe(0);
  expect(matchOf('  ', 'Red brick')).toBe(0);
});

test.each(['brik', 'bricck', 'brixk', 'birck', 'rbick'])('%s has one wrong letter', (typed) => {
  expect(matchOf(typed, 'Red brick')).toBe(1);
});

test('two wrong letters, or one in a short word, find nothing', () => {
  expect(matchOf('broxk', 'Red brick')).toBe(0);
  expect(matchOf('rad', 'Red brick')).toBe(0);
});

test('a beginning with a wrong letter finds the longer word', () => {
  expect(matchOf('settngs', 'Settings')).toBe(1);
  expect(matchOf('custon', 'Customers')).toBe(1);
});

test('the right ones come before the near ones', () => {
  expect(matching('plate', ['Plote rack', 'Coarse plate', 'Plate'], (text) => text, 2)).toEqual([
    'Coarse plate',
    'Plate',
  ]);
});
