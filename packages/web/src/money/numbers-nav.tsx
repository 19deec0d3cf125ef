/** The pages of numbers: money, history, and quick questions. */
import { NavLink } from 'react-router';
import { useMay } from '../api/may';
import { SubPages } from '../theme/sub-pages';
import { STRINGS } from './strings';

export const NumbersNav = () => {
  const maySeeMoney = useMay('see money');
  return (
    <SubPages aria-label={STRINGS.numbers}>
      {maySeeMoney && <NavLink to="/takings">{STRINGS.takings}</NavLink>}
      {maySeeMoney && <NavLink to="/figures">{STRINGS.figures}</NavLink>}
      <NavLink to="/rates">{STRINGS.rates}</NavLink>
      <NavLink to="/forecasts">{STRINGS.forecasts}</NavLink>
      <NavLink to="/lives">{STRINGS.lives}</NavLink>
      <NavLink to="/trials">{STRINGS.trials}</NavLink>
      <NavLink to="/history">{STRINGS.history}</NavLink>
      <NavLink to="/calculator">{STRINGS.calculator}</NavLink>
    </SubPages>
  );
};
