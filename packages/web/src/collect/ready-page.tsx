/** What can be collected, by place and person; the tag is read and the blades go home. */
import { money, type HandedOver, type ReadyBlade } from '@patient-edge/contract';
import { bladeKind, toPayMinor } from '@patient-edge/core';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import styled from 'styled-components';
import { request } from '../api/client';
import { refreshReturns, useComplaints, useReady, useToWrite } from '../api/hooks';
import { useMay } from '../api/may';
import { useSession } from '../api/session';
import { Silhouette } from '../instruments/silhouette';
import { QuietButton } from '../theme/buttons';
import { day, howSoon, moment } from '../theme/format';
import { MutedText, Panel, Row, Stack } from '../theme/layout';
import { QuietLink } from '../theme/links';
import { Notice } from '../theme/notice';
import { PageHeading } from '../theme/page-heading';
import { useUndo } from '../theme/undo';
import { Waiting } from '../theme/waiting';
import { CollectForm } from './collect-form';
import { TagFinder } from './tag-finder';
import { ToWriteSheet, WriteButton } from './to-write-sheet';
import { STRINGS } from './strings';

const Person = styled.li`
  border-top: 1px solid var(--line);
  padding: 10px 0;
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 8px 24px;
  align-items: start;
  & > :last-child {
    max-width: 420px;
  }
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Hung = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 6px 24px;
  align-items: end;
  & b {
    font-family: var(--figures);
  }
  & small {
    color: var(--ink-soft);
  }
`;

/** Ready blades are not overdue: their customers are. */
const waitsFor = (promisedOn: string, today: string): string =>
  promisedOn < today ? STRINGS.notCollectedOnTheDay : howSoon(promisedOn, today);

const placeOf = ({ promisedOn, place }: ReadyBlade): string =>
  `${day(promisedOn)}${place === null ? '' : ` · ${place}`}`;

const ReadyPage = () => {
  const { data: list, error } = useReady();
  const { data: toWrite } = useToWrite();
  const { data: session } = useSession();
  const maySeeMoney = useMay('see money');
  const offerUndo = useUndo();
  const [params] = useSearchParams();
  // From the shop page: these blades of that customer.
  const [customerId, setCustomerId] = useState<number | null>(
    () => Number(params.get('customer')) || null,
  );
  const [inHand, setInHand] = useState<readonly number[]>(() =>
    (params.get('jobs') ?? '').split(',').map(Number).filter(Boolean),
  );
  const [done, setDone] = useState<HandedOver | null>(null);
  const [wrong, setWrong] = useState<{ says: string; blade: ReadyBlade } | null>(null);
  if (!list || !session) return <Waiting error={error} text={STRINGS.loadingWhatIsReady} />;
  const { blades, today } = list;
  const theirs = blades.filter(({ customer }) => customer.id === customerId);
  const begin = (those: readonly ReadyBlade[]): void => {
    setDone(null);
    setWrong(null);
    setCustomerId(those[0]!.customer.id);
    setInHand(those.map(({ jobId }) => jobId));
  };
  const found = (blade: ReadyBlade): void => {
    if (theirs.length === 0) begin([blade]);
    else if (blade.customer.id === customerId) {
      setWrong(null);
      setInHand([...new Set([...inHand, blade.jobId])]);
    } else
      setWrong({
        says: STRINGS.tagIsSNotS(blade.tagNumber, blade.customer.name, theirs[0]!.customer.name),
        blade,
      });
  };
  const leave = (): void => {
    setCustomerId(null);
    setInHand([]);
    setWrong(null);
  };
  const places = [
    ...new Set([...blades].sort((a, b) => a.promisedOn.localeCompare(b.promisedOn)).map(placeOf)),
  ];
  return (
    <Stack $gap={16}>
      <Row $gap={18} $align="baseline">
        <PageHeading title={STRINGS.ready} />
        <MutedText>
          {blades.length === 0
            ? STRINGS.nothingWaitsToBeCollected
            : STRINGS.toBeCollected(
                blades.length,
                blades.length === 1 ? STRINGS.bladeWaits : STRINGS.bladesWait,
              )}
        </MutedText>
      </Row>
      <Panel aria-label={STRINGS.findByTag}>
        <TagFinder ready={blades} onFound={found} />
      </Panel>
      {wrong && (
        <Notice tone="cut" alert>
          <Row>
            <span>{wrong.says}.</span>
            <QuietButton onPress={() => begin([wrong.blade])}>
              {STRINGS.goOnWith(wrong.blade.customer.name)}
            </QuietButton>
          </Row>
        </Notice>
      )}
      {done && <HandedOverNotice done={done} />}
      {theirs.length > 0 && (
        <CollectForm
          key={customerId}
          blades={theirs}
          inHand={inHand}
          currency={session.currency}
          onInHand={setInHand}
          onDone={(answer) => {
            leave();
            setDone(answer);
            offerUndo(STRINGS.handedOver, () => takeBack(answer));
          }}
          onLeave={leave}
        />
      )}
      <Complaints />
      {places.map((place) => {
        const here = blades.filter((blade) => placeOf(blade) === place);
        const people = [...new Set(here.map(({ customer }) => customer.id))];
        return (
          <Panel key={place} aria-label={STRINGS.readyFor(place)}>
            <Row $gap={14} $align="baseline">
              <h2>{place}</h2>
              <MutedText as="span">{waitsFor(here[0]!.promisedOn, today)}</MutedText>
            </Row>
            <ul>
              {people.map((id) => (
                <PersonReady
                  key={id}
                  blades={here.filter(({ customer }) => customer.id === id)}
                  currency={session.currency}
                  onCollect={() => begin(blades.filter(({ customer }) => customer.id === id))}
                />
              ))}
            </ul>
          </Panel>
        );
      })}
      <ToWriteSheet list={toWrite ?? []} />
      <Row>
        {maySeeMoney && <QuietLink to="/takings">{STRINGS.takings}</QuietLink>}
        <QuietLink to="/messages">{STRINGS.messages}</QuietLink>
      </Row>
    </Stack>
  );
};

