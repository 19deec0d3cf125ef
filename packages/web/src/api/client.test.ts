import { ApiFailure, isOffline, messageOf, request } from './client';
import { dropStored, readStored, writeStored } from './stored';

const answerWith = (status: number, text: string): jest.Mock => {
  const answer = jest.fn(() =>
    Promise.resolve({
      ok: status < 400,
      status,
      headers: { has: () => false },
      text: () => Promise.resolve(text),
    }),
  );
  globalThis.fetch = answer as unknown as typeof fetch;
  return answer;
};

describe('a request', () => {
  test('gives the answer as it came', async () => {
    const asked = answerWith(200, '{"tagNumber":7}');
    expect(await request('GET', '/next-tag')).toEqual({ tagNumber: 7 });
    expect(asked).toHaveBeenCalledWith(
      '/api/next-tag',
      expect.objectContaining({ method: 'GET', credentials: 'same-origin' }),
    );
  });

  test('that is refused throws with code, fields and version', async () => {
    answerWith(
      409,
      '{"error":{"code":"CONFLICT","message":"changed","currentVersion":4,"fields":[{"field":"a","message":"b"}]}}',
    );
    const failure = await request('PUT', '/jobs/1/plan', {}).catch((error: unknown) => error);
    expect(failure).toBeInstanceOf(ApiFailure);
    expect(failure).toMatchObject({
      status: 409,
      code: 'CONFLICT',
      currentVersion: 4,
      fields: [{ field: 'a' }],
    });
    expect(isOffline(failure)).toBe(false);
    expect(messageOf(failure)).toBe('changed');
  });

  test('that reaches nobody says that what was entered is kept', async () => {
    globalThis.fetch = jest.fn(() => Promise.reject(new TypeError('failed to fetch')));
    const failure = await request('POST', '/jobs', {}).catch((error: unknown) => error);
    expect(isOffline(failure)).toBe(true);
    expect(messageOf(failure)).toContain('is kept');
  });

  test('that writes and is pressed twice goes out once, and anew when it is answered', async () => {
    const asked = answerWith(200, '{"id":1}');
    const cut = (measuredDeg: number) => request('POST', '/machines/2/cuts', { measuredDeg });
    expect(await Promise.all([cut(15.5), cut(15.5)])).toEqual([{ id: 1 }, { id: 1 }]);
    expect(asked).toHaveBeenCalledTimes(1);
    await Promise.all([cut(15.5), cut(16)]);
    expect(asked).toHaveBeenCalledTimes(3);
  });

  test('that is refused when it was pressed twice is refused to both, and may be tried again', async () => {
    const asked = answerWith(500, '{"error":{"code":"INTERNAL","message":"not now"}}');
    const both = [request('POST', '/messages', {}), request('POST', '/messages', {})];
    const told = (await Promise.allSettled(both)).map(({ status }) => status);
    expect(told).toEqual(['rejected', 'rejected']);
    await expect(request('POST', '/messages', {})).rejects.toThrow('not now');
    expect(asked).toHaveBeenCalledTimes(2);
  });

  test('that reads is given up when nothing comes, and a write is not: it may have arrived', async () => {
    const late = new AbortController();
    const limit = jest.spyOn(AbortSignal, 'timeout').mockReturnValue(late.signal);
    const asked = jest.fn(
      (_path: string, { signal }: RequestInit) =>
        new Promise((_resolve, reject) =>
          signal?.addEventListener('abort', () => reject(new Error('aborted'))),
        ),
    );
    globalThis.fetch = asked as unknown as typeof fetch;
    const reading = request('GET', '/stones').catch((error: unknown) => error);
    void request('POST', '/stones', {});
    late.abort();
    expect(isOffline(await reading)).toBe(true);
    expect(limit).toHaveBeenCalledWith(20_000);
    expect(asked.mock.calls.map(([, { signal }]) => signal !== undefined)).toEqual([true, false]);
    limit.mockRestore();
  });

  test('answered by something that is not our server counts as no connection', async () => {
    answerWith(502, '<html>gateway</html>');
    expect(isOffline(await request('GET', '/shop').catch((error: unknown) => error))).toBe(true);
  });
});

describe('what is kept on the device', () => {
  test('comes back as it was, and is gone when dropped', () => {
    writeStored('draft', { a: [1, 2] });
    expect(readStored('draft')).toEqual({ a: [1, 2] });
    dropStored('draft');
    expect(readStored('draft')).toBeNull();
  });

  test('that cannot be read is as if it were not there', () => {
    localStorage.setItem('patient-edge broken', '{"half":');
    expect(readStored('broken')).toBeNull();
  });
});
