import { act, renderHook } from '@testing-library/react';
import { dropStored, isStorageFull, readStored, useStored, writeStored } from './stored';

beforeEach(() => localStorage.clear());

describe('a value kept on this device', () => {
  test('is never seen under another name, not even for one picture', () => {
    writeStored('plan choices 1', 'of the first blade');
    const seen: string[] = [];
    const { result, rerender } = renderHook(
      ({ name }) => {
        const held = useStored<string>(name, 'nothing');
        seen.push(`${name}: ${held[0]}`);
        return held;
      },
      { initialProps: { name: 'plan choices 1' } },
    );
    rerender({ name: 'plan choices 2' });
    expect(result.current[0]).toBe('nothing');
    expect(seen).not.toContain('plan choices 2: of the first blade');
    act(() => result.current[1]('of the second blade'));
    expect(result.current[0]).toBe('of the second blade');
    rerender({ name: 'plan choices 1' });
    expect(result.current[0]).toBe('of the first blade');
    expect(readStored('plan choices 2')).toBe('of the second blade');
  });
});

test('typing that is taken back leaves nothing on the device', () => {
  const { result } = renderHook(() => useStored('reason 7', ''));
  act(() => result.current[1]('as last time'));
  expect(readStored('reason 7')).toBe('as last time');
  act(() => result.current[1](''));
  expect(readStored('reason 7')).toBeNull();
  expect(result.current[0]).toBe('');
});

describe('a device without room', () => {
  test('keeps the value in the page, and says so', () => {
    writeStored('work 7', { strokes: 3 });
    const full = jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    expect(writeStored('work 7', { strokes: 4 })).toBe(false);
    expect(isStorageFull()).toBe(true);
    // Not what was stored before there was no room.
    expect(readStored('work 7')).toEqual({ strokes: 4 });
    full.mockRestore();
    expect(writeStored('work 7', { strokes: 5 })).toBe(true);
    expect(isStorageFull()).toBe(false);
    dropStored('work 7');
    expect(readStored('work 7')).toBeNull();
  });
});
