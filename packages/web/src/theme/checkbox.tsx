/** Yes or no. */
import type { ReactNode } from 'react';
import { Check } from 'lucide-react';
import { Checkbox as AriaCheckbox } from 'react-aria-components/Checkbox';
import styled from 'styled-components';

const Box = styled(AriaCheckbox)`
  /* The input itself is unseen: it scrolls with what stands for it. */
  position: relative;
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 44px;
  cursor: pointer;
  & > [data-box] {
    width: 26px;
    height: 26px;
    flex: none;
    border: 2px solid var(--steel-deep);
    border-radius: 3px;
    display: grid;
    place-items: center;
    color: var(--accent-ink);
  }
  &[data-selected] > [data-box] {
    background: var(--accent);
    border-color: var(--accent);
  }
  &[data-focus-visible] > [data-box] {
    outline: 3px solid var(--accent);
    outline-offset: 2px;
  }
`;
const BoxError = styled.span`
  color: var(--cut);
  font-weight: 600;
  font-size: 14px;
`;

export const Checkbox = ({
  children,
  value,
  onChange,
  error,
}: {
  children: ReactNode;
  value: boolean;
  onChange: (value: boolean) => void;
  error?: string | undefined;
}) => (
  <div>
    <Box isSelected={value} onChange={onChange} isInvalid={error !== undefined}>
      {({ isSelected }) => (
        <>
          <span data-box="" aria-hidden>
            {isSelected && <Check size={18} strokeWidth={3} />}
          </span>
          <span>{children}</span>
        </>
      )}
    </Box>
    {error !== undefined && <BoxError role="alert">{error}</BoxError>}
  </div>
);
