/** A new trial: a question of the trade, two ways of doing it, and what it is to tell. */
import type { Trial } from '@patient-edge/contract';
import { named } from '@patient-edge/core';
import { useSWRConfig } from 'swr';
import { request } from '../api/client';
import { useStored } from '../api/stored';
import { ActionButton } from '../theme/buttons';
import { Columns } from '../theme/columns';
import { Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { Select } from '../theme/select';
import { TextEntry } from '../theme/text-fields';
import { useRun } from '../theme/use-run';
import { QUESTIONS, questionOf, schoolName } from './schools';
import { STRINGS } from './strings';

const EMPTY = { question: 'burr', firstSchool: '', secondSchool: '', note: '' };

export const BeginTrial = () => {
  const { mutate } = useSWRConfig();
  const [typed, setTyped] = useStored('trial being begun', EMPTY);
  const { busy, problem, run } = useRun();
  const question = questionOf(typed.question);
  const schools = question.schools.map(({ id }) => ({ id, label: schoolName(question, id) }));
  const first = schools.find(({ id }) => id === typed.firstSchool)?.id ?? schools[0]!.id;
  const others = schools.filter(({ id }) => id !== first);
  const second = others.find(({ id }) => id === typed.secondSchool)?.id ?? others[0]!.id;
  const begin = (): Promise<void> =>
    run(async () => {
      const trials = await request<Trial[]>('POST', '/trials', {
        question: question.id,
        firstSchool: first,
        secondSchool: second,
        note: typed.note,
      });
      await mutate('/trials', trials, { revalidate: false });
      setTyped(EMPTY);
    });
  return (
    <Stack>
      <Columns>
        <Select
          label={STRINGS.question}
          options={QUESTIONS.map(({ id, label }) => ({ id, label: named(label) }))}
          value={question.id}
          onChange={(id) => setTyped({ ...EMPTY, note: typed.note, question: id })}
        />
        <Select
          label={STRINGS.oneWay}
          options={schools}
          value={first}
          onChange={(firstSchool) => setTyped({ ...typed, firstSchool })}
        />
        <Select
          label={STRINGS.theOtherWay}
          options={others}
          value={second}
          onChange={(secondSchool) => setTyped({ ...typed, secondSchool })}
        />
      </Columns>
      <TextEntry
        label={STRINGS.why}
        value={typed.note}
        onChange={(note) => setTyped({ ...typed, note })}
      />
      {problem !== null && (
        <Notice tone="cut" alert>
          {problem}
        </Notice>
      )}
      <Row>
        <ActionButton isDisabled={busy} onPress={() => void begin()}>
          {STRINGS.beginTrial}
        </ActionButton>
      </Row>
    </Stack>
  );
};
