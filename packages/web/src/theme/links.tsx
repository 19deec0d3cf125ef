/** Links that look like buttons: to another page. */
import { Link } from 'react-router';
import styled from 'styled-components';
import { buttonLook, quietLook, strongLook } from './buttons';

export const ActionLink = styled(Link)`
  ${buttonLook}
  ${strongLook}
`;
export const QuietLink = styled(Link)`
  ${buttonLook}
  ${quietLook}
  border-color: var(--line);
  &:hover {
    background: var(--accent-soft);
  }
`;
