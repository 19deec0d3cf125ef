/** When to put which stone in the water, so that it is ready at its step. */
import type { Soaking } from './kinds';

export interface SoakStep {
  readonly stoneId: string | null;
  /** Working seconds of the step, the change to its stone included. */
  readonly seconds: number;
}

export interface SoakStone {
  readonly id: string;
  readonly name: string;
  readonly soaking: Soaking;
  readonly soakMinutes: number;
}

export interface SoakCall {
  readonly stoneId: string;
  readonly name: string;
  readonly minutes: number;
  /** From the start of the work; never below 0. */
  readonly putInAtS: number;
  /** When its step comes, if nothing waits. */
  readonly wantedAtS: number;
  /** How long its step would have to wait. */
  readonly lateS: number;
}

/**
 * One call a stone, in the order they go in. The first stone of the work cannot be ready at once: `lateS`
 * says how long it is waited for, and the later steps are not moved for it.
 *
 * @example
 * soakCalls([], []); // []
 */
export const soakCalls = (
  steps: readonly SoakStep[],
  stones: readonly SoakStone[],
): readonly SoakCall[] => {
  const calls: SoakCall[] = [];
  let at = 0;
  for (const { stoneId, seconds } of steps) {
    const stone = stones.find(({ id }) => id === stoneId);
    const known = calls.some((call) => call.stoneId === stoneId);
    if (stone?.soaking === 'soak' && stone.soakMinutes > 0 && !known) {
      const putIn = at - stone.soakMinutes * 60;
      calls.push({
        stoneId: stone.id,
        name: stone.name,
        minutes: stone.soakMinutes,
        putInAtS: Math.max(0, putIn),
        wantedAtS: at,
        lateS: Math.max(0, -putIn),
      });
    }
    at += seconds;
  }
  return calls.sort((a, b) => a.putInAtS - b.putInAtS || b.minutes - a.minutes);
};

export type SoakState = 'soaking' | 'ready';

export interface SoakClock {
  readonly state: SoakState;
  /** Until it is ready; 0 once it is. */
  readonly leftS: number;
  readonly share: number;
}

/**
 * Where a stone in the water stands. Times in milliseconds since 1970, both of the same clock.
 *
 * @example
 * soakClock(0, 10, 600_000).leftS; // 0
 */
export const soakClock = (putInMs: number, minutes: number, nowMs: number): SoakClock => {
  const leftS = Math.max(0, minutes * 60 - (nowMs - putInMs) / 1000);
  return {
    state: leftS > 0 ? 'soaking' : 'ready',
    leftS,
    share: minutes > 0 ? Math.min(1, Math.max(0, 1 - leftS / (minutes * 60))) : 1,
  };
};
