/** What the customer must say yes to, and what they said, with name and time. */
import { canDo, type Job } from '@patient-edge/contract';
import { withoutYes, type Said, named } from '@patient-edge/core';
import styled from 'styled-components';
import { moment } from '../theme/format';
import { QuietButton } from '../theme/buttons';
import { Row, Panel, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { TextEntry } from '../theme/text-fields';
import { useSend } from './use-send';
import { useStored } from '../api/stored';
import { STRINGS } from './strings';

const Matters = styled.ul`
  display: grid;
  & > li {
    border-top: 1px solid var(--line-soft);
    padding: 9px 0;
    display: grid;
    gap: 6px;
  }
  & > li[data-no] {
    border-left: 5px solid var(--cut);
    padding-left: 9px;
  }
`;

interface ConsentSheetProps {
  readonly job: Job;
  readonly asked: readonly Said[];
}

/** The questions with what was answered, and the buttons to answer them. */
export const ConsentMatters = ({
  job,
  matters,
}: {
  readonly job: Job;
  readonly matters: readonly Said[];
}) => {
  const { busy, problem, send } = useSend(job);
  const [name, setName] = useStored(`who answered ${job.id}`, job.customer.name);
  const answered = new Map(job.consents.map((consent) => [consent.matter, consent]));
  const say = (matter: Said, answer: 'yes' | 'no') =>
    send('POST', '/consents', { matter: matter.id, text: matter.text, answer, name });
  return (
    <>
      {matters.length > 0 && canDo(job, 'ask customer') && (
        <TextEntry label={STRINGS.whoAnswers} value={name} onChange={setName} />
      )}
      <Matters>
        {matters.map((matter) => {
          const held = answered.get(matter.id);
          return (
            <li key={matter.id} {...(held?.answer === 'no' ? { 'data-no': '' } : {})}>
              <span>{matter.text}</span>
              {held && <b>{STRINGS.said(held.name, named(held.answer), moment(held.at))}</b>}
              {canDo(job, 'ask customer') && held?.answer !== 'yes' && (
                <Row $gap={8}>
                  <QuietButton
                    isDisabled={busy}
                    aria-label={STRINGS.yes(matter.text)}
                    onPress={() => void say(matter, 'yes')}
                  >
                    {STRINGS.yesAlone}
                  </QuietButton>
                  <QuietButton
                    isDisabled={busy}
                    aria-label={STRINGS.no(matter.text)}
                    onPress={() => void say(matter, 'no')}
                  >
                    {STRINGS.noAlone}
                  </QuietButton>
                </Row>
              )}
            </li>
          );
        })}
      </Matters>
      {problem !== null && (
        <Notice tone="cut" alert>
          {problem}
        </Notice>
      )}
    </>
  );
};

export const ConsentSheet = ({ job, asked }: ConsentSheetProps) => {
  const earlier = job.consents
    .filter(({ matter }) => !asked.some(({ id }) => id === matter))
    .map(({ matter, text }) => ({ id: matter, text }));
  // Asked twice, a question stands here once.
  const matters = [...new Map([...asked, ...earlier].map((each) => [each.id, each])).values()];
  const open = withoutYes(asked, job.consents).length;
  return (
    <Panel aria-label={STRINGS.consent}>
      <Stack $gap={10}>
        <h2>
          {STRINGS.askTheCustomer}
          {open > 0 && STRINGS.open(open)}
        </h2>
        {matters.length === 0 && <MutedText>{STRINGS.nothingHereNeedsAsking}</MutedText>}
        <ConsentMatters job={job} matters={matters} />
      </Stack>
    </Panel>
  );
};
