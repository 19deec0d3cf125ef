/** A page that not everybody may open: reached by its address, it says who may. */
import { rolesFor, type Action, named } from '@patient-edge/core';
import type { ReactNode } from 'react';
import { useSession } from '../api/session';
import { Row, Stack } from './layout';
import { QuietLink } from './links';
import { Notice } from './notice';
import { PageHeading } from './page-heading';
import { WORDS } from './words';

const WHO = { owner: WORDS.theOwner, bench: WORDS.theBench, counter: WORDS.theCounter } as const;

interface OnlyForProps {
  readonly action: Action;
  readonly title: string;
  readonly children: ReactNode;
}

export const OnlyFor = ({ action, title, children }: OnlyForProps) => {
  const { data: session } = useSession();
  const role = session?.staff?.role;
  if (role === undefined) return null;
  const may = rolesFor(action);
  if (may.includes(role)) return children;
  return (
    <Stack>
      <PageHeading title={title} />
      <Notice>
        {WORDS.onlyCanOpenThisYouAre(may.map((each) => WHO[each]).join(' and '), named(role))}
      </Notice>
      <Row>
        <QuietLink to="/">{WORDS.backToTheShop}</QuietLink>
        <QuietLink to="/settings/roles">{WORDS.whoMayDoWhat}</QuietLink>
      </Row>
    </Stack>
  );
};
