/** Buttons, and links that look like them. */
import { Button, type ButtonProps } from 'react-aria-components/Button';
import { Link } from 'react-router';
import styled, { css } from 'styled-components';

const buttonLook = css`
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

const strong = css`
  background: var(--accent);
  color: var(--accent-ink);
  &[data-pressed] {
    filter: brightness(0.85);
  }
`;
const quiet = css`
  background: transparent;
  color: var(--accent);
  &[data-hovered] {
    background: var(--accent-soft);
  }
`;

const StrongButton = styled(Button)`
  ${buttonLook}
  ${strong}
`;
const PlainButton = styled(Button)`
  ${buttonLook}
  ${quiet}
  border-color: var(--line);
`;

/** The next thing to do. */
export const ActionButton = (props: ButtonProps) => <StrongButton {...props} />;
/** Everything else. */
export const QuietButton = (props: ButtonProps) => <PlainButton {...props} />;

export const ActionLink = styled(Link)`
  ${buttonLook}
  ${strong}
`;
export const QuietLink = styled(Link)`
  ${buttonLook}
  ${quiet}
  border-color: var(--line);
  &:hover {
    background: var(--accent-soft);
  }
`;
