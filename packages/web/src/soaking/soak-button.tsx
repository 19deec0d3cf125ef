/** Into the water and out of it, with the clock of the stone. */
import type { Stone } from '@patient-edge/contract';
import { soakClock, named } from '@patient-edge/core';
import { useState } from 'react';
import { messageOf, request } from '../api/client';
import { updateStoneCache } from '../api/hooks';
import { duration } from '../theme/format';
import { QuietButton } from '../theme/buttons';
import { Row } from '../theme/layout';
import { Notice } from '../theme/notice';
import { useUndo } from '../theme/undo';
import { useSecond } from './clock';
import { STRINGS } from './strings';

export const putIn = async (stone: Stone, jobId: number | null): Promise<void> =>
  updateStoneCache(
    await request<Stone>('POST', `/stones/${stone.id}/soak`, {
      minutes: stone.soakMinutes,
      jobId,
    }),
  );

const takeOut = async (stone: Stone): Promise<void> =>
  updateStoneCache(await request<Stone>('DELETE', `/stones/${stone.id}/soak`));

export const putBack = async (stone: Stone): Promise<void> =>
  updateStoneCache(await request<Stone>('POST', `/stones/${stone.id}/soak/undo`, {}));

/** Out of the water, with a way back. */
export const useTakeOut = (): ((stone: Stone) => Promise<void>) => {
  const offerUndo = useUndo();
  return async (stone) => {
    await takeOut(stone);
    offerUndo(STRINGS.isOutOfTheWater(stone.name), () => putBack(stone));
  };
};

/** "6:12 to go", or "ready". */
export const soakWords = (stone: Stone, nowMs: number): string => {
  if (!stone.soak) return '';
  const clock = soakClock(Date.parse(stone.soak.putInAt), stone.soak.minutes, nowMs);
  return clock.state === 'ready' ? named('ready') : STRINGS.toGo(duration(clock.leftS));
};

export const SoakButton = ({ stone, jobId }: { stone: Stone; jobId: number | null }) => {
  const [problem, setProblem] = useState<string | null>(null);
  const nowMs = useSecond(stone.soak !== null);
  const takeOutWithUndo = useTakeOut();
  const act = async (work: () => Promise<void>): Promise<void> => {
    setProblem(null);
    try {
      await work();
    } catch (error) {
      setProblem(messageOf(error));
    }
  };
  return (
    <Row>
      {stone.soak ? (
        <>
          <b role="timer">{STRINGS.inTheWater(soakWords(stone, nowMs))}</b>
          <QuietButton onPress={() => void act(() => takeOutWithUndo(stone))}>
            <span>
              {STRINGS.takeItOut}
              <span className="unseen">, {stone.name}</span>
            </span>
          </QuietButton>
        </>
      ) : (
        <QuietButton onPress={() => void act(() => putIn(stone, jobId))}>
          <span>
            {STRINGS.startSoakingMin(stone.soakMinutes)}
            <span className="unseen">, {stone.name}</span>
          </span>
        </QuietButton>
      )}
      {problem !== null && (
        <Notice tone="cut" alert>
          {problem}
        </Notice>
      )}
    </Row>
  );
};
