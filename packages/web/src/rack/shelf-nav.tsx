/** The pages of the shelf: what the bench owns, and what follows from it. */
import { NavLink, useLocation } from 'react-router';
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

export const ShelfNav = () => {
  // A stone belongs to the abrasives, though its address lies deeper.
  const atStone = useLocation().pathname.startsWith('/rack/stones/');
  return (
    <Pages aria-label="Shelf">
      <NavLink to="/rack" end aria-current={atStone ? 'page' : undefined}>
        Abrasives
      </NavLink>
      <NavLink to="/rack/progression">Progression</NavLink>
      <NavLink to="/rack/steels">Steels</NavLink>
      <NavLink to="/rack/machines">Machines</NavLink>
      <NavLink to="/rack/habits">Habits</NavLink>
      <NavLink to="/rack/pressure">Pressure</NavLink>
    </Pages>
  );
};
