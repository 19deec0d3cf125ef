/** The first day of a shop: what it needs before its first blade, ticked as it is done; gone when all is. */
import type { FirstDay as Done } from '@patient-edge/contract';
import { mayDo, type Action } from '@patient-edge/core';
import { Check } from 'lucide-react';
import styled from 'styled-components';
import { request } from '../api/client';
import { useFirstDay } from '../api/hooks';
import { useSession } from '../api/session';
import { useStored } from '../api/stored';
import { QuietButton } from '../theme/buttons';
import { MutedText, Panel, Row, Stack } from '../theme/layout';
import { ActionLink, QuietLink } from '../theme/links';
import { PageHeading } from '../theme/page-heading';
import { STRINGS } from './strings';

interface Thing {
  readonly id: keyof Done;
  readonly title: string;
  readonly says: string;
  readonly to: string;
  readonly action: Action;
}

const THINGS: readonly Thing[] = [
  {
    id: 'shop',
    title: STRINGS.yourShop,
    says: STRINGS.addressTelephoneTaxLinesAndCurrency,
    to: '/settings/shop',
    action: 'change the shop',
  },
  {
    id: 'places',
    title: STRINGS.placesAndDays,
    says: STRINGS.whereAndWhenCustomersCollect,
    to: '/settings/places',
    action: 'change places',
  },
  {
    id: 'people',
    title: STRINGS.people,
    says: STRINGS.whoElseWorksHere,
    to: '/settings/people',
    action: 'change people',
  },
  {
    id: 'stones',
    title: STRINGS.stones,
    says: STRINGS.aStarterRackOrYourOwn,
    to: '/rack',
    action: 'change stones',
  },
  {
    id: 'prices',
    title: STRINGS.prices,
    says: STRINGS.whatABladeCosts,
    to: '/settings/prices',
    action: 'set prices',
  },
  {
    id: 'blade',
    title: STRINGS.firstBlade,
    says: STRINGS.takeOneIn,
    to: '/take-in',
    action: 'correct intake',
  },
];

const List = styled.ol`
  & > li {
    display: grid;
    grid-template-columns: 34px minmax(0, 1fr) auto;
    gap: 12px;
    align-items: center;
    min-height: 56px;
    border-top: 1px solid var(--line-soft);
    padding: 6px 0;
  }
  & > li > i {
    width: 28px;
    height: 28px;
    border: 2px solid var(--steel-deep);
    border-radius: 50%;
    display: grid;
    place-items: center;
    color: var(--sheet);
  }
  & > li[data-done] > i {
    background: var(--good);
    border-color: var(--good);
  }
  & > li[data-done] b {
    font-weight: 400;
    color: var(--ink-soft);
  }
`;

export const FirstDay = ({ hasBlades }: { hasBlades: boolean }) => {
  const { data: done, mutate } = useFirstDay();
  const { data: session } = useSession();
  const [isHidden, setHidden] = useStored('first day hidden', false);
  const role = session?.staff?.role;
  if (!done || !role) return null;
  const theirs = THINGS.filter(({ action }) => mayDo(role, action));
  const left = theirs.filter(({ id }) => !done[id]);
  if (hasBlades && (left.length === 0 || isHidden)) return null;
  // Blades came and went: there is nothing to set up, and nothing on the bench.
  if (left.length === 0) return <EmptyShop />;
  const next = left[0]!;
  return (
    <Panel aria-label={STRINGS.firstDay}>
      <Stack>
        <Row>
          {hasBlades ? (
            <h2>{STRINGS.stillToSetUp}</h2>
          ) : (
            <PageHeading title={STRINGS.setUpYourShop} />
          )}
          <MutedText>{STRINGS.ofDone(theirs.length - left.length, theirs.length)}</MutedText>
          {hasBlades && <QuietButton onPress={() => setHidden(true)}>{STRINGS.hide}</QuietButton>}
        </Row>
        <List>
          {theirs.map(({ id, title, says, to }) => (
            <li key={id} {...(done[id] ? { 'data-done': '' } : {})}>
              <i>{done[id] && <Check size={18} strokeWidth={3} aria-label={STRINGS.done} />}</i>
              <div>
                <b>{title}</b>
                <MutedText>{says}</MutedText>
              </div>
              <Row $gap={8}>
                {id === 'people' && !done.people && (
                  <QuietButton
                    onPress={() =>
                      void mutate(request<Done>('POST', '/first-day/alone', {}), {
                        revalidate: false,
                      })
                    }
                  >
                    {STRINGS.iWorkAlone}
                  </QuietButton>
                )}
                {id === next.id ? (
                  <ActionLink to={to}>{title}</ActionLink>
                ) : (
                  <QuietLink to={to}>{done[id] ? STRINGS.change : title}</QuietLink>
                )}
              </Row>
            </li>
          ))}
        </List>
      </Stack>
    </Panel>
  );
};

const EmptyShop = () => (
  <Panel aria-label={STRINGS.empty}>
    <Row $gap={20}>
      <div style={{ flex: 1, minWidth: 240 }}>
        <PageHeading title={STRINGS.noBladesInTheShop} />
        <MutedText>{STRINGS.everythingHasGoneHome}</MutedText>
      </div>
      <ActionLink to="/take-in">{STRINGS.takeInABlade}</ActionLink>
    </Row>
  </Panel>
);
