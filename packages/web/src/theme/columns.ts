/** Fields side by side; one below the other where the screen is narrow. */
import styled from 'styled-components';

export const Columns = styled.div<{ $columns?: number }>`
  display: grid;
  gap: 14px 16px;
  grid-template-columns: repeat(${({ $columns }) => $columns ?? 2}, minmax(0, 1fr));
  align-items: start;
  @media (max-width: 700px) {
    grid-template-columns: 1fr;
  }
`;
