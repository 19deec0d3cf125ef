import type { WorkBody } from '@patient-edge/contract';
import { NO_WORK, NO_NOTES } from '@patient-edge/core';
import { stepOf } from '../../test/steps';
import { ApiFailure } from '../api/client';
import { mergeWork, StepKeeper, type Kept, type KeeperPorts } from './step-keeper';

const record = stepOf;

/** A bench with a server that can be away, a device that remembers, and a clock that stands. */
class Bench {
  stored: Kept | null = null;
  server = record();
  away = false;
  /** The device has no room. */
  full = false;
  /** The blade is not on the bench any more. */
  declined = false;
  now = 50_000;
  sent: WorkBody[] = [];
  waiting: (() => void)[] = [];
  laterMs: number[] = [];

  readonly ports: KeeperPorts = {
    read: () => this.stored,
    write: (kept) => {
      if (this.full) return false;
      this.stored = kept;
      return true;
    },
    drop: () => {
      this.stored = null;
    },
    send: (body) => {
      if (this.away) return Promise.reject(new ApiFailure(0, 'OFFLINE', 'No connection'));
      this.sent.push(body);
      if (
        this.declined ||
        body.revision !== this.server.revision ||
        this.server.status === 'done'
      ) {
        return Promise.reject(new ApiFailure(409, 'CONFLICT', 'Worked at another place too'));
      }
      this.server = { ...this.server, ...body, revision: body.revision + 1 };
      return Promise.resolve(this.server);
    },
    fetch: () => Promise.resolve(this.server),
    later: (work, ms) => {
      this.waiting.push(work);
      this.laterMs.push(ms);
    },
    nowMs: () => this.now,
  };

  keeper(): StepKeeper {
    const keeper = new StepKeeper(this.server, this.ports);
    keeper.start();
    return keeper;
  }

  /** Lets everything that was put off happen, and settle. */
  async settle(): Promise<void> {
    for (let round = 0; round < 8; round += 1) {
      const due = this.waiting;
      this.waiting = [];
      due.forEach((work) => work());
      await new Promise((resolve) => setTimeout(resolve, 0));
    }
  }
}

describe('the work of a step', () => {
  test('is on this device at once and at the server a little later', async () => {
    const bench = new Bench();
    const keeper = bench.keeper();
    keeper.stroke('right', 1);
    expect(bench.stored?.work.strokesRight).toBe(1);
    await bench.settle();
    expect(bench.server).toMatchObject({ strokesRight: 1, runningSeconds: 0, revision: 1 });
    expect(bench.stored).toBeNull();
    expect(keeper.snapshot().status).toBe('kept');
  });

  test('goes as one message, however quick the strokes', async () => {
    const bench = new Bench();
    const keeper = bench.keeper();
    for (let stroke = 0; stroke < 12; stroke += 1) keeper.stroke(stroke % 2 ? 'left' : 'right', 1);
    await bench.settle();
    expect(bench.sent).toHaveLength(1);
    expect(bench.server).toMatchObject({ strokesRight: 6, strokesLeft: 6 });
  });

  test('counted without a connection arrives when it is back', async () => {
    const bench = new Bench();
    const keeper = bench.keeper();
    bench.away = true;
    keeper.stroke('left', 4);
    await bench.settle();
    expect(keeper.snapshot()).toMatchObject({
      status: 'waiting for a connection',
      problem: 'No connection',
    });
    await expect(keeper.flush()).rejects.toThrow('No connection');
    bench.away = false;
    await bench.settle();
    expect(bench.server.strokesLeft).toBe(4);
    expect(keeper.snapshot().status).toBe('kept');
  });

  test('survives a page that was closed before it could be sent', async () => {
    const bench = new Bench();
    bench.away = true;
    bench.keeper().stroke('right', 9);
    await bench.settle();
    bench.waiting = [];
    bench.away = false;
    const reopened = bench.keeper();
    expect(reopened.snapshot().work.strokesRight).toBe(9);
    await bench.settle();
    expect(bench.server.strokesRight).toBe(9);
  });

  test('that was sent but not acknowledged is not counted twice', async () => {
    const bench = new Bench();
    bench.stored = {
      work: { ...NO_WORK, strokesRight: 9 },
      revision: 0,
      unsent: true,
    };
    bench.server = record({ strokesRight: 9, revision: 1 });
    const keeper = bench.keeper();
    await bench.settle();
    expect(keeper.snapshot().work.strokesRight).toBe(9);
    expect(bench.server).toMatchObject({ strokesRight: 9, revision: 2 });
  });

  test('done at two places is merged by the larger count', async () => {
    const bench = new Bench();
    const keeper = bench.keeper();
    bench.server = record({
      strokesRight: 12,
      strokesLeft: 3,
      revision: 1,
      burr: { right: { heel: 'slight' }, left: {} },
    });
    keeper.stroke('left', 8);
    keeper.dispatch({ type: 'burr', side: 'left', zone: 'tip', finding: 'clear' });
    await bench.settle();
    expect(bench.server).toMatchObject({
      strokesRight: 12,
      strokesLeft: 8,
      burr: { right: { heel: 'slight' }, left: { tip: 'clear' } },
    });
  });

  test('counted at another place is taken over, and undo leaves it standing', async () => {
    const bench = new Bench();
    const keeper = bench.keeper();
    keeper.stroke('left', 2);
    await bench.settle();
    bench.server = {
      ...bench.server,
      strokesRight: 5,
      burr: { right: { heel: 'slight' }, left: {} },
      revision: 2,
    };
    keeper.see(bench.server);
    expect(keeper.snapshot().work).toMatchObject({ strokesLeft: 2, strokesRight: 5 });
    keeper.undo();
    await bench.settle();
    expect(bench.server).toMatchObject({
      strokesLeft: 0,
      strokesRight: 5,
      burr: { right: { heel: 'slight' }, left: {} },
    });
  });

  test('seen again as it is, or older, changes nothing that was counted since', async () => {
    const bench = new Bench();
    const keeper = bench.keeper();
    const old = bench.server;
    keeper.stroke('left', 2);
    await bench.settle();
    keeper.see(old);
    keeper.stroke('left', 1);
    keeper.see(bench.server);
    expect(keeper.snapshot().work.strokesLeft).toBe(3);
    bench.server = { ...bench.server, strokesRight: 4, revision: 2 };
    keeper.see(bench.server);
    expect(keeper.snapshot().work).toMatchObject({ strokesLeft: 3, strokesRight: 4 });
    await bench.settle();
    expect(bench.server).toMatchObject({ strokesLeft: 3, strokesRight: 4 });
  });

  test('on a step that was left elsewhere is refused and says so', async () => {
    const bench = new Bench();
    const keeper = bench.keeper();
    bench.server = record({ status: 'done', revision: 3 });
    keeper.stroke('left', 1);
    await bench.settle();
    expect(keeper.snapshot()).toMatchObject({
      status: 'refused',
      problem: 'Worked at another place too',
    });
  });

  test('can be undone step by step, and no further than it began', () => {
    const bench = new Bench();
    const keeper = bench.keeper();
    keeper.stroke('right', 10);
    keeper.dispatch({ type: 'burr', side: 'right', zone: 'heel', finding: 'none' });
    keeper.undo();
    expect(keeper.snapshot().work.burr.right).toEqual({});
    keeper.undo();
    keeper.undo();
    expect(keeper.snapshot().work.strokesRight).toBe(0);
    expect(keeper.snapshot().canUndo).toBe(false);
  });

  test('the clock starts with the first stroke and stops when told', () => {
    const keeper = new Bench().keeper();
    keeper.stroke('right', 1);
    expect(keeper.snapshot().work.runningSinceMs).toBe(50_000);
    keeper.toggleClock();
    expect(keeper.snapshot().work.runningSinceMs).toBeNull();
  });

  test('whoever listens is told of every change, until they stop', () => {
    const keeper = new Bench().keeper();
    let told = 0;
    const stop = keeper.subscribe(() => {
      told += 1;
    });
    keeper.toggleClock();
    stop();
    keeper.toggleClock();
    expect(told).toBe(1);
  });
});

