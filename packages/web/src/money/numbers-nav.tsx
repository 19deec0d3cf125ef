/** The pages of numbers: money, history, and quick questions. */
import { NavLink } from 'react-router';
import { useMay } from '../api/may';
import { SubPages } from '../theme/sub-pages';

export const NumbersNav = () => {
  const maySeeMoney = useMay('see money');
  return (
    <SubPages aria-label="Numbers">
      {maySeeMoney && <NavLink to="/takings">Takings</NavLink>}
      <NavLink to="/history">History</NavLink>
      <NavLink to="/calculator">Calculator</NavLink>
    </SubPages>
  );
};
