/** What is made, and loaded, when it is first opened; closed again it keeps what was typed in it. */
import { Suspense, useState, type ReactNode } from 'react';
import { STRINGS } from './strings';

export const MadeWhenOpened = ({ open, children }: { open: boolean; children: ReactNode }) => {
  const [made, setMade] = useState(open);
  if (open && !made) setMade(true);
  if (!made) return null;
  return (
    <div hidden={!open}>
      <Suspense fallback={<p role="status">{STRINGS.opening}</p>}>{children}</Suspense>
    </div>
  );
};
