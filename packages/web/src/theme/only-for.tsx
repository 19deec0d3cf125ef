/** A page that not everybody may open: reached by its address, it says who may. */
import { rolesFor, type Action } from '@patient-edge/core';
import type { ReactNode } from 'react';
import { useSession } from '../api/session';
import { Row, Stack } from './layout';
import { QuietLink } from './links';
import { Notice } from './notice';
import { PageHeading } from './page-heading';

const WHO = { owner: 'the owner', bench: 'the bench', counter: 'the counter' } as const;

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
        Only {may.map((each) => WHO[each]).join(' and ')} can open this; you are signed in as {role}
        .
      </Notice>
      <Row>
        <QuietLink to="/">Back to the shop</QuietLink>
        <QuietLink to="/settings/roles">Who may do what</QuietLink>
      </Row>
    </Stack>
  );
};
