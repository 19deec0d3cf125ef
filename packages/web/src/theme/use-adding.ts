/** A form for something new, open while the address ends in `#add`: a press, a link and a search lead to it alike. */
import { useLocation, useNavigate } from 'react-router';

export const useAdding = (): readonly [isAdding: boolean, set: (isAdding: boolean) => void] => {
  const { pathname, search, hash } = useLocation();
  const navigate = useNavigate();
  const set = (isAdding: boolean): void =>
    void navigate({ pathname, search, hash: isAdding ? 'add' : '' }, { replace: true });
  return [hash === '#add', set];
};
