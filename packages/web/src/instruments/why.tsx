/** A figure that can be asked why. */
import type { Figure } from '@patient-edge/core';
import { Suspense, useRef, useState, type ReactNode } from 'react';
import { lazyPart } from '../theme/lazy-part';
import styled, { css } from 'styled-components';
import { valueAndUnit } from '../theme/format';
import { STRINGS } from './strings';

const Box = styled.div<{ $large: boolean }>`
  display: grid;
  gap: 1px;
  & > dt {
    color: var(--ink-soft);
    font-size: 14px;
  }
  & > dd {
    margin: 0;
    display: flex;
    flex-wrap: wrap;
    gap: 2px 9px;
    align-items: baseline;
    font: 600 ${({ $large }) => ($large ? 27 : 18)}px / 1.2 var(--figures);
    font-variant-numeric: tabular-nums;
    gap: 2px 16px;
  }
  & small {
    font: 500 0.68em/1 var(--text);
    margin-left: -0.35em;
  }
`;
/** As large as a finger, without moving what stands around it. */
const reachLook = css`
  background: none;
  border: none;
  text-decoration: underline dotted var(--accent);
  text-underline-offset: 4px;
  min-height: 44px;
  min-width: 44px;
  padding: 10px 6px;
  margin: -11px -6px;
  cursor: pointer;
`;
const WhyButton = styled.button`
  ${reachLook}
  font: 500 14px/1 var(--text);
  color: var(--accent);
`;
const AskButton = styled.button`
  ${reachLook}
  font: inherit;
  color: inherit;
  white-space: nowrap;
  text-align: inherit;
`;
/** Loaded when the first figure is asked: a page of figures is there sooner without it. */
const WhyCard = lazyPart(() => import('./why-card'));

interface ExplainedProps {
  readonly label: string;
  readonly figure: Figure;
  /** The button that asks. */
  readonly as: typeof WhyButton;
  readonly name?: string;
  readonly children: ReactNode;
}

/**
 * A button that explains a figure. The card is made only when it is asked for: a plan shows dozens of
 * figures, all drawn again while its angle moves.
 */
const Explained = ({ label, figure, as: Look, name, children }: ExplainedProps) => {
  const [open, setOpen] = useState(false);
  const button = useRef<HTMLButtonElement>(null);
  return (
    <>
      <Look
        ref={button}
        type="button"
        aria-haspopup="dialog"
        aria-expanded={open}
        aria-label={name}
        onClick={() => setOpen(true)}
      >
        {children}
      </Look>
      {open && (
        <Suspense>
          <WhyCard label={label} figure={figure} button={button} onOpenChange={setOpen} />
        </Suspense>
      )}
    </>
  );
};

export const Why = ({ label, figure }: { label: string; figure: Figure }) => (
  <Explained label={label} figure={figure} as={WhyButton} name={STRINGS.whyOf(label)}>
    {STRINGS.why}
  </Explained>
);

/** A figure in a line of figures: asked by touching it. */
export const Asked = ({
  label,
  figure,
  children,
}: {
  label: string;
  figure: Figure;
  children: ReactNode;
}) => (
  <Explained label={label} figure={figure} as={AskButton}>
    {children}
    <span className="unseen"> {STRINGS.labelWhy(label)}</span>
  </Explained>
);

const Value = ({ figure }: { figure: Figure }) => {
  const { value, unit } = valueAndUnit(figure.value, figure.unit);
  return (
    <span>
      {value} {unit !== '' && <small>{unit}</small>}
    </span>
  );
};

/** A labelled figure in a list of figures (inside a dl). */
export const FigureView = ({
  label,
  figure,
  beside,
  large = false,
}: {
  label: string;
  figure: Figure;
  /** A second figure that belongs with it, such as the inclusive angle. */
  beside?: Figure;
  large?: boolean;
}) => (
  <Box $large={large}>
    <dt>{label}</dt>
    <dd>
      <Value figure={figure} />
      {beside && <Value figure={beside} />}
      <Why label={label} figure={figure} />
    </dd>
  </Box>
);

export const FigureList = styled.dl`
  margin: 0;
  display: grid;
  gap: 12px 20px;
  grid-template-columns: repeat(auto-fit, minmax(180px, 1fr));
`;
