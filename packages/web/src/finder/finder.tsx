/** One box that finds anything from anywhere: tags, customers, telephones, blades, stones, pages. Opened by a key. */
import { bladeKind, mayDo, named } from '@patient-edge/core';
import { useEffect, useMemo, useState } from 'react';
import { Autocomplete } from 'react-aria-components/Autocomplete';
import { Dialog } from 'react-aria-components/Dialog';
import { Header } from 'react-aria-components/Header';
import { Input } from 'react-aria-components/Input';
import { Menu, MenuItem, MenuSection } from 'react-aria-components/Menu';
import { Modal, ModalOverlay } from 'react-aria-components/Modal';
import { SearchField } from 'react-aria-components/SearchField';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { useSearch, useStones } from '../api/hooks';
import { useSession } from '../api/session';
import { Silhouette } from '../instruments/silhouette';
import { matching } from './match';
import { DEEDS, PLACES, type Deed } from './places';
import { useAppearance } from '../theme/appearance';
import { STRINGS } from './strings';

const MOST_OF_A_KIND = 6;
/** So that a typist asks for words, not for letters. */
const PAUSE_MS = 60;

const Overlay = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  z-index: 60;
  background: rgb(8 20 26 / 45%);
  display: grid;
  justify-items: center;
  align-items: start;
  padding: 9vh 12px 12px;
`;
const Box = styled(Modal)`
  width: min(680px, 100%);
  background: var(--sheet);
  border: 1px solid var(--steel-deep);
  box-shadow: 0 18px 60px rgb(0 20 30 / 30%);
  & > section {
    outline: none;
  }
  & input {
    font: 400 21px/1.3 var(--text);
    width: 100%;
    min-height: 60px;
    padding: 10px 18px;
    border: none;
    border-bottom: 1px solid var(--line);
    background: var(--page);
    color: var(--ink);
    outline-offset: -3px;
    &::-webkit-search-cancel-button {
      display: none;
    }
  }
`;
const Results = styled(Menu)`
  max-height: 62vh;
  overflow: auto;
  outline: none;
  padding-bottom: 8px;
  & header {
    font-size: 14px;
    font-weight: 600;
    color: var(--ink-soft);
    padding: 10px 18px 2px;
  }
`;
const Item = styled(MenuItem)`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 2px 12px;
  align-items: center;
  min-height: 44px;
  padding: 6px 18px;
  cursor: pointer;
  outline: none;
  color: var(--ink);
  &[data-focused] {
    background: var(--accent-soft);
  }
  & small {
    font-size: 14px;
    color: var(--ink-soft);
  }
`;
const Nothing = styled.p`
  padding: 14px 18px;
  color: var(--ink-soft);