test('merging never loses a count, whichever side is ahead', () => {
  const mine = {
    strokesRight: 4,
    strokesLeft: 9,
    workedSeconds: 30,
    runningSinceMs: 5,
    burr: { right: {}, left: {} },
    notes: NO_NOTES,
  };
  const theirs = {
    ...mine,
    strokesRight: 6,
    strokesLeft: 2,
    workedSeconds: 80,
    runningSinceMs: null,
  };
  expect(mergeWork(theirs, mine)).toMatchObject({
    strokesRight: 6,
    strokesLeft: 9,
    workedSeconds: 80,
    runningSinceMs: 5,
  });
});

test('a blade that left the bench is not asked for ever: the strokes stay here, and it is told once', async () => {
  const bench = new Bench();
  const keeper = bench.keeper();
  bench.declined = true;
  keeper.stroke('right', 3);
  await bench.settle();
  expect(keeper.snapshot()).toMatchObject({ status: 'refused' });
  expect(bench.sent).toHaveLength(1);
  expect(bench.stored?.work.strokesRight).toBe(3);
});

describe('the clock', () => {
  test('goes out as elapsed time, and comes back by the clock of whoever asks', async () => {
    const bench = new Bench();
    const keeper = bench.keeper();
    keeper.toggleClock();
    bench.now += 90_000;
    keeper.stroke('right', 1);
    await bench.settle();
    expect(bench.sent.at(-1)).toMatchObject({ workedSeconds: 0, runningSeconds: 90 });
    expect(JSON.stringify(bench.sent)).not.toContain('Ms');
    // Another tablet, whose clock is an hour ahead.
    const other = new Bench();
    other.now = bench.now + 3_600_000;
    other.server = bench.server;
    expect(other.keeper().snapshot().work.runningSinceMs).toBe(other.now - 90_000);
  });

  test('forgotten for days is not stopped but asked about, and the answer alone counts', async () => {
    const bench = new Bench();
    const keeper = bench.keeper();
    keeper.toggleClock();
    bench.now += 5 * 24 * 3_600_000;
    expect(keeper.isForgotten()).toBe(true);
    keeper.toggleClock();
    expect(keeper.snapshot().work.runningSinceMs).not.toBeNull();
    keeper.worked(1800);
    await bench.settle();
    expect(bench.server).toMatchObject({ workedSeconds: 1800, runningSeconds: null });
  });
});

test('a device without room swallows no stroke: it goes to the server at once', async () => {
  const bench = new Bench();
  bench.full = true;
  const keeper = bench.keeper();
  keeper.stroke('left', 3);
  expect(keeper.snapshot().work.strokesLeft).toBe(3);
  expect(bench.laterMs[0]).toBe(0);
  await bench.settle();
  expect(bench.server.strokesLeft).toBe(3);
});
