/** The pages of an area, in a row above them; pushed along where the screen is narrow. */
import styled from 'styled-components';

export const SubPages = styled.nav`
  display: flex;
  overflow-x: auto;
  border-bottom: 2px solid var(--ink);
  margin-bottom: 18px;
  & a {
    padding: 10px 14px;
    min-height: 44px;
    color: var(--ink);
    text-decoration: none;
    white-space: nowrap;
  }
  & a[aria-current] {
    background: var(--ink);
    color: var(--page);
    font-weight: 650;
  }
`;
