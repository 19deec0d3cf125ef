import { renderHook, act } from '@testing-library/react';
import { writeStored } from '../api/stored';
import { bandText, forceText, useForceUnit } from './force';

test('a force is told in the unit chosen, the store keeps newtons', () => {
  expect(forceText(4.5, 'N')).toBe('4.5 N');
  expect(forceText(4.4482216152605, 'lbf')).toBe('1 lb');
  expect(forceText(9.80665, 'gf')).toBe('1000 gf');
  expect(bandText([2, 4], 'ozf')).toBe('7–14 oz');
});

test('the choice is kept, and what is no unit any more is newtons', () => {
  const { result } = renderHook(useForceUnit);
  expect(result.current[0]).toBe('N');
  act(() => result.current[1]('gf'));
  expect(renderHook(useForceUnit).result.current[0]).toBe('gf');
  writeStored('force unit', 'stones');
  expect(renderHook(useForceUnit).result.current[0]).toBe('N');
});
