/** The heading of a page, and with it the title its tab and its history go by. */
import { useEffect, type ReactNode } from 'react';
import { STRINGS } from './strings';

export const PageHeading = ({
  title,
  children = title,
}: {
  /** As a tab shows it. */
  readonly title: string;
  readonly children?: ReactNode;
}) => {
  // The letters come once there is something to read: over a thin line they would hold it up.
  useEffect(() => {
    import('../fonts').catch(() => undefined);
  }, []);
  return (
    <>
      <title>{STRINGS.patientEdge(title)}</title>
      <h1>{children}</h1>
    </>
  );
};
