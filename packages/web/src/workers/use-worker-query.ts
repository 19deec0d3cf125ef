/** An answer computed in a worker, away from the page, so that typing and sliding never wait. */
import type { Remote } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import { messageOf } from '../api/client';
import { WorkerClient } from './worker-client';

export interface WorkerQuery<Input, Answer> {
  /** The newest answer; the one before stands until it is there, null before the first. */
  readonly answer: Answer | null;
  /** The question it answers. */
  readonly of: Input | null;
  /** Why the newest question has no answer. */
  readonly error: string | null;
  readonly retry: () => void;
}

interface Held<Input, Answer> {
  readonly answer: Answer | null;
  readonly of: Input | null;
  readonly error: string | null;
}

/** Asks one question at a time; while it is answered only the newest of those that came meanwhile is kept. */
class Asker<Api extends object, Input, Answer> {
  private readonly client: WorkerClient<Api>;
  private next: { readonly input: Input } | null = null;
  private busy = false;
  private closed = false;

  constructor(
    create: () => Worker,
    private readonly ask: (remote: Remote<Api>, input: Input) => Promise<Answer>,
    private readonly onAnswer: (input: Input, answer: Answer) => void,
    private readonly onError: (input: Input, message: string) => void,
  ) {
    this.client = new WorkerClient<Api>(create);
  }

  put(input: Input): void {
    this.next = { input };
    if (!this.busy) void this.work();
  }

  close(): void {
    this.closed = true;
    this.next = null;
    this.client.close();
  }

  private async work(): Promise<void> {
    this.busy = true;
    for (let next = this.next; next !== null; next = this.next) {
      this.next = null;
      const { input } = next;
      try {
        const answer = await this.client.run((remote) => this.ask(remote, input));
        if (!this.closed) this.onAnswer(input, answer);
      } catch (error) {
        // A newer question may well be answered.
        if (!this.closed && this.next === null) this.onError(input, messageOf(error));
      }
    }
    this.busy = false;
  }
}

/** `create` and `ask` must be constants of their module; null asks nothing. */
export const useWorkerQuery = <Api extends object, Input, Answer>(
  create: () => Worker,
  ask: (remote: Remote<Api>, input: Input) => Promise<Answer>,
  input: Input | null,
): WorkerQuery<Input, Answer> => {
  const [held, setHeld] = useState<Held<Input, Answer>>({ answer: null, of: null, error: null });
  const asker = useRef<Asker<Api, Input, Answer> | null>(null);

  useEffect(() => {
    const opened = new Asker<Api, Input, Answer>(
      create,
      ask,
      (of, answer) => setHeld({ answer, of, error: null }),
      (_of, error) => setHeld((before) => ({ ...before, error })),
    );
    asker.current = opened;
    return () => {
      asker.current = null;
      opened.close();
    };
  }, [create, ask]);

  useEffect(() => {
    if (input !== null) asker.current?.put(input);
  }, [create, ask, input]);

  const retry = useCallback(() => {
    if (input === null) return;
    setHeld((before) => ({ ...before, error: null }));
    asker.current?.put(input);
  }, [input]);

  return { ...held, retry };
};
