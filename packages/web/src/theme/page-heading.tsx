/** The heading of a page, and with it the title its tab and its history go by. */
import type { ReactNode } from 'react';

export const PageHeading = ({
  title,
  children = title,
}: {
  /** As a tab shows it. */
  readonly title: string;
  readonly children?: ReactNode;
}) => (
  <>
    <title>{`${title} · Patient Edge`}</title>
    <h1>{children}</h1>
  </>
);
