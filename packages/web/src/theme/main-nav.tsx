/** Where one can go: the main work in sight, the rest beside it or, where the screen is narrow, in a menu. */
import type { SessionInfo } from '@patient-edge/contract';
import { mayDo, type Action } from '@patient-edge/core';
import { LogOut, Menu as MenuIcon, Moon, Sun } from 'lucide-react';
import { useState } from 'react';
import { Button } from 'react-aria-components/Button';
import { Dialog, DialogTrigger } from 'react-aria-components/Dialog';
import { Modal, ModalOverlay } from 'react-aria-components/Modal';
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
const Overlay = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  z-index: 50;
  background: rgb(8 20 26 / 45%);
`;
const Drawer = styled(Modal)`
  position: absolute;
  inset: 0 0 0 auto;
  width: min(340px, 86vw);
  overflow: auto;
  background: var(--sheet);
  padding: 16px 0;
  & > section {
    outline: none;
    display: grid;
  }
  & a,
  & button {
    display: flex;
    gap: 12px;
    align-items: center;
    min-height: 56px;
    padding: 8px 24px;
    font: 400 19px/1.2 var(--text);
    color: var(--ink);
    text-decoration: none;
    background: none;
    border: none;
    border-left: 5px solid transparent;
    text-align: left;
    cursor: pointer;
  }
  & a[aria-current] {
    border-left-color: var(--accent);
    background: var(--accent-soft);
    font-weight: 650;
  }
  & p {
    padding: 8px 24px;
    color: var(--ink-soft);
  }
  & hr {
    border: none;
    border-top: 1px solid var(--line);
    margin: 8px 24px;
  }
`;

interface MainNavProps {
  readonly session: SessionInfo;
  readonly appearance: Appearance;
  readonly onAppearance: (next: Appearance) => void;
  readonly onSignOut: () => void;
}

const useItems = ({ staff }: SessionInfo) => {
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
  const items = useItems(session);
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

/** Everything of the bar, where the bar has no room for it. */
export const MainMenu = ({ session, appearance, onAppearance, onSignOut }: MainNavProps) => {
  const items = useItems(session);
  const [isOpen, setOpen] = useState(false);
  const isDark = appearance === 'dark';
  const close = (): void => setOpen(false);
  return (
    <DialogTrigger isOpen={isOpen} onOpenChange={setOpen}>
      <MenuButton aria-label="Menu">
        <MenuIcon size={24} aria-hidden />
      </MenuButton>
      <Overlay isDismissable>
        <Drawer>
          <Dialog aria-label="Menu">
            {items.map(({ to, text, isAlso }) => (
              <NavLink
                key={to}
                to={to}
                end={to === '/'}
                onClick={close}
                {...(isAlso ? { 'aria-current': 'page' as const } : {})}
              >
                {text}
              </NavLink>
            ))}
            <hr />
            <p>
              {session.staff?.name}, {session.shopName}
            </p>
            <Button onPress={() => onAppearance(isDark ? 'light' : 'dark')}>
              {isDark ? <Sun size={20} aria-hidden /> : <Moon size={20} aria-hidden />}
              {isDark ? 'Light appearance' : 'Dark appearance'}
            </Button>
            <NavLink to="/help" onClick={close}>
              Help
            </NavLink>
            <Button
              onPress={() => {
                close();
                onSignOut();
              }}
            >
              <LogOut size={20} aria-hidden /> Sign out
            </Button>
            <Button onPress={close}>Close menu</Button>
          </Dialog>
        </Drawer>
      </Overlay>
    </DialogTrigger>
  );
};
