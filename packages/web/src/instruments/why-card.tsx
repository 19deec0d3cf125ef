/** Why a figure is what it is: its rule, formula, inputs and source. */
import { asMessage, type Figure } from '@patient-edge/core';
import type { RefObject } from 'react';
import { Dialog } from 'react-aria-components/Dialog';
import { Heading } from 'react-aria-components/Heading';
import { Popover } from 'react-aria-components/Popover';
import styled from 'styled-components';
import { withUnit } from '../theme/format';
import { textOf } from '../theme/text';

const Card = styled(Popover)`
  background: var(--sheet);
  border: 1px solid var(--steel-deep);
  padding: 14px 18px;
  max-width: 400px;
  box-shadow: 0 8px 28px rgb(0 20 30 / 22%);
  color: var(--ink);
  & code {
    font: 500 16px/1.4 var(--figures);
    display: block;
    margin: 8px 0;
    color: var(--accent);
  }
  & table {
    font-size: 15px;
  }
  & td:last-child {
    font-family: var(--figures);
    text-align: right;
    padding-right: 0;
  }
  & footer {
    color: var(--ink-soft);
    font-size: 14px;
    margin-top: 8px;
  }
`;

const Explanation = ({ label, figure }: { label: string; figure: Figure }) => (
  <Dialog>
    <Heading slot="title" level={3}>
      {label}: {withUnit(figure.value, figure.unit)}
    </Heading>
    <p>{figure.why.rule}</p>
    {figure.why.formula !== undefined && <code>{figure.why.formula}</code>}
    {figure.why.inputs.length > 0 && (
      <table>
        <tbody>
          {figure.why.inputs.map(({ label: of, value, unit }) => {
            const text = textOf(asMessage(of));
            return (
              <tr key={text}>
                <td>{text}</td>
                <td>{typeof value === 'number' ? withUnit(value, unit ?? '') : value}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    )}
    <footer>{figure.why.source}</footer>
  </Dialog>
);

interface WhyCardProps {
  readonly label: string;
  readonly figure: Figure;
  /** The one that asked. */
  readonly button: RefObject<HTMLButtonElement | null>;
  readonly onOpenChange: (isOpen: boolean) => void;
}

const WhyCard = ({ label, figure, button, onOpenChange }: WhyCardProps) => (
  <Card triggerRef={button} isOpen onOpenChange={onOpenChange}>
    <Explanation label={label} figure={figure} />
  </Card>
);

export default WhyCard;
