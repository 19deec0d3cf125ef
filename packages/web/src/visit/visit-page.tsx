/** The customer's own page: how their blade stands, what was done, and three answers. No sign-in, and no way further. */
import { money, moneyRange, type VisitAnswer, type VisitPage } from '@patient-edge/contract';
import { toPayMinor } from '@patient-edge/core';
import { useState } from 'react';
import styled from 'styled-components';
import { mutate } from 'swr';
import { asPart, messageOf, request } from '../api/client';
import { useVisit } from '../api/hooks';
import { SheetView } from '../hand-over/sheet-view';
import { Silhouette } from '../instruments/silhouette';
import { ActionButton, QuietButton } from '../theme/buttons';
import { day, dayAndYear } from '../theme/format';
import { MutedText, Panel, Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { PageHeading } from '../theme/page-heading';
import { TextEntry } from '../theme/text-fields';
import { useRun } from '../theme/use-run';

const Main = styled.main`
  max-width: 900px;
  margin: 0 auto;
  padding: 20px 16px 48px;
`;

/** As whoever brought it would say it. */
const stands = ({ stage, declined, promisedOn, place, returnedAt }: VisitPage): string => {
  const when = `${day(promisedOn)}${place === null ? '' : `, ${place}`}`;
  if (stage === 'returned') return `It went home on ${dayAndYear(returnedAt ?? promisedOn)}.`;
  if (declined) return `It could not be sharpened: please collect it. Promised for ${when}.`;
  if (stage === 'ready') return `It is ready to be collected: ${when}.`;
  if (stage === 'taken in' || stage === 'planned')
    return `It is in the shop and waits its turn. Promised for ${when}.`;
  return `It is being worked on. Promised for ${when}.`;
};

const priceOf = ({ bill, estimate, currency }: VisitPage): string | null => {
  if (bill)
    return toPayMinor(bill) > 0
      ? `To pay: ${money(toPayMinor(bill), currency)}`
      : bill.paidMinor > 0
        ? 'Paid. Thank you.'
        : 'Nothing to pay.';
  return estimate
    ? `Estimate: ${moneyRange(estimate.lowMinor, estimate.highMinor, currency)}`
    : null;
};

export const CustomersVisitPage = ({ token }: { token: string }) => {
  const { data: visit, error } = useVisit(token);
  if (!visit)
    return (
      <Main>
        {error === undefined ? (
          <p role="status">Opening…</p>
        ) : (
          <Stack>
            <PageHeading title="Not open any more" />
            <p>
              {error.status === 404
                ? 'This page is not open any more. A page ends when the blade is brought in again, or after a year. Ask at the shop.'
                : messageOf(error)}
            </p>
          </Stack>
        )}
      </Main>
    );
  const { shop, blade } = visit;
  const price = priceOf(visit);
  return (
    <Main>
      <Stack $gap={18}>
        <div>
          <PageHeading title={blade.name} />
          <MutedText>
            {shop.name} · tag {visit.tagNumber}
          </MutedText>
        </div>
        <Panel aria-label="How it stands">
          <Stack $gap={8}>
            <Silhouette measures={blade.measures} scale={1} />
            <p style={{ fontSize: 20 }}>{stands(visit)}</p>
            {price !== null && <p>{price}</p>}
          </Stack>
        </Panel>
        {visit.stage === 'returned' && !visit.declined && <Answers token={token} visit={visit} />}
        {visit.sheet && (
          <SheetView
            sheet={visit.sheet}
            measures={blade.measures}
            bill={visit.bill}
            currency={visit.currency}
            pictures={null}
            right={shop.name}
          />
        )}
        <MutedText as="address" style={{ whiteSpace: 'pre-line', fontStyle: 'normal' }}>
          {[shop.name, shop.address, shop.phone].filter(Boolean).join('\n')}
        </MutedText>
      </Stack>
    </Main>
  );
};

const Answers = ({ token, visit }: { token: string; visit: VisitPage }) => {
  const [words, setWords] = useState('');
  const { busy, problem, run } = useRun();
  const answer = (said: VisitAnswer): Promise<void> =>
    run(async () => {
      const page = await request<VisitPage>('POST', `/visits/${asPart(token)}/answers`, {
        answer: said,
        words: said === 'dull again' ? '' : words,
      });
      await mutate(`/visits/${asPart(token)}`, page, { revalidate: false });
      if (said !== 'dull again') setWords('');
    });
  const said = (which: VisitAnswer): boolean => visit.answers.includes(which);
  return (
    <Panel aria-label="Tell the shop">
      <Stack>
        <h2>Tell the shop</h2>
        {said('dull again') ? (
          <Notice tone="good">
            Noted: it is dull again. That helps to know how long it lasts.
          </Notice>
        ) : (
          <Row>
            <QuietButton isDisabled={busy} onPress={() => void answer('dull again')}>
              It is dull again
            </QuietButton>
          </Row>
        )}
        {said('something is wrong') && (
          <Notice tone="good">
            The shop knows that something is wrong. Bring it when you can.
          </Notice>
        )}
        {said('wish') && <Notice tone="good">Your wish for next time is noted.</Notice>}
        <TextEntry
          label="In your words"
          hint="What is wrong, or how you would like it next time"
          lines={3}
          value={words}
          onChange={setWords}
        />
        {problem !== null && (
          <Notice tone="cut" alert>
            {problem}
          </Notice>
        )}
        <Row>
          <ActionButton isDisabled={busy} onPress={() => void answer('something is wrong')}>
            Something is wrong
          </ActionButton>
          <QuietButton isDisabled={busy || words.trim() === ''} onPress={() => void answer('wish')}>
            A wish for next time
          </QuietButton>
        </Row>
      </Stack>
    </Panel>
  );
};
