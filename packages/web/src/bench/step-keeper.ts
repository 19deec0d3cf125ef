/**
 * Keeps the work of one step as it happens: first on this device, then at the server. A reload, a lost
 * connection or a killed server loses nothing; what was counted at two places is merged by the larger count.
 */
import type { StepRecord, WorkBody } from '@patient-edge/contract';
import {
  isForgotten,
  mergeNotes,
  NO_NOTES,
  runningSeconds,
  workReducer,
  ZONES,
  type BladeSide,
  type BurrCheck,
  type StepWork,
  type WorkAction,
} from '@patient-edge/core';
import { ApiFailure, isOffline } from '../api/client';

export interface Kept {
  readonly work: StepWork;
  readonly revision: number;
  /** Counted here and not yet at the server. */
  readonly unsent: boolean;
}

export interface KeeperPorts {
  readonly read: () => Kept | null;
  /** False when the device has no room: then only the server keeps it. */
  readonly write: (kept: Kept) => boolean;
  readonly drop: () => void;
  readonly send: (body: WorkBody) => Promise<StepRecord>;
  /** The step as the server has it now. */
  readonly fetch: () => Promise<StepRecord>;
  readonly later: (work: () => void, ms: number) => void;
  readonly nowMs: () => number;
}

/** As the last try went: that one is under way is nobody's business. */
export type KeeperStatus = 'kept' | 'waiting for a connection' | 'refused';

export interface KeeperSnapshot {
  readonly work: StepWork;
  readonly status: KeeperStatus;
  readonly canUndo: boolean;
  readonly problem: string | null;
}

const SEND_AFTER_MS = 700;
const RETRY_AFTER_MS = 2000;
const UNDO_DEPTH = 60;

/** The work of a record by the clock of this device: what crosses the wire is elapsed time. */
const workOf = (record: StepRecord, nowMs: number): StepWork => ({
  strokesRight: record.strokesRight,
  strokesLeft: record.strokesLeft,
  workedSeconds: record.workedSeconds,
  runningSinceMs: record.runningSeconds === null ? null : nowMs - record.runningSeconds * 1000,
  burr: record.burr,
  notes: record.notes,
});

const bodyOf = (work: StepWork, revision: number, nowMs: number): WorkBody => ({
  revision,
  strokesRight: work.strokesRight,
  strokesLeft: work.strokesLeft,
  workedSeconds: work.workedSeconds,
  runningSeconds: runningSeconds(work, nowMs),
  burr: work.burr,
  notes: work.notes,
});

const mergeBurr = (theirs: BurrCheck, ours: BurrCheck): BurrCheck => ({
  right: { ...theirs.right, ...ours.right },
  left: { ...theirs.left, ...ours.left },
});

/** Nothing counted is lost: the larger count, the longer time, and our own latest findings. */
export const mergeWork = (theirs: StepWork, ours: StepWork): StepWork => ({
  strokesRight: Math.max(theirs.strokesRight, ours.strokesRight),
  strokesLeft: Math.max(theirs.strokesLeft, ours.strokesLeft),
  workedSeconds: Math.max(theirs.workedSeconds, ours.workedSeconds),
  runningSinceMs: ours.runningSinceMs,
  burr: mergeBurr(theirs.burr, ours.burr),
  notes: mergeNotes(theirs.notes, ours.notes),
});

/** What was found at another place since: its strokes and time on top, its findings over the older ones. */
const carriedOver = (work: StepWork, before: StepWork, after: StepWork): StepWork => ({
  ...work,
  strokesRight: work.strokesRight + after.strokesRight - before.strokesRight,
  strokesLeft: work.strokesLeft + after.strokesLeft - before.strokesLeft,
  workedSeconds: work.workedSeconds + after.workedSeconds - before.workedSeconds,
  burr: mergeBurr(work.burr, {
    right: changedFindings(before.burr.right, after.burr.right),
    left: changedFindings(before.burr.left, after.burr.left),
  }),
  notes: mergeNotes(after.notes, work.notes),
});

const changedFindings = (
  before: BurrCheck[BladeSide],
  after: BurrCheck[BladeSide],
): BurrCheck[BladeSide] =>
  Object.fromEntries(
    ZONES.flatMap((zone) => (after[zone] === before[zone] ? [] : [[zone, after[zone]]])),
  );

export class StepKeeper {
  private kept: Kept;
  private status: KeeperStatus = 'kept';
  private problem: string | null = null;
  /** Why the last try did not go through. */
  private failure = new Error('The work could not be sent yet. It is kept on this device.');
  private past: StepWork[] = [];
  private planned = false;
  private isClosed = false;
  private sending: Promise<void> | null = null;
  private readonly listeners = new Set<() => void>();
  private latest: KeeperSnapshot;

  constructor(
    record: StepRecord,
    private readonly ports: KeeperPorts,
  ) {
    const kept = ports.read();
    // Kept by a page from before anything was noted beside strokes.
    const stored = kept && {
      ...kept,
      work: { ...kept.work, notes: { ...NO_NOTES, ...kept.work.notes } },
    };
    this.kept = stored?.unsent
      ? {
          work:
            stored.revision === record.revision
              ? stored.work
              : mergeWork(this.workOf(record), stored.work),
          revision: record.revision,
          unsent: true,
        }
      : { work: this.workOf(record), revision: record.revision, unsent: false };
    this.latest = this.snapshotNow();
  }

  /** Sends what was left unsent by an earlier page; called once the page stands. */
  start(): void {
    if (this.kept.unsent) this.plan(0);
  }

