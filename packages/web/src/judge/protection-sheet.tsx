/** What is done to the blade before a stone touches it, ticked off; and what can hurt. */
import type { Job } from '@patient-edge/contract';
import type { Said } from '@patient-edge/core';
import { useState } from 'react';
import { Checkbox } from '../theme/checkbox';
import { Panel, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { useSend } from './use-send';
import { STRINGS } from './strings';

interface ProtectionTicksProps {
  readonly job: Job;
  readonly list: readonly Said[];
}

/** Each of the list to be ticked off; kept at once. A second tick does not wait for the answer to the first. */
export const ProtectionTicks = ({ job, list }: ProtectionTicksProps) => {
  const { problem, send } = useSend(job);
  const [ticked, setTicked] = useState<readonly string[] | null>(null);
  const done = ticked ?? job.protectionDone;
  const set = async (id: string, isDone: boolean): Promise<void> => {
    const others = done.filter((each) => each !== id);
    const wanted = isDone ? [...others, id] : others;
    setTicked(wanted);
    await send('PUT', '/protection', { done: wanted });
    // Unless more was ticked meanwhile, the server's answer holds from here: where it refused, that is said.
    setTicked((latest) => (latest === wanted ? null : latest));
  };
  return (
    <>
      {list.map(({ id, text }) => (
        <Checkbox key={id} value={done.includes(id)} onChange={(isDone) => void set(id, isDone)}>
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