/** Every blade of a hand-over back in the shop, and its receipt undone. */
const takeBack = async ({ jobIds, saleId }: HandedOver): Promise<void> => {
  if (saleId !== null) await request('POST', `/payments/${saleId}/undo`, {});
  for (const id of jobIds) {
    const { version } = await request<{ version: number }>('GET', `/jobs/${id}`);
    await request('POST', `/jobs/${id}/return/undo`, { version });
  }
  await refreshReturns();
};

const HandedOverNotice = ({ done: { jobIds, saleId } }: { done: HandedOver }) => (
  <Notice tone="good">
    <Row>
      <span role="status">
        {jobIds.length === 1 ? STRINGS.handedOver : STRINGS.bladesHandedOver(jobIds.length)}
      </span>
      {saleId !== null && (
        <a href={`/api/payments/${saleId}/receipt.pdf`} target="_blank" rel="noreferrer">
          {STRINGS.receipt}
        </a>
      )}
      {jobIds.map((id, index) => (
        <a key={id} href={`/api/jobs/${id}/sheet.pdf?size=a5`} target="_blank" rel="noreferrer">
          {jobIds.length === 1 ? STRINGS.sheetForTheCustomer : STRINGS.sheet(index + 1)}
        </a>
      ))}
    </Row>
  </Notice>
);

const PersonReady = ({
  blades,
  currency,
  onCollect,
}: {
  blades: readonly ReadyBlade[];
  currency: string;
  onCollect: () => void;
}) => {
  const { customer } = blades[0]!;
  const toPay = blades.reduce((sum, { bill }) => sum + (bill ? toPayMinor(bill) : 0), 0);
  return (
    <Person>
      <Stack $gap={6}>
        <Row $gap={16}>
          <b>
            <Link to={`/customers/${customer.id}`}>{customer.name}</Link>
          </b>
          {customer.phone !== '' && (
            <a href={`tel:${customer.phone.replaceAll(/\s/g, '')}`}>{customer.phone}</a>
          )}
          <span>
            {toPay > 0 ? STRINGS.toPayToPay(money(toPay, currency)) : STRINGS.nothingToPay}
          </span>
          <MutedText as="span">{STRINGS.readySinceMoment(moment(blades[0]!.readyAt))}</MutedText>
        </Row>
        <Hung>
          {blades.map(({ jobId, tagNumber, blade, declined }) => (
            <li key={jobId}>
              <Silhouette measures={blade.measures} scale={0.45} />
              <Link to={`/jobs/${jobId}/return`}>
                <b>{tagNumber}</b> {blade.name || bladeKind(blade.measures.kindId).label}
              </Link>
              {declined && (
                <>
                  <br />
                  <small>{STRINGS.goesBackAsItCameWithin}</small>
                </>
              )}
            </li>
          ))}
        </Hung>
      </Stack>
      <Row $align="start">
        <QuietButton onPress={onCollect}>{STRINGS.handOverAlone}</QuietButton>
        <WriteButton
          kind="ready"
          jobIds={blades.map(({ jobId }) => jobId)}
          label={STRINGS.tellThemItIsReady}
        />
      </Row>
    </Person>
  );
};

const Complaints = () => {
  const { data: complaints } = useComplaints();
  if (!complaints || complaints.length === 0) return null;
  return (
    <Panel aria-label={STRINGS.somethingIsWrong}>
      <Stack $gap={8}>
        <h2>{STRINGS.somethingIsWrong}</h2>
        <ul>
          {complaints.map(({ jobId, customer, blade, words, openedAt }) => (
            <li key={jobId}>
              <Link to={`/jobs/${jobId}/complaint`}>
                {customer}: {blade || STRINGS.aBlade}
              </Link>
              {words !== '' && `, “${words}”`} <MutedText as="span">{moment(openedAt)}</MutedText>
            </li>
          ))}
        </ul>
      </Stack>
    </Panel>
  );
};

export default ReadyPage;
