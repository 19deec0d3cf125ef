/** A short word in place. */
import type { ReactNode } from 'react';
import styled, { css } from 'styled-components';

const noticeTone = {
  plain: css`
    border-color: var(--line);
  `,
  cut: css`
    border-color: var(--cut);
    background: var(--cut-soft);
  `,
  good: css`
    border-color: var(--good);
  `,
};
const NoticeBox = styled.div<{ $tone: keyof typeof noticeTone }>`
  border-left: 5px solid;
  padding: 9px 14px;
  background: var(--sheet);
  ${({ $tone }) => noticeTone[$tone]}
`;
/** A short word in place; `cut` for what went wrong or can hurt. */
export const Notice = ({
  tone = 'plain',
  children,
  alert = false,
}: {
  tone?: keyof typeof noticeTone;
  children: ReactNode;
  alert?: boolean;
}) => (
  <NoticeBox $tone={tone} role={alert ? 'alert' : undefined}>
    {children}
  </NoticeBox>
);
