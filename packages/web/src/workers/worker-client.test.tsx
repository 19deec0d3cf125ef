import { act, renderHook, waitFor } from '@testing-library/react';
import { expose, type Remote } from 'comlink';
import { useWorkerQuery } from './use-worker-query';
import { WorkerClient, WorkerFailure } from './worker-client';

interface Api {
  readonly half: (value: number) => number | Promise<number>;
}

/** What a message from the other end arrives at, a moment after it was sent. */
class End extends EventTarget {
  other: EventTarget | null = null;

  postMessage(message: unknown): void {
    queueMicrotask(() => this.other?.dispatchEvent(new MessageEvent('message', { data: message })));
  }
}

/** A worker in the page: it answers by message, and can be made to die. */
class FakeWorker extends End {
  static readonly all: FakeWorker[] = [];
  terminated = false;

  constructor(api: Api) {
    super();
    FakeWorker.all.push(this);
    const inside = new End();
    this.other = inside;
    inside.other = this;
    expose(api, inside);
  }

  terminate(): void {
    this.terminated = true;
    this.other = null;
  }

  die(): void {
    this.dispatchEvent(new Event('error', { cancelable: true }));
  }
}

const asWorker = (worker: FakeWorker): Worker => worker as unknown as Worker;
const half: Api = { half: (value) => value / 2 };
/** Answers when it is let. */
const slow = () => {
  const waiting: (() => void)[] = [];
  const asked: number[] = [];
  const api: Api = {
    half: (value) => {
      asked.push(value);
      return new Promise((resolve) => waiting.push(() => resolve(value / 2)));
    },
  };
  return { api, asked, next: () => waiting.shift()?.() };
};
const ask = (remote: Remote<Api>, value: number): Promise<number> => remote.half(value);

afterEach(() => {
  for (const worker of FakeWorker.all.splice(0)) worker.terminate();
});

describe('a worker client', () => {
  test('answers, and after a death answers from a new worker', async () => {
    const client = new WorkerClient<Api>(() => asWorker(new FakeWorker(half)));
    expect(await client.run((remote) => ask(remote, 8))).toBe(4);
    const { api } = slow();
    const dying = new WorkerClient<Api>(() =>
      asWorker(new FakeWorker(FakeWorker.all.length === 1 ? api : half)),
    );
    const asked = dying.run((remote) => ask(remote, 6));
    FakeWorker.all.at(-1)!.die();
    await expect(asked).rejects.toBeInstanceOf(WorkerFailure);
    expect(FakeWorker.all.at(-1)!.terminated).toBe(true);
    expect(await dying.run((remote) => ask(remote, 6))).toBe(3);
  });

  test('does not wait for ever', async () => {
    const client = new WorkerClient<Api>(() => asWorker(new FakeWorker(slow().api)), 20);
    await expect(client.run((remote) => ask(remote, 1))).rejects.toThrow('took too long');
  });
});

describe('a question asked while one is being answered', () => {
  test('waits, and of several that wait only the newest is asked', async () => {
    const { api, asked, next } = slow();
    const create = (): Worker => asWorker(new FakeWorker(api));
    const { result, rerender } = renderHook(
      ({ input }) => useWorkerQuery<Api, number, number>(create, ask, input),
      { initialProps: { input: 2 } },
    );
    // The same functions every time, as constants of a module are.
    await waitFor(() => expect(asked).toEqual([2]));
    for (const input of [4, 6, 8]) rerender({ input });
    act(() => next());
    await waitFor(() => expect(asked).toEqual([2, 8]));
    await waitFor(() => expect(result.current).toMatchObject({ answer: 1, of: 2 }));
    act(() => next());
    await waitFor(() => expect(result.current).toMatchObject({ answer: 4, of: 8 }));
  });

  test('whose worker died says so and answers at the next try', async () => {
    const { api, asked } = slow();
    const create = (): Worker => asWorker(new FakeWorker(FakeWorker.all.length === 0 ? api : half));
    const { result } = renderHook(() => useWorkerQuery<Api, number, number>(create, ask, 10));
    await waitFor(() => expect(asked).toEqual([10]));
    act(() => FakeWorker.all[0]!.die());
    await waitFor(() => expect(result.current.error).toContain('stopped unexpectedly'));
    act(() => result.current.retry());
    await waitFor(() => expect(result.current).toMatchObject({ answer: 5, error: null }));
  });
});
