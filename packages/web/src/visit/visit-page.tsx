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
import { useStored } from '../api/stored';
import { STRINGS } from './strings';

const Main = styled.main`
  max-width: 900px;
  margin: 0 auto;
  padding: 20px 16px 48px;
`;

/** As whoever brought it would say it. */
const stands = ({ stage, declined, promisedOn, place, returnedAt }: VisitPage): string => {
  const when = `${day(promisedOn)}${place === null ? '' : `, ${place}`}`;
  if (stage === 'returned') return STRINGS.itWentHomeOn(dayAndYear(returnedAt ?? promisedOn));
  if (declined) return STRINGS.itCouldNotBeSharpenedPlease(when);
  if (stage === 'ready') return STRINGS.itIsReadyToBeCollected(when);
  if (stage === 'taken in' || stage === 'planned') return STRINGS.itIsInTheShopAnd(when);
  return STRINGS.itIsBeingWorkedOnPromised(when);
};

const priceOf = ({ bill, estimate, currency }: VisitPage): string | null => {
  if (bill)
    return toPayMinor(bill) > 0
      ? STRINGS.toPay(money(toPayMinor(bill), currency))
      : bill.paidMinor > 0
        ? STRINGS.paidThankYou
        : STRINGS.nothingToPay;
  return estimate
    ? STRINGS.estimate(moneyRange(estimate.lowMinor, estimate.highMinor, currency))
    : null;
};

export const CustomersVisitPage = ({ token }: { token: string }) => {
  const { data: visit, error } = useVisit(token);
  if (!visit)
    return (
      <Main>
        {error === undefined ? (
          <p role="status">{STRINGS.opening}</p>
        ) : (
          <Stack>
            <PageHeading title={STRINGS.notOpenAnyMore} />
            <p>{error.status === 404 ? STRINGS.thisPageIsNotOpenAny : messageOf(error)}</p>
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
          <MutedText>{STRINGS.tag(shop.name, visit.tagNumber)}</MutedText>
        </div>
        <Panel aria-label={STRINGS.howItStands}>
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
  const [words, setWords] = useStored(`words to the shop ${token}`, '');
  const [asksForWords, setAsksForWords] = useState(false);
  const { busy, problem, run } = useRun();
  const answer = (said: VisitAnswer): Promise<void> =>
    run(async () => {
      const page = await request<VisitPage>('POST', `/visits/${asPart(token)}/answers`, {
        answer: said,
        words: said === 'dull again' ? '' : words,
      });
      await mutate(`/visits/${asPart(token)}`, page, { revalidate: false });
      setAsksForWords(false);
      if (said !== 'dull again') setWords('');
    });
  const wish = (): void => {
    if (words.trim() === '') setAsksForWords(true);
    else void answer('wish');
  };
  const said = (which: VisitAnswer): boolean => visit.answers.includes(which);
  return (
    <Panel aria-label={STRINGS.tellTheShop}>
      <Stack>
        <h2>{STRINGS.tellTheShop}</h2>
        {visit.isInTrial && <p>{STRINGS.weCompareTwoEdges}</p>}
        {said('dull again') ? (
          <Notice tone="good">{STRINGS.notedItIsDullAgainThat}</Notice>
        ) : (
          <Row>
            <QuietButton isDisabled={busy} onPress={() => void answer('dull again')}>
              {STRINGS.itIsDullAgain}
            </QuietButton>
          </Row>
        )}
        {said('something is wrong') && (
          <Notice tone="good">{STRINGS.theShopKnowsThatSomethingIs}</Notice>
        )}
        {said('wish') && <Notice tone="good">{STRINGS.yourWishForNextTimeIs}</Notice>}
        <TextEntry
          label={STRINGS.inYourWords}
          hint={STRINGS.whatIsWrongOrHowYou}
          lines={3}
          value={words}
          error={asksForWords && words.trim() === '' ? STRINGS.writeYourWishFirst : undefined}
          onChange={setWords}
        />
        {problem !== null && (
          <Notice tone="cut" alert>
            {problem}
          </Notice>
        )}
        <Row>
          <ActionButton isDisabled={busy} onPress={() => void answer('something is wrong')}>
            {STRINGS.somethingIsWrong}
          </ActionButton>
          <QuietButton isDisabled={busy} onPress={wish}>
            {STRINGS.aWishForNextTime}
          </QuietButton>
        </Row>
      </Stack>
    </Panel>
  );
};
