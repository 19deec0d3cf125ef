/** What a page is laid out with: panels, rows, stacks, and text that stands back. */
import styled from 'styled-components';

/** A sheet of a page, in a thin frame: what belongs together. Slim where it is one line until it is opened. */
export const Panel = styled.section<{ $slim?: boolean }>`
  background: var(--sheet);
  border: 1px solid var(--line);
  padding: ${({ $slim }) => ($slim ? '3px' : '16px')} 18px;
  &:has(h2 > button[aria-expanded='true']) {
    padding-block: 8px 16px;
  }
  min-width: 0;
  /* Where there is little room what is too wide moves within its sheet, never the page. */
  @media (max-width: 1000px) {
    overflow-x: auto;
    /* What only a screen reader sees moves with it. */
    position: relative;
  }
`;

export const Row = styled.div<{ $gap?: number; $align?: string }>`
  display: flex;
  flex-wrap: wrap;
  gap: ${({ $gap }) => $gap ?? 12}px;
  align-items: ${({ $align }) => $align ?? 'center'};
  /* A link that stands alone is as large as a button. */
  & > a {
    min-height: 44px;
    display: inline-flex;
    align-items: center;
  }
`;
export const Stack = styled.div<{ $gap?: number }>`
  display: grid;
  gap: ${({ $gap }) => $gap ?? 14}px;
  align-content: start;
  min-width: 0;
`;
export const MutedText = styled.p`
  color: var(--ink-soft);
`;
/** Stands where something comes: what is below is out of sight until then, or a press on it would miss as it moves down. */
export const Awaited = styled.p`
  min-height: 100vh;
`;
export const Figures = styled.span`
  font-family: var(--figures);
  font-variant-numeric: tabular-nums;
`;
