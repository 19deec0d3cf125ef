import { money, moneyRange, toMinor, typedMoney } from './money';

test('money is written in its own minor unit', () => {
  expect(money(1205, 'EUR')).toBe('EUR\u00a012.05');
  expect(money(1200, 'JPY')).toBe('JPY\u00a01,200');
  expect(moneyRange(1200, 1850, 'EUR')).toBe('EUR\u00a012.00 to EUR\u00a018.50');
  expect(moneyRange(1200, 1200, 'EUR')).toBe('EUR\u00a012.00');
});

test('what is typed and what is kept are the same amount', () => {
  for (const [typed, currency] of [
    ['12.05', 'EUR'],
    ['1200', 'JPY'],
    ['0.29', 'USD'],
  ] as const) {
    expect(typedMoney(toMinor(Number(typed), currency), currency)).toBe(typed);
  }
});
