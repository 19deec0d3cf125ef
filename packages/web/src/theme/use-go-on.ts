/** Leads on to the next page when something has been sent, unless the person has gone elsewhere by then. */
import { useCallback } from 'react';
import { useLocation, useNavigate } from 'react-router';

/**
 * Goes to a page from the one that is drawn. The address bar is asked, as it changes with the press:
 * the page drawn stays until the next is loaded, and would take a person back who had already left it.
 */
export const useGoOn = (): ((to: string) => Promise<void>) => {
  const navigate = useNavigate();
  const { pathname } = useLocation();
  return useCallback(
    async (to) => {
      if (window.location.pathname === pathname) await navigate(to);
    },
    [navigate, pathname],
  );
};
