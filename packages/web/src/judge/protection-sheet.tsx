/** What is done to the blade before a stone touches it, ticked off; and what can hurt. */
import type { Job } from '@patient-edge/contract';
import type { Said } from '@patient-edge/core';
import { Checkbox } from '../theme/checkbox';
import { Panel, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { useAhead } from '../theme/use-ahead';
import { useSend } from './use-send';
import { STRINGS } from './strings';

interface ProtectionTicksProps {
  readonly job: Job;
  readonly list: readonly Said[];
}

/** Each of the list to be ticked off; kept at once. A second tick does not wait for the answer to the first. */
export const ProtectionTicks = ({ job, list }: ProtectionTicksProps) => {
  const { problem, send } = useSend(job);
  const [done, setDone] = useAhead(job.protectionDone, (wanted) =>
    send('PUT', '/protection', { done: wanted }),
  );
  const set = (id: string, isDone: boolean): void => {
    const others = done.filter((each) => each !== id);
    setDone(isDone ? [...others, id] : others);
  };
  return (
    <>
      {list.map(({ id, text }) => (
        <Checkbox key={id} value={done.includes(id)} onChange={(isDone) => set(id, isDone)}>
          {text}
        </Checkbox>
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
  <Panel aria-label={STRINGS.protection}>
    <Stack $gap={10}>
      <h2>{STRINGS.beforeYouStart}</h2>
      {list.length === 0 && <MutedText>{STRINGS.nothingToWrapOrTape}</MutedText>}
      <ProtectionTicks job={job} list={list} />
      {cautions.map(({ id, text }) => (
        <MutedText key={id}>{text}</MutedText>
      ))}
    </Stack>
  </Panel>
);
