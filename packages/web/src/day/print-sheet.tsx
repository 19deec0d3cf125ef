/** The day on paper: each person's steps in their order, with a box to tick. On the screen it is not there. */
import type { DayFacts } from '@patient-edge/contract';
import styled from 'styled-components';
import { day } from '../theme/format';
import { timeAfter, type ShownStep } from './day-view';
import { Headings } from '../theme/wide-table';
import { STRINGS } from './strings';

const Sheet = styled.section`
  display: none;
  @media print {
    display: block;
  }
  & table {
    width: 100%;
    border-collapse: collapse;
    margin-bottom: 8mm;
    font-size: 10.5pt;
  }
  & tr {
    break-inside: avoid;
  }
  & td,
  & th {
    text-align: left;
    padding: 1.4mm 2mm;
    border-bottom: 0.2mm solid #000;
  }
  & td:last-child,
  & td:nth-child(2) {
    white-space: nowrap;
  }
  & td[data-box]::before {
    content: '';
    display: block;
    width: 5mm;
    height: 5mm;
    border: 0.4mm solid #000;
  }
`;

export const PrintSheet = ({ facts, steps }: { facts: DayFacts; steps: readonly ShownStep[] }) => (
  <Sheet>
    {[...new Set(steps.map(({ personName }) => personName))].sort().map((person) => (
      <div key={person}>
        <h2>{STRINGS.sheetOf(person, day(facts.now.day))}</h2>
        <table>
          <Headings
            names={['', STRINGS.from, STRINGS.blade, STRINGS.step, STRINGS.stone, STRINGS.promised]}
          />
          <tbody>
            {steps
              .filter(({ personName }) => personName === person)
              .map((step) => (
                <tr key={step.key}>
                  <td data-box="" />
                  <td>{timeAfter(facts, step.startMinutes)}</td>
                  <td>
                    {step.of.tagNumber} {step.of.blade}
                  </td>
                  <td>
                    {step.title}
                    {step.flattened && ` (${STRINGS.flatten})`}
                  </td>
                  <td>{step.stoneName}</td>
                  <td>{day(step.of.promisedOn)}</td>
                </tr>
              ))}
          </tbody>
        </table>
      </div>
    ))}
  </Sheet>
);