`;

interface Result {
  readonly id: string;
  readonly title: string;
  readonly says: string;
  readonly does: Deed['does'];
  readonly picture?: Parameters<typeof Silhouette>[0]['measures'];
}
interface Group {
  readonly title: string;
  readonly results: readonly Result[];
}

/** What was typed, once the typist pauses. */
const useSettled = (typed: string): string => {
  const [settled, setSettled] = useState(typed);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(typed), PAUSE_MS);
    return () => clearTimeout(timer);
  }, [typed]);
  return settled;
};

const useResults = (typed: string): { groups: readonly Group[]; isSearching: boolean } => {
  const asked = useSettled(typed);
  const { data: found, isLoading } = useSearch(asked);
  const { data: stones } = useStones();
  const { data: session } = useSession();
  const role = session?.staff?.role;
  const groups = useMemo((): readonly Group[] => {
    if (typed.trim() === '' || role === undefined) return [];
    const pages = matching(
      typed,
      PLACES.filter(({ action }) => action === undefined || mayDo(role, action)),
      ({ title, says }) => `${title} ${says}`,
      MOST_OF_A_KIND,
    );
    return [
      {
        title: STRINGS.blades,
        results: (found?.blades ?? []).slice(0, MOST_OF_A_KIND).map((blade) => ({
          id: `blade ${blade.id}`,
          title: `${blade.tagNumber === null ? '' : STRINGS.tag(blade.tagNumber)}${blade.name || bladeKind(blade.measures.kindId).label}`,
          says: `${blade.customer}${blade.jobId === null ? STRINGS.goneHome : ''}`,
          does: { to: blade.jobId === null ? `/blades/${blade.id}` : `/jobs/${blade.jobId}` },
          picture: blade.measures,
        })),
      },
      {
        title: STRINGS.customers,
        results: (found?.customers ?? []).slice(0, MOST_OF_A_KIND).map((customer) => ({
          id: `customer ${customer.id}`,
          title: customer.name,
          says: [customer.trade, customer.phone].filter(Boolean).join(', '),
          does: { to: `/customers/${customer.id}` },
        })),
      },
      {
        title: STRINGS.stones,
        results: matching(
          typed,
          stones ?? [],
          ({ name, um, kind }) => STRINGS.nameUmKind(name, um, named(kind)),
          MOST_OF_A_KIND,
        ).map((stone) => ({
          id: `stone ${stone.id}`,
          title: stone.name,
          says: STRINGS.umKind(stone.um, named(stone.kind)),
          does: { to: `/rack/stones/${stone.id}` },
        })),
      },
      {
        title: STRINGS.actions,
        results: matching(
          typed,
          DEEDS.filter(({ action }) => action === undefined || mayDo(role, action)),
          ({ title, says }) => `${title} ${says}`,
          MOST_OF_A_KIND,
        ).map(({ title, says, does }) => ({ id: `deed ${title}`, title, says, does })),
      },
      {
        title: STRINGS.pages,
        results: pages.map(({ title, says, to }) => ({
          id: `page ${to}`,
          title,
          says,
          does: { to },
        })),
      },
    ].filter(({ results }) => results.length > 0);
  }, [typed, found, stones, role]);
  return { groups, isSearching: isLoading || asked !== typed };
};

export const Finder = ({ onClose }: { onClose: () => void }) => {
  const [typed, setTyped] = useState('');
  const { groups, isSearching } = useResults(typed);
  const navigate = useNavigate();
  const [appearance, setAppearance] = useAppearance();
  const goTo = (id: string): void => {
    const result = groups.flatMap(({ results }) => results).find((each) => each.id === id);
    if (!result) return;
    onClose();
    if (result.does === 'change appearance')
      setAppearance(appearance === 'light' ? 'dark' : 'light');
    else if ('to' in result.does) void navigate(result.does.to);
    else window.location.assign(result.does.fetches);
  };
  return (
    <Overlay isOpen isDismissable onOpenChange={(isOpen) => !isOpen && onClose()}>
      <Box>
        <Dialog aria-label={STRINGS.findAnything}>
          <Autocomplete inputValue={typed} onInputChange={setTyped}>
            <SearchField aria-label={STRINGS.findAnything} autoFocus>
              <Input placeholder={STRINGS.tagCustomerTelephoneBladeStoneOr} />
            </SearchField>
            <Results
              aria-label={STRINGS.found}
              onAction={(key) => goTo(String(key))}
              renderEmptyState={() =>
                typed.trim() === '' ? null : (
                  <Nothing>
                    {isSearching ? STRINGS.searching : STRINGS.nothingFoundFor(typed)}
                  </Nothing>
                )
              }
            >
              {groups.map(({ title, results }) => (
                <MenuSection key={title}>
                  <Header>{title}</Header>
                  {results.map(({ id, title: name, says, picture }) => (
                    <Item key={id} id={id} textValue={`${name}, ${says}`}>
                      <span>
                        {name} <small>{says}</small>
                      </span>
                      {picture && <Silhouette measures={picture} scale={0.28} />}
                    </Item>
                  ))}
                </MenuSection>
              ))}
            </Results>
          </Autocomplete>
        </Dialog>
      </Box>
    </Overlay>
  );
};
