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

/** The head of a table by the names of its columns; an empty one stands over what needs no name. */
export const Headings = ({ names }: { names: readonly string[] }) => (
  <thead>
    <tr>
      {names.map((name) => (
        <th scope="col" key={name}>
          {name}
        </th>
      ))}
    </tr>
  </thead>
);
