import { useEffect, useRef, type RefObject } from 'react';
import { NavigationType, useLocation, useNavigationType } from 'react-router';
import { noteScroll, returnTo } from './scroll-places';

/**
 * A new page begins at its top, and with the focus on it: else a screen reader or a keyboard stays where the link was.
 * What was chosen on the page itself (a question of the calculator) keeps the focus. Back and forward find a page where
 * it was left.
 */
export const useFreshPage = (main: RefObject<HTMLElement | null>): void => {
  const { pathname, key } = useLocation();
  const how = useNavigationType();
  const shown = useRef(pathname);
  useEffect(() => {
    const note = (): void => noteScroll(key);
    window.addEventListener('scroll', note, { passive: true });
    return () => window.removeEventListener('scroll', note);
  }, [key]);
  useEffect(() => {
    if (shown.current === pathname) return;
    shown.current = pathname;
    const focused = document.activeElement;
    const isOnPage =
      focused !== null && focused !== document.body && main.current?.contains(focused);
    if (!isOnPage) main.current?.focus({ preventScroll: true });
    if (how === NavigationType.Pop) return returnTo(key);
    if (!isOnPage) window.scrollTo(0, 0);
    return undefined;
  }, [pathname, key, how, main]);
};
