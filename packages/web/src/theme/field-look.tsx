/** What every field shares: its label, its hint, what is wrong with it. */
import { FieldError } from 'react-aria-components/FieldError';
import { Label } from 'react-aria-components/Label';
import { Text } from 'react-aria-components/Text';
import styled, { css } from 'styled-components';

export const fieldLook = css`
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 4px;
  align-content: start;
  min-width: 0;
`;
const labelLook = css`
  font-weight: 600;
  font-size: 15px;
`;
/** Fields that are typed into. */
export const inputLook = css`
  font: 400 17px/1.3 var(--text);
  min-height: 44px;
  width: 100%;
  padding: 8px 11px;
  color: var(--ink);
  background: var(--page);
  border: 1px solid var(--steel-deep);
  border-radius: 3px;
  &[data-invalid] {
    border: 2px solid var(--cut);
  }
`;

export const FieldLabel = styled(Label)`
  ${labelLook}
`;

export const Hint = styled(Text)`
  color: var(--ink-soft);
  font-size: 14px;
`;
export const Wrong = styled(FieldError)`
  color: var(--cut);
  font-weight: 600;
  font-size: 14px;
`;
