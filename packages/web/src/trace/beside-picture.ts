/** A picture, and beside it what is done with it. */
import styled from 'styled-components';

export const BesidePicture = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 340px;
  gap: 16px;
  align-items: start;
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
