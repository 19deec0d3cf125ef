/**
 * A worker that may fail. A bare proxy never answers when its worker dies or its file does not come; here every
 * question is answered or refused, and the one after a failure gets a new worker.
 */
import { releaseProxy, wrap, type Remote } from 'comlink';

/** The worker ended, could not be loaded, or took longer than anybody waits. */
export class WorkerFailure extends Error {}

/** Longer than any question of this application takes. */
const LONGEST_MS = 120_000;

interface Running<Api> {
  readonly thread: Worker;
  readonly remote: Remote<Api>;
  /** Rejects when the worker fails; never resolves. */
  readonly failed: Promise<never>;
}

export class WorkerClient<Api extends object> {
  private running: Running<Api> | null = null;

  constructor(
    private readonly create: () => Worker,
    private readonly longestMs: number = LONGEST_MS,
  ) {}

  /** The answer of a question. Rejects with `WorkerFailure`, or with what the question itself threw. */
  async run<Answer>(ask: (remote: Remote<Api>) => Promise<Answer>): Promise<Answer> {
    const running = (this.running ??= this.start());
    let timer: ReturnType<typeof setTimeout> | undefined;
    const tooLong = new Promise<never>((_resolve, reject) => {
      timer = setTimeout(
        () => reject(new WorkerFailure('The calculation took too long')),
        this.longestMs,
      );
    });
    try {
      return await Promise.race([ask(running.remote), running.failed, tooLong]);
    } catch (error) {
      // Whatever state it is in: the next question begins afresh.
      if (error instanceof WorkerFailure && this.running === running) this.close();
      throw error;
    } finally {
      clearTimeout(timer);
    }
  }

  /** Ends the worker, also in the middle of an answer. */
  close(): void {
    if (!this.running) return;
    const { thread, remote } = this.running;
    this.running = null;
    remote[releaseProxy]();
    thread.terminate();
  }

  private start(): Running<Api> {
    const thread = this.create();
    const failed = new Promise<never>((_resolve, reject) => {
      const fail = (event: Event): void => {
        // Feedback where the question was asked, and not to the console as nobody's error.
        event.preventDefault();
        reject(new WorkerFailure('The calculation stopped unexpectedly'));
      };
      thread.addEventListener('error', fail);
      thread.addEventListener('messageerror', fail);
    });
    // A worker that fails while nobody asks is noticed by whoever asks next.
    failed.catch(() => undefined);
    return { thread, remote: wrap<Api>(thread), failed };
  }
}
