/** The frame around every page: where am I, where can I go, who am I. */
import type { SessionInfo } from '@patient-edge/contract';
import { CircleHelp, LogOut, Moon, Search, Sun } from 'lucide-react';
import { Suspense, useRef, useState, type ReactNode } from 'react';
import { lazyPart } from './lazy-part';
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
import { MainMenu, MainNav } from './main-nav';
import { useFreshPage } from './use-fresh-page';
import { useKeys } from './use-keys';
import { STRINGS } from './strings';

/** Loaded with the first press of their keys. */
const Finder = lazyPart(async () => ({ default: (await import('../finder/finder')).Finder }));
const KeySheet = lazyPart(async () => ({ default: (await import('../help/key-sheet')).KeySheet }));

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
    min-height: 44px;
    font: 720 19px/1 var(--heading);
    color: var(--ink);
    text-decoration: none;
    display: flex;
    gap: 9px;
    align-items: center;
  }
  @media (max-width: 1080px) {
    padding: 4px 14px;
    flex-wrap: nowrap;
  }
`;
const Who = styled.div`
  display: flex;
  align-items: center;
  gap: 6px;
  color: var(--ink-soft);
  font-size: 15px;
  margin-left: auto;
  @media (max-width: 1400px) {
    & [data-shop] {
      display: none;
    }
  }
  @media (max-width: 1160px) {
    & > span {
      display: none;
    }
  }
  @media (max-width: 1080px) {
    & > [data-wide] {
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
      {STRINGS.thisDeviceHasNoRoomTo}
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
  // What waits is this person's: it goes out first, or is given up knowingly.
  const askToSignOut = (): void => {
    if (waiting.length > 0) setHeld(true);
    else void signOut();
  };
  const [open, setOpen] = useState<'finder' | 'keys' | null>(null);
  useKeys((key) => {
    if (open !== null) return undefined;
    if (key === '/') return () => setOpen('finder');
    return key === '?' ? () => setOpen('keys') : undefined;
  });
  const dark = appearance === 'dark';
  const main = useRef<HTMLElement>(null);
  useFreshPage(main);
  return (
    <>
      <SkipLink className="no-print" href="#page">
        {STRINGS.skipToThePage}
      </SkipLink>
      <Bar className="no-print">
        <NavLink to="/" aria-label={STRINGS.patientEdgeToTheShop}>
          <Mark /> {STRINGS.patientEdgeAlone}
        </NavLink>
        <MainNav session={session} />
        <Who>
          <span>
            {session.staff?.name}
            <span data-shop="">, {session.shopName}</span>
          </span>
          <Button aria-label={STRINGS.findAnything} onPress={() => setOpen('finder')}>
            <Search size={20} />
          </Button>
          <Button
            data-wide=""
            aria-label={dark ? STRINGS.lightAppearance : STRINGS.darkAppearance}
            onPress={() => onAppearance(dark ? 'light' : 'dark')}
          >
            {dark ? <Sun size={20} /> : <Moon size={20} />}
          </Button>
          <Button data-wide="" aria-label={STRINGS.keysAndHelp} onPress={() => setOpen('keys')}>
            <CircleHelp size={20} />
          </Button>
          <Button data-wide="" aria-label={STRINGS.signOut} onPress={askToSignOut}>
            <LogOut size={20} />
          </Button>
          <MainMenu
            session={session}
            appearance={appearance}
            onAppearance={onAppearance}
            onSignOut={askToSignOut}
          />
        </Who>
      </Bar>
      <UndoProvider>
        <Connection />
        {isHeld && waiting.length > 0 && (
          <Notice tone="cut" alert>
            <p>{STRINGS.notSentYetSigningOutDiscards(STRINGS.thingsAre(waiting.length))}</p>
            <QuietButton onPress={() => setHeld(false)}>{STRINGS.stay}</QuietButton>{' '}
            <QuietButton onPress={() => void signOut()}>{STRINGS.signOutAndDiscard}</QuietButton>
          </Notice>
        )}
        <Suspense fallback={null}>
          {open === 'finder' && <Finder onClose={() => setOpen(null)} />}
          {open === 'keys' && <KeySheet onClose={() => setOpen(null)} />}
        </Suspense>
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
