/** The pages of numbers: money, history, and quick questions. */
import { NavLink } from 'react-router';
import { useMay } from '../api/may';
import { SubPages } from '../theme/sub-pages';
import { WORDS } from './words';

export const NumbersNav = () => {
  const maySeeMoney = useMay('see money');
  return (
    <SubPages aria-label={WORDS.numbers}>
      {maySeeMoney && <NavLink to="/takings">{WORDS.takings}</NavLink>}
      <NavLink to="/rates">{WORDS.rates}</NavLink>
      <NavLink to="/forecasts">{WORDS.forecasts}</NavLink>
      <NavLink to="/lives">{WORDS.lives}</NavLink>
      <NavLink to="/history">{WORDS.history}</NavLink>
      <NavLink to="/calculator">{WORDS.calculator}</NavLink>
    </SubPages>
  );
};
