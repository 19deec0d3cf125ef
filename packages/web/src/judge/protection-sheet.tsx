/** What is done to the blade before a stone touches it, ticked off; and what can hurt. */
import type { Job } from '@patient-edge/contract';
import type { Said } from '@patient-edge/core';
import { Notice, Sheet, Soft, Stack, Tick } from '../theme/parts';
import { useSend } from './use-send';

interface ProtectionTicksProps {
  readonly job: Job;
  readonly list: readonly Said[];
}

/** Each of the list to be ticked off; kept at once. */
export const ProtectionTicks = ({ job, list }: ProtectionTicksProps) => {
  const { problem, send } = useSend(job);
  const set = (id: string, isDone: boolean): void => {
    const others = job.protectionDone.filter((each) => each !== id);
    void send('PUT', '/protection', { done: isDone ? [...others, id] : others });
  };
  return (
    <>
      {list.map(({ id, words }) => (
        <Tick
          key={id}
          value={job.protectionDone.includes(id)}
          onChange={(isDone) => set(id, isDone)}
        >
          {words}
        </Tick>
      ))}
      {problem !== null && (
        <Notice tone="cut" alert>
          {problem}
        </Notice>
      )}
    </>
  );
};

interface ProtectionSheetProps extends ProtectionTicksProps {
  readonly cautions: readonly Said[];
}

export const ProtectionSheet = ({ job, list, cautions }: ProtectionSheetProps) => (
  <Sheet aria-label="Protection">
    <Stack $gap={10}>
      <h2>Before a stone touches it</h2>
      {list.length === 0 && <Soft>Nothing to wrap or tape.</Soft>}
      <ProtectionTicks job={job} list={list} />
      {cautions.map(({ id, words }) => (
        <Soft key={id}>{words}</Soft>
      ))}
    </Stack>
  </Sheet>
);
