/** The pages of the shelf: what the bench owns, and what follows from it. */
import { NavLink, useLocation } from 'react-router';
import { SubPages } from '../theme/sub-pages';

export const ShelfNav = () => {
  // A stone belongs to the abrasives, though its address lies deeper.
  const atStone = useLocation().pathname.startsWith('/rack/stones/');
  return (
    <SubPages aria-label="Shelf">
      <NavLink to="/rack" end aria-current={atStone ? 'page' : undefined}>
        Abrasives
      </NavLink>
      <NavLink to="/rack/progression">Progression</NavLink>
      <NavLink to="/rack/steels">Steels</NavLink>
      <NavLink to="/rack/machines">Machines</NavLink>
      <NavLink to="/rack/pressure">Pressure</NavLink>
    </SubPages>
  );
};
