/** The pages of the shelf: what the bench owns, and what follows from it. */
import { NavLink } from 'react-router';
import styled from 'styled-components';

const Pages = styled.nav`
  display: flex;
  flex-wrap: wrap;
  border-bottom: 2px solid var(--ink);
  margin-bottom: 18px;
  & a {
    padding: 10px 14px;
    min-height: 44px;
    color: var(--ink);
    text-decoration: none;
  }
  & a[aria-current] {
    background: var(--ink);
    color: var(--page);
    font-weight: 650;
  }
`;

export const ShelfNav = () => (
  <Pages aria-label="Shelf">
    <NavLink to="/rack" end>
      Abrasives
    </NavLink>
    <NavLink to="/rack/progression">Progression</NavLink>
    <NavLink to="/rack/steels">Steels</NavLink>
    <NavLink to="/rack/machines">Machines</NavLink>
    <NavLink to="/rack/pressure">Pressure</NavLink>
  </Pages>
);