  /** What the server has by now: worked at another place, it is taken over here too. */
  see(record: StepRecord): void {
    // An answer under way tells the same, and more.
    if (this.sending !== null || record.revision <= this.kept.revision) return;
    if (record.status !== 'to do') return;
    const { unsent } = this.kept;
    this.takeOver(
      record,
      unsent ? mergeWork(this.workOf(record), this.kept.work) : this.workOf(record),
      unsent,
    );
    if (unsent) this.plan(0);
    this.tell();
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  readonly snapshot = (): KeeperSnapshot => this.latest;

  dispatch(action: WorkAction): void {
    this.past = [...this.past, this.kept.work].slice(-UNDO_DEPTH);
    this.change(workReducer(this.kept.work, action));
  }

  /** Counts strokes; the first one starts the clock. */
  stroke(side: BladeSide, count: number): void {
    if (this.kept.work.runningSinceMs === null) {
      this.change(workReducer(this.kept.work, { type: 'start', atMs: this.ports.nowMs() }));
    }
    this.dispatch({ type: 'stroke', side, count });
  }

  /** Whether the clock has run longer than anybody works without stopping. */
  isForgotten(): boolean {
    return isForgotten(runningSeconds(this.kept.work, this.ports.nowMs()));
  }

  toggleClock(): void {
    // How long it was is asked first.
    if (this.isForgotten()) return;
    const running = this.kept.work.runningSinceMs !== null;
    this.dispatch({ type: running ? 'pause' : 'start', atMs: this.ports.nowMs() });
  }

  /** Stops the clock, or lets it run on, whatever it does now. */
  setRunning(isRunning: boolean): void {
    if ((this.kept.work.runningSinceMs !== null) !== isRunning) this.toggleClock();
  }

  /** How long was worked while the clock was forgotten; it stands then. */
  worked(seconds: number): void {
    this.dispatch({ type: 'worked', seconds });
  }

  /** Takes the last action back; a timer that ran meanwhile keeps its time. */
  undo(): void {
    const before = this.past.pop();
    if (before) this.change(before);
  }

  /** Sends what is unsent and waits for it; throws when it cannot be sent. */
  async flush(): Promise<void> {
    while (this.kept.unsent) {
      await (this.sending ?? this.send());
      if (this.status === 'waiting for a connection' || this.status === 'refused') {
        throw this.failure;
      }
    }
  }

  /** Like `flush` for a keeper without a page: no later try is left behind. */
  async flushOnce(): Promise<void> {
    try {
      await this.flush();
    } finally {
      this.isClosed = true;
    }
  }

  /** The work as two places have it together; undo then takes back what was done here alone. */
  private takeOver(record: StepRecord, work: StepWork, unsent: boolean): void {
    const before = this.kept.work;
    this.past = this.past.map((past) => carriedOver(past, before, work));
    this.kept = { work, revision: record.revision, unsent };
    if (unsent) this.ports.write(this.kept);
  }

  private change(work: StepWork): void {
    this.kept = { ...this.kept, work, unsent: true };
    const isKeptHere = this.ports.write(this.kept);
    this.tell();
    // Where the device keeps nothing, the server does at once.
    this.plan(isKeptHere ? SEND_AFTER_MS : 0);
  }

  private workOf(record: StepRecord): StepWork {
    return workOf(record, this.ports.nowMs());
  }

  private plan(ms: number): void {
    if (this.planned) return;
    this.planned = true;
    this.ports.later(() => {
      this.planned = false;
      if (this.isClosed) return;
      if (this.kept.unsent && !this.sending) void this.send();
    }, ms);
  }

  private send(): Promise<void> {
    this.sending = this.sendOnce().finally(() => {
      this.sending = null;
    });
    return this.sending;
  }

  private async sendOnce(): Promise<void> {
    const sent = this.kept.work;
    try {
      const record = await this.ports.send(bodyOf(sent, this.kept.revision, this.ports.nowMs()));
      const unsent = this.kept.work !== sent;
      this.kept = { ...this.kept, revision: record.revision, unsent };
      if (unsent) {
        this.ports.write(this.kept);
        this.plan(SEND_AFTER_MS);
      } else this.ports.drop();
      this.setStatus('kept');
    } catch (error) {
      await this.recover(error);
    }
  }

  private async recover(error: unknown): Promise<void> {
    if (error instanceof ApiFailure && error.status === 409) {
      try {
        const record = await this.ports.fetch();
        // Somebody counted meanwhile: together it is sent again. Else it is refused for another reason.
        if (record.status === 'to do' && record.revision !== this.kept.revision) {
          this.takeOver(record, mergeWork(this.workOf(record), this.kept.work), true);
          this.setStatus('kept');
          this.plan(0);
          return;
        }
        // Left elsewhere, or not on the bench any more: no later try would be taken.
        this.failure = error;
        this.setStatus('refused', error.message);
        return;
      } catch (fetchError) {
        return this.recover(fetchError);
      }
    }
    this.failure = error instanceof Error ? error : new Error(String(error));
    this.problem = this.failure.message;
    this.setStatus(isOffline(error) ? 'waiting for a connection' : 'refused', this.problem);
    this.plan(RETRY_AFTER_MS);
  }

  private setStatus(status: KeeperStatus, problem: string | null = null): void {
    this.status = status;
    this.problem = problem;
    this.tell();
  }

  private snapshotNow(): KeeperSnapshot {
    return {
      work: this.kept.work,
      status: this.status,
      canUndo: this.past.length > 0,
      problem: this.problem,
    };
  }

  private tell(): void {
    this.latest = this.snapshotNow();
    for (const listener of this.listeners) listener();
  }
}
