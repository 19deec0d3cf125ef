/** A page that not everybody may open: reached by its address, it says who may. */
import { rolesFor, type Action, named } from '@patient-edge/core';
import type { ReactNode } from 'react';
import { useSession } from '../api/session';
import { Row, Stack } from './layout';
import { QuietLink } from './links';
import { Notice } from './notice';
import { PageHeading } from './page-heading';
import { STRINGS } from './strings';

const WHO = {
  owner: STRINGS.theOwner,
  bench: STRINGS.theBench,
  counter: STRINGS.theCounter,
} as const;

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
        {STRINGS.onlyCanOpenThisYouAre(may.map((each) => WHO[each]).join(' and '), named(role))}
      </Notice>
      <Row>
        <QuietLink to="/">{STRINGS.backToTheShop}</QuietLink>
        <QuietLink to="/settings/roles">{STRINGS.whoMayDoWhat}</QuietLink>
      </Row>
    </Stack>
  );
};
