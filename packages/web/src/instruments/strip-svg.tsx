/** The sheet both strips are drawn on, and the hatching of what goes. */
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

/** Steel that goes, and faults that lie in the edge: by the id of the drawing. */
export const CutHatch = ({ id }: { readonly id: string }) => (
  <pattern
    id={`${id}-hatch`}
    width={7}
    height={7}
    patternUnits="userSpaceOnUse"
    patternTransform="rotate(45)"
  >
    <line x1={0} y1={0} x2={0} y2={7} stroke="var(--cut)" strokeWidth={2.4} />
  </pattern>
);
