import { USUAL_FORMATS } from '@patient-edge/contract';
import { bandText, forceText, forceUnit } from './force';
import { setFormats } from './formats';

test('a force is told in the unit chosen, the store keeps newtons', () => {
  expect(forceText(4.5, 'N')).toBe('4.5 N');
  expect(forceText(4.4482216152605, 'lbf')).toBe('1 lb');
  expect(forceText(9.80665, 'gf')).toBe('1000 gf');
  expect(bandText([2, 4], 'ozf')).toBe('7–14 oz');
});

test('the unit is that of the shop', () => {
  expect(forceUnit()).toBe('N');
  setFormats({ ...USUAL_FORMATS, force: 'gf' });
  expect(forceUnit()).toBe('gf');
  setFormats(USUAL_FORMATS);
});
