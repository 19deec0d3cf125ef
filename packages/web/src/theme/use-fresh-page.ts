import { useEffect, useRef, type RefObject } from 'react';
import { useLocation } from 'react-router';

/**
 * A new page begins at its top, and with the focus on it: else a screen reader or a keyboard stays where the link was.
 * What was chosen on the page itself (a question of the calculator) keeps the focus.
 */
export const useFreshPage = (main: RefObject<HTMLElement | null>): void => {
  const { pathname } = useLocation();
  const shown = useRef(pathname);
  useEffect(() => {
    if (shown.current === pathname) return;
    shown.current = pathname;
    const focused = document.activeElement;
    if (focused && focused !== document.body && main.current?.contains(focused)) return;
    window.scrollTo(0, 0);
    main.current?.focus({ preventScroll: true });
  }, [pathname, main]);
};
