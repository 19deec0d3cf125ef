/** A part of a page that is one line until it is opened: its title, and what it holds in a few words. */
import { ChevronDown, ChevronRight } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { MutedText, Stack } from './layout';
import { MadeWhenOpened } from './made-when-opened';

const Line = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  align-items: baseline;
  & h2,
  & h3 {
    margin: 0;
  }
  & button {
    font: inherit;
    color: inherit;
    background: none;
    border: none;
    padding: 0 6px 0 0;
    min-height: 44px;
    display: inline-flex;
    gap: 6px;
    align-items: center;
    cursor: pointer;
    text-align: left;
  }
`;

interface FoldProps {
  readonly title: string;
  /** What it holds, in a few words. */
  readonly says: string;
  readonly level?: 2 | 3;
  /** Made, and loaded, when it is first opened. */
  readonly children: ReactNode;
}

export const Fold = ({ title, says, level = 3, children }: FoldProps) => {
  const [open, setOpen] = useState(false);
  const Heading = level === 2 ? 'h2' : 'h3';
  return (
    <Stack $gap={10}>
      <Line>
        <Heading>
          <button type="button" aria-expanded={open} onClick={() => setOpen(!open)}>
            {open ? <ChevronDown size={20} aria-hidden /> : <ChevronRight size={20} aria-hidden />}
            {title}
          </button>
        </Heading>
        <MutedText>{says}</MutedText>
      </Line>
      <MadeWhenOpened open={open}>{children}</MadeWhenOpened>
    </Stack>
  );
};
