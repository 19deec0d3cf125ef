/** The frame around every page: where am I, where can I go, who am I. */
import type { SessionInfo } from '@patient-edge/contract';
import { LogOut, Moon, Sun } from 'lucide-react';
import { useRef, useState, type ReactNode } from 'react';
import { Button } from 'react-aria-components/Button';
import { NavLink } from 'react-router';
import styled from 'styled-components';
import { mutate } from 'swr';
import { request } from '../api/client';
import { forgetCopy } from '../api/device-copy';
import { useOutbox } from '../api/outbox';
import { useStorageFull } from '../api/stored';
import { ParkedBar } from '../bench/parked';
import { SoakBar } from '../soaking/soak-bar';
import type { Appearance } from './appearance';
import { QuietButton } from './buttons';
import { Connection } from './connection';
import { Mark } from './mark';
import { Notice } from './notice';
import { UndoProvider } from './undo';
import { useFreshPage } from './use-fresh-page';

const Bar = styled.header`
  display: flex;
  flex-wrap: wrap;
  gap: 2px 20px;
  align-items: center;
  padding: 8px 28px;
  border-bottom: 1px solid var(--line);
  background: var(--sheet);
  :root[data-full-screen] & {
    display: none;
  }
  & > a {
    font: 720 19px/1 var(--heading);
    color: var(--ink);
    text-decoration: none;
    display: flex;
    gap: 9px;
    align-items: center;
  }
  & nav {
    display: flex;
    flex-wrap: wrap;
    gap: 2px;
    flex: 1;
  }
  & nav a {
    color: var(--ink);
    text-decoration: none;
    padding: 10px 9px;
    min-height: 44px;
    border-bottom: 3px solid transparent;
  }
  & nav a[aria-current] {
    border-bottom-color: var(--accent);
    font-weight: 650;
  }
  /* On a tablet held upright and on a telephone the places stand in one line below, to be pushed along. */
  @media (max-width: 1000px) {
    padding: 4px 14px;
    justify-content: space-between;
    & nav {
      order: 3;
      flex: 1 0 100%;
      flex-wrap: nowrap;
      overflow-x: auto;
      white-space: nowrap;
    }
  }
`;
const Who = styled.div`
  display: flex;
  align-items: center;
  gap: 6px;
  color: var(--ink-soft);
  font-size: 15px;
  @media (max-width: 700px) {
    & > span {
      display: none;
    }
  }
  & button {
    background: none;
    border: none;
    color: var(--ink);
    min-width: 44px;
    min-height: 44px;
    display: grid;
    place-items: center;
    cursor: pointer;
  }
`;
/** The first thing a keyboard meets: past the places, to the page. */
const SkipLink = styled.a`
  position: absolute;
  left: -200vw;
  padding: 12px 18px;
  background: var(--accent);
  color: var(--accent-ink);
  &:focus {
    left: 12px;
    top: 8px;
    z-index: 20;
  }
`;
const Main = styled.main`
  outline: none;
  padding: 20px 28px 48px;
  max-width: 1440px;
  margin: 0 auto;
  @media (max-width: 700px) {
    padding: 14px 14px 40px;
  }
  :root[data-full-screen] & {
    flex: 1;
    min-height: 0;
    width: 100%;
    max-width: none;
    padding: 6px 22px 8px;
    display: flex;
    flex-direction: column;
    @media (max-width: 700px) {
      padding: 4px 10px 6px;
    }
  }
`;

/** What is typed is kept in the page alone then: said before the tab is closed. */
const StorageNotice = () =>
  useStorageFull() ? (
    <Notice tone="cut" alert>
      This device has no room to keep drafts. Save before you close or reload the page; strokes go
      to the server at once.
    </Notice>
  ) : null;

export const Frame = ({
  session,
  appearance,
  onAppearance,
  children,
}: {
  session: SessionInfo;
  appearance: Appearance;
  onAppearance: (next: Appearance) => void;
  children: ReactNode;
}) => {
  const waiting = useOutbox();
  const [isHeld, setHeld] = useState(false);
  const signOut = async (): Promise<void> => {
    await request('DELETE', '/session');
    await forgetCopy();
    // Nothing one person read stays for the next.
    await mutate(() => true, undefined, { revalidate: true });
  };
  const dark = appearance === 'dark';
  const main = useRef<HTMLElement>(null);
  useFreshPage(main);
  return (
    <>
      <SkipLink className="no-print" href="#page">
        Skip to the page
      </SkipLink>
      <Bar className="no-print">
        <NavLink to="/" aria-label="Patient Edge, to the shop">
          <Mark /> Patient Edge
        </NavLink>
        <nav aria-label="Main">
          <NavLink to="/" end>
            Shop
          </NavLink>
          <NavLink to="/take-in">Take in</NavLink>
          <NavLink to="/ready">Ready</NavLink>
          <NavLink to="/customers">Customers</NavLink>
          <NavLink to="/rack">Rack</NavLink>
          <NavLink to="/calculator">Calculator</NavLink>
          <NavLink to="/prices">Prices</NavLink>
          <NavLink to="/labels">Labels</NavLink>
          <NavLink to="/settings">Settings</NavLink>
        </nav>
        <Who>
          <span>
            {session.staff?.name}, {session.shopName}
          </span>
          <Button
            aria-label={dark ? 'Light appearance' : 'Dark appearance'}
            onPress={() => onAppearance(dark ? 'light' : 'dark')}
          >
            {dark ? <Sun size={20} /> : <Moon size={20} />}
          </Button>
          <Button
            aria-label="Sign out"
            onPress={() => {
              // What waits is this person's: it goes out first, or is given up knowingly.
              if (waiting.length > 0) setHeld(true);
              else void signOut();
            }}
          >
            <LogOut size={20} />
          </Button>
        </Who>
      </Bar>
      <UndoProvider>
        <Connection />
        {isHeld && waiting.length > 0 && (
          <Notice tone="cut" alert>
            <p>
              {waiting.length === 1 ? '1 thing is' : `${waiting.length} things are`} not sent yet.
              Signing out discards it.
            </p>
            <QuietButton onPress={() => setHeld(false)}>Stay</QuietButton>{' '}
            <QuietButton onPress={() => void signOut()}>Sign out and discard</QuietButton>
          </Notice>
        )}
        <SoakBar />
        <ParkedBar />
        <Main id="page" ref={main} tabIndex={-1}>
          <StorageNotice />
          {children}
        </Main>
      </UndoProvider>
    </>
  );
};
