/** The places, and what else the bar holds, one below the other. */
import { LogOut, Moon, Sun } from 'lucide-react';
import { Button } from 'react-aria-components/Button';
import { Dialog } from 'react-aria-components/Dialog';
import { Modal, ModalOverlay } from 'react-aria-components/Modal';
import { NavLink } from 'react-router';
import styled from 'styled-components';
import { useNavItems, type MainNavProps } from './nav-items';
import { STRINGS } from './strings';

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

export const MenuDrawer = ({
  session,
  appearance,
  onAppearance,
  onSignOut,
  onClose: close,
}: MainNavProps & { onClose: () => void }) => {
  const items = useNavItems(session);
  const isDark = appearance === 'dark';
  return (
    <Overlay isOpen isDismissable onOpenChange={(isOpen) => !isOpen && close()}>
      <Drawer>
        <Dialog aria-label={STRINGS.menu}>
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
            {isDark ? STRINGS.lightAppearance : STRINGS.darkAppearance}
          </Button>
          <NavLink to="/help" onClick={close}>
            {STRINGS.help}
          </NavLink>
          <Button
            onPress={() => {
              close();
              onSignOut();
            }}
          >
            <LogOut size={20} aria-hidden /> {STRINGS.signOut}
          </Button>
          <Button onPress={close}>{STRINGS.closeMenu}</Button>
        </Dialog>
      </Drawer>
    </Overlay>
  );
};
