/** Drawings whose letters stay readable: drawn anew for a narrow sheet, or moved within it where that cannot be. */
import {
  useCallback,
  useLayoutEffect,
  useRef,
  useState,
  type ReactNode,
  type RefObject,
} from 'react';
import styled from 'styled-components';

const Sheet = styled.div<{ $leastPx: number }>`
  overflow-x: auto;
  min-width: 0;
  & > svg {
    min-width: ${({ $leastPx }) => $leastPx}px;
  }
`;

/** Whether the sheet holds more than it shows: then a keyboard must be able to move it. */
const watchOverflow = (sheet: HTMLDivElement | null): (() => void) | undefined => {
  if (!sheet || typeof ResizeObserver === 'undefined') return undefined;
  const look = (): void => {
    if (sheet.scrollWidth > sheet.clientWidth) sheet.tabIndex = 0;
    else sheet.removeAttribute('tabindex');
  };
  const observer = new ResizeObserver(look);
  observer.observe(sheet);
  look();
  return () => observer.disconnect();
};

/** A sheet that moves sideways within itself where the drawing needs more than there is. */
export const DrawingSheet = ({
  leastPx,
  ref,
  children,
}: {
  leastPx: number;
  ref?: RefObject<HTMLDivElement | null>;
  children: ReactNode;
}) => {
  const both = useCallback(
    (sheet: HTMLDivElement | null) => {
      if (ref) ref.current = sheet;
      return watchOverflow(sheet);
    },
    [ref],
  );
  return (
    <Sheet ref={both} $leastPx={leastPx}>
      {children}
    </Sheet>
  );
};

interface Drawn {
  readonly sheet: RefObject<HTMLDivElement | null>;
  /** To be drawn that wide, px: what the sheet has, within the limits. */
  readonly widthPx: number;
}

/** Follows the width of the sheet it is put on. At first, and where nothing is measured, the widest. */
export const useDrawnWidth = (leastPx: number, mostPx: number): Drawn => {
  const sheet = useRef<HTMLDivElement>(null);
  const [widthPx, setWidthPx] = useState(mostPx);
  useLayoutEffect(() => {
    const element = sheet.current;
    if (!element || typeof ResizeObserver === 'undefined') return undefined;
    const measure = (): void => {
      const has = element.clientWidth;
      if (has > 0) setWidthPx(Math.round(Math.min(mostPx, Math.max(leastPx, has))));
    };
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    return () => observer.disconnect();
  }, [leastPx, mostPx]);
  return { sheet, widthPx };
};
