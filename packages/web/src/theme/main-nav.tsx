/** Where one can go: the main work in sight, the rest beside it or, where the screen is narrow, in a menu. */
import type { SessionInfo } from '@patient-edge/contract';
import { mayDo, type Action } from '@patient-edge/core';
import { Menu as MenuIcon } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { Button } from 'react-aria-components/Button';
import { NavLink, useLocation } from 'react-router';
import styled from 'styled-components';
import type { Appearance } from './appearance';

interface Item {
  readonly to: string;
  readonly text: string;
  /** Further addresses that belong to it. */
  readonly also?: RegExp;
  readonly action?: Action;
  /** In sight on a tablet too. */
  readonly isMain?: boolean;
}

const ITEMS: readonly Item[] = [
  { to: '/', text: 'Shop', isMain: true, also: /^\/jobs\/\d+\/?$/ },
  { to: '/take-in', text: 'Take in', isMain: true },
  { to: '/tray', text: 'Bench', isMain: true, action: 'work step', also: /^\/jobs\/\d+\/bench/ },
  { to: '/ready', text: 'Ready', isMain: true },
  { to: '/customers', text: 'Customers', also: /^\/blades/ },
  { to: '/rack', text: 'Shelf' },
  { to: '/history', text: 'Numbers', also: /^\/(takings|calculator)/ },
  { to: '/settings', text: 'Settings' },
];

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
const MenuDrawer = lazy(async () => ({ default: (await import('./menu-drawer')).MenuDrawer }));

export interface MainNavProps {
  readonly session: SessionInfo;
  readonly appearance: Appearance;
  readonly onAppearance: (next: Appearance) => void;
  readonly onSignOut: () => void;
}

export const useNavItems = ({ staff }: SessionInfo) => {
  const { pathname } = useLocation();
  return ITEMS.filter(({ action }) => !action || (staff && mayDo(staff.role, action))).map(
    ({ to, text, also, isMain }) => ({
      to,
      text,
      isMain,
      isHere: to === '/' ? pathname === '/' || also!.test(pathname) : undefined,
      isAlso: also?.test(pathname) ?? false,
    }),
  );
};

export const MainNav = ({ session }: Pick<MainNavProps, 'session'>) => {
  const items = useNavItems(session);
  return (
    <Row aria-label="Main">
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
      <MenuButton aria-label="Menu" aria-haspopup="dialog" onPress={() => setOpen(true)}>
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
