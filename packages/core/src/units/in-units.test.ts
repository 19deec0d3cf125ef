import fc from 'fast-check';
import { lengthNumber, lengthsIn, measuresIn, millimetresOf } from './in-units';

test('lengths in a sentence are said in inches, as fine as they were', () => {
  const said = (text: string): string => lengthsIn(text, 'in');
  expect(said('Chip, 0.7 mm deep, 60–70 mm from the heel')).toBe(
    'Chip, 0.028 in deep, 2.36–2.76 in from the heel',
  );
  expect(said('a stone of 210 × 70 × 25 mm')).toBe('a stone of 8.27 × 2.76 × 0.98 in');
  expect(said('up to 0.05 mm, or 1 to 2 mm')).toBe('up to 0.0020 in, or 0.04 to 0.08 in');
  expect(said('Edge length, mm')).toBe('Edge length, in');
  expect(said('Belly begins, mm from heel')).toBe('Belly begins, in from heel');
});

test('grit, areas, volumes and words stay what they are', () => {
  for (const text of ['8 µm', '3.2 mm³', '0.04 mm²', 'hammer 3 mmm', '16 swings', 'no length here'])
    expect(lengthsIn(text, 'in')).toBe(text);
  expect(lengthsIn('12 mm', 'mm')).toBe('12 mm');
});

test('what is typed in inches comes back as it was typed', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 400_000 }), (tenThousandths) => {
      const inches = tenThousandths / 10_000;
      const valueMm = millimetresOf(inches, 'in');
      expect(Math.abs(valueMm - inches * 25.4)).toBeLessThan(1e-4);
      expect(Number(lengthNumber(valueMm, 2, 'in'))).toBeCloseTo(inches, 4);
      expect(millimetresOf(inches, 'mm')).toBe(inches);
    }),
  );
});

test('forces and temperatures are said in their units too', () => {
  const said = (text: string, force: 'N' | 'gf' | 'ozf' | 'lbf'): string =>
    measuresIn(text, { length: 'mm', force, temperature: '°F' });
  expect(said('Light is under 5 N, hand-warm 25–40 °C', 'gf')).toBe(
    'Light is under 510 gf, hand-warm 77–104 °F',
  );
  expect(said('10 to 20 N', 'lbf')).toBe('2.2 to 4.5 lb');
  expect(said('From 12 N on', 'ozf')).toBe('From 43 oz on');
  expect(said('N, N, then alternating; 3 Nails', 'gf')).toBe('N, N, then alternating; 3 Nails');
});
