/** Track and thumb of a slider. */
import { SliderThumb, SliderTrack } from 'react-aria-components/Slider';
import styled from 'styled-components';

const Track = styled(SliderTrack)`
  height: 44px;
  width: 100%;
  position: relative;
  &::before {
    content: '';
    position: absolute;
    left: 0;
    right: 0;
    top: 20px;
    height: 4px;
    background: var(--steel-deep);
  }
`;
const Thumb = styled(SliderThumb)`
  top: 22px;
  width: 26px;
  height: 26px;
  border-radius: 50%;
  background: var(--accent);
  border: 3px solid var(--sheet);
  &[data-focus-visible] {
    outline: 3px solid var(--accent);
  }
`;

/** Track and thumb of a slider (inside React Aria's Slider). */
export const SliderBar = () => (
  <Track>
    <Thumb />
  </Track>
);
