/** Blades hung side by side by their silhouettes, each a link. */
import styled from 'styled-components';

export const Hung = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 16px 34px;
  align-items: end;
  & a {
    color: var(--ink);
    display: grid;
    gap: 4px;
  }
  & b {
    font: 650 22px/1 var(--figures);
  }
`;
