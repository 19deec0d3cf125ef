/** The pages of the shelf: what the bench owns, and what follows from it. */
import { NavLink, useLocation } from 'react-router';
import { SubPages } from '../theme/sub-pages';
import { STRINGS } from './strings';

export const ShelfNav = () => {
  // A stone belongs to the abrasives, though its address lies deeper.
  const atStone = useLocation().pathname.startsWith('/rack/stones/');
  return (
    <SubPages aria-label={STRINGS.shelf}>
      <NavLink to="/rack" end aria-current={atStone ? 'page' : undefined}>
        {STRINGS.abrasives}
      </NavLink>
      <NavLink to="/rack/wear">{STRINGS.wearAndCost}</NavLink>
      <NavLink to="/rack/progression">{STRINGS.progression}</NavLink>
      <NavLink to="/rack/steels">{STRINGS.steels}</NavLink>
      <NavLink to="/rack/machines">{STRINGS.machines}</NavLink>
      <NavLink to="/rack/pressure">{STRINGS.pressure}</NavLink>
    </SubPages>
  );
};
