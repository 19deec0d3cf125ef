/** Buttons. Links that look like them are in `links.tsx`: the door of the shop has no router yet. */
import { Button, type ButtonProps } from 'react-aria-components/Button';
import styled, { css } from 'styled-components';

export const buttonLook = css`
  font: 600 16px/1.2 var(--text);
  min-height: 44px;
  padding: 9px 18px;
  border-radius: 4px;
  border: 2px solid var(--accent);
  cursor: pointer;
  display: inline-flex;
  gap: 9px;
  align-items: center;
  justify-content: center;
  text-decoration: none;
  &[data-disabled] {
    opacity: 0.5;
    cursor: default;
  }
`;

export const strongLook = css`
  background: var(--accent);
  color: var(--accent-ink);
  &[data-pressed] {
    filter: brightness(0.85);
  }
`;
export const quietLook = css`
  background: transparent;
  color: var(--accent);
  &[data-hovered] {
    background: var(--accent-soft);
  }
`;

const StrongButton = styled(Button)`
  ${buttonLook}
  ${strongLook}
`;
const PlainButton = styled(Button)`
  ${buttonLook}
  ${quietLook}
  border-color: var(--line);
`;

/** The next thing to do. */
export const ActionButton = (props: ButtonProps) => <StrongButton {...props} />;
/** Everything else. */
export const QuietButton = (props: ButtonProps) => <PlainButton {...props} />;
