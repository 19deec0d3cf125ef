/** A table wider than a telephone: it scrolls within itself, by touch, wheel or arrows. */
import type { ReactNode } from 'react';
import styled from 'styled-components';

const Scroll = styled.div`
  overflow-x: auto;
`;

export const WideTable = ({ label, children }: { label: string; children: ReactNode }) => (
  <Scroll tabIndex={0} role="group" aria-label={label}>
    {children}
  </Scroll>
);
