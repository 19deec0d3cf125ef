/** Where one can go: the main work in sight, the rest beside it or, where the screen is narrow, in a menu. */
import { Menu as MenuIcon } from 'lucide-react';
import { Suspense, useState } from 'react';
import { lazyPart } from './lazy-part';
import { Button } from 'react-aria-components/Button';
import { NavLink } from 'react-router';
import styled from 'styled-components';
import { useNavItems, type MainNavProps } from './nav-items';
import { STRINGS } from './strings';

const Row = styled.nav`
  display: flex;
  gap: 2px;
  flex: 1;
  & a {
    color: var(--ink);
    text-decoration: none;
    padding: 11px 10px;
    min-height: 44px;
    border-bottom: 3px solid transparent;
    white-space: nowrap;
  }
  & a[aria-current] {
    border-bottom-color: var(--accent);
    font-weight: 650;
  }
  @media (max-width: 1080px) {
    & a:not([data-main]) {
      display: none;
    }
  }
  @media (max-width: 640px) {
    display: none;
  }
`;
const MenuButton = styled(Button)`
  && {
    display: none;
    @media (max-width: 1080px) {
      display: grid;
    }
  }
`;
const MenuDrawer = lazyPart(async () => ({ default: (await import('./menu-drawer')).MenuDrawer }));

export const MainNav = ({ session }: Pick<MainNavProps, 'session'>) => {
  const items = useNavItems(session);
  return (
    <Row aria-label={STRINGS.main}>
      {items.map(({ to, text, isMain, isAlso }) => (
        <NavLink
          key={to}
          to={to}
          end={to === '/'}
          {...(isMain ? { 'data-main': '' } : {})}
          {...(isAlso ? { 'aria-current': 'page' as const } : {})}
        >
          {text}
        </NavLink>
      ))}
    </Row>
  );
};

/** Everything of the bar, where the bar has no room for it; loaded with the first press. */
export const MainMenu = (props: MainNavProps) => {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <MenuButton aria-label={STRINGS.menu} aria-haspopup="dialog" onPress={() => setOpen(true)}>
        <MenuIcon size={24} aria-hidden />
      </MenuButton>
      {isOpen && (
        <Suspense fallback={null}>
          <MenuDrawer {...props} onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
};
