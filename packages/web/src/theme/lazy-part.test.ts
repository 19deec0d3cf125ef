import { patiently } from './lazy-part';

const gone = new TypeError('Failed to fetch dynamically imported module: /assets/next.js');

describe('a part fetched when it is shown', () => {
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => {
    jest.useRealTimers();
    jest.restoreAllMocks();
  });

  const serverIs = (states: readonly ('away' | 'there')[]): jest.Mock => {
    const left = [...states];
    const ask = jest.fn(() =>
      (left.length > 1 ? left.shift() : left[0]) === 'there'
        ? Promise.resolve({ ok: true })
        : Promise.reject(new TypeError('Failed to fetch')),
    );
    Object.assign(globalThis, { fetch: ask });
    return ask;
  };

  test('is waited for while the server is away', async () => {
    serverIs(['away', 'away', 'away', 'there']);
    const load = jest
      .fn<Promise<string>, []>()
      .mockRejectedValueOnce(gone)
      .mockRejectedValueOnce(gone)
      .mockRejectedValueOnce(gone)
      .mockResolvedValue('the part');
    const found = patiently(load);
    await jest.advanceTimersByTimeAsync(20_000);
    expect(await found).toBe('the part');
  });

  test('that a server there has no more is told', async () => {
    serverIs(['there']);
    const load = jest.fn<Promise<string>, []>().mockRejectedValue(gone);
    const found = expect(patiently(load)).rejects.toBe(gone);
    await jest.advanceTimersByTimeAsync(20_000);
    await found;
    expect(load).toHaveBeenCalledTimes(2);
  });

  test('is loaded at once, and nobody else asked, where it is there', async () => {
    const ask = serverIs(['there']);
    expect(await patiently(() => Promise.resolve(7))).toBe(7);
    expect(ask).not.toHaveBeenCalled();
  });
});
