/** The pages of the shelf: what the bench owns, and what follows from it. */
import { NavLink, useLocation } from 'react-router';
import { SubPages } from '../theme/sub-pages';
import { WORDS } from './words';

export const ShelfNav = () => {
  // A stone belongs to the abrasives, though its address lies deeper.
  const atStone = useLocation().pathname.startsWith('/rack/stones/');
  return (
    <SubPages aria-label={WORDS.shelf}>
      <NavLink to="/rack" end aria-current={atStone ? 'page' : undefined}>
        {WORDS.abrasives}
      </NavLink>
      <NavLink to="/rack/progression">{WORDS.progression}</NavLink>
      <NavLink to="/rack/steels">{WORDS.steels}</NavLink>
      <NavLink to="/rack/machines">{WORDS.machines}</NavLink>
      <NavLink to="/rack/pressure">{WORDS.pressure}</NavLink>
    </SubPages>
  );
};
