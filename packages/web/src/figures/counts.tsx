/** Blades counted by a reason: a table whose bars are its chart. */
import type { Counted } from '@patient-edge/contract';
import styled from 'styled-components';
import { Figures } from '../theme/layout';
import { STRINGS } from './strings';

const Bar = styled.i`
  display: block;
  height: 14px;
  min-width: 2px;
  background: var(--accent);
`;

export const Counts = ({ caption, counts }: { caption: string; counts: readonly Counted[] }) => {
  const most = Math.max(...counts.map(({ blades }) => blades));
  return (
    <table>
      <caption className="unseen">{caption}</caption>
      <thead>
        <tr>
          <th scope="col">{caption}</th>
          <th scope="col">{STRINGS.blades}</th>
          <th scope="col" aria-hidden style={{ width: '28%' }} />
        </tr>
      </thead>
      <tbody>
        {counts.map(({ name, blades }) => (
          <tr key={name}>
            <th scope="row">{name}</th>
            <td>
              <Figures>{blades}</Figures>
            </td>
            <td aria-hidden>
              <Bar style={{ width: `${(100 * blades) / most}%` }} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
};
