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
    title: 'Your shop',
    says: 'Address, telephone, tax lines and currency, as receipts show them',
    to: '/settings/shop',
    action: 'change the shop',
  },
  {
    id: 'places',
    title: 'Places and days',
    says: 'Where and when customers collect',
    to: '/settings/places',
    action: 'change places',
  },
  {
    id: 'people',
    title: 'People',
    says: 'Who else works here',
    to: '/settings/people',
    action: 'change people',
  },
  {
    id: 'stones',
    title: 'Stones',
    says: 'A starter rack, or your own one by one',
    to: '/rack',
    action: 'change stones',
  },
  {
    id: 'prices',
    title: 'Prices',
    says: 'What a blade costs',
    to: '/settings/prices',
    action: 'set prices',
  },
  {
    id: 'blade',
    title: 'First blade',
    says: 'Take one in',
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
    <Panel aria-label="First day">
      <Stack>
        <Row>
          {hasBlades ? <h2>Still to set up</h2> : <PageHeading title="Set up your shop" />}
          <MutedText>
            {theirs.length - left.length} of {theirs.length} done
          </MutedText>
          {hasBlades && <QuietButton onPress={() => setHidden(true)}>Hide</QuietButton>}
        </Row>
        <List>
          {theirs.map(({ id, title, says, to }) => (
            <li key={id} {...(done[id] ? { 'data-done': '' } : {})}>
              <i>{done[id] && <Check size={18} strokeWidth={3} aria-label="done" />}</i>
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
                    I work alone
                  </QuietButton>
                )}
                {id === next.id ? (
                  <ActionLink to={to}>{title}</ActionLink>
                ) : (
                  <QuietLink to={to}>{done[id] ? 'Change' : title}</QuietLink>
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
  <Panel aria-label="Empty">
    <Row $gap={20}>
      <div style={{ flex: 1, minWidth: 240 }}>
        <PageHeading title="No blades in the shop" />
        <MutedText>Everything has gone home.</MutedText>
      </div>
      <ActionLink to="/take-in">Take in a blade</ActionLink>
    </Row>
  </Panel>
);
