/** The sheet both strips are drawn on. */
import styled from 'styled-components';

export const StripSvg = styled.svg`
  display: block;
  width: 100%;
  height: auto;
  font-family: var(--text);
  & text {
    fill: var(--ink);
    font-size: 15px;
  }
  & text[data-soft] {
    fill: var(--ink-soft);
    font-size: 13.5px;
  }
  & text[data-figure] {
    font-family: var(--figures);
    font-size: 14px;
  }
`;
