/** Steels: found by typing, each in the words of a colleague; the shop's own; and which one an unknown is. */
import type { OwnSteel } from '@patient-edge/contract';
import { STEELS, type Steel } from '@patient-edge/core';
import { useDeferredValue, useState } from 'react';
import { useSearchParams } from 'react-router';
import styled from 'styled-components';
import { useOwnSteels } from '../api/hooks';
import { useMay } from '../api/may';
import { ShelfNav } from '../rack/shelf-nav';
import { ActionButton } from '../theme/buttons';
import { Row, Panel, MutedText, Stack } from '../theme/layout';
import { TextEntry } from '../theme/text-fields';
import { Waiting } from '../theme/waiting';
import { RecogniseSteel } from './recognise-steel';
import { SteelCard } from './steel-card';
import { SteelForm } from './steel-form';
import { PageHeading } from '../theme/page-heading';
import { useAdding } from '../theme/use-adding';
import { STRINGS } from './strings';

const Layout = styled.div`
  display: grid;
  grid-template-columns: 400px minmax(0, 1fr);
  gap: 22px;
  align-items: start;
  @media (max-width: 960px) {
    grid-template-columns: 1fr;
  }
`;
const List = styled.ul`
  max-height: 66vh;
  overflow: auto;
  border-top: 2px solid var(--ink);
  & button {
    font: inherit;
    color: var(--ink);
    width: 100%;
    text-align: left;
    background: none;
    border: none;
    border-bottom: 1px solid var(--line-soft);
    border-left: 5px solid transparent;
    padding: 8px 10px;
    min-height: 44px;
    cursor: pointer;
    display: grid;
  }
  & button[aria-current] {
    border-left-color: var(--accent);
    background: var(--sheet);
    font-weight: 650;
  }
  & small {
    color: var(--ink-soft);
    font-size: 14px;
    font-weight: 400;
  }
`;

export const isOwn = (steel: Steel): steel is OwnSteel => 'id' in steel;

const SteelsPage = () => {
  const { data: own, error } = useOwnSteels();
  const [params, setParams] = useSearchParams();
  const [text, setText] = useState('');
  const [isAdding, setAdding] = useAdding();
  const [editedId, setEditedId] = useState<number | null>(null);
  const editing = isAdding ? 'new' : editedId;
  const setEditing = (next: number | 'new' | null): void => {
    setEditedId(typeof next === 'number' ? next : null);
    if (isAdding !== (next === 'new')) setAdding(next === 'new');
  };
  const wanted = useDeferredValue(text.trim().toLowerCase());
  const mayEdit = useMay('change steels');
  if (!own) return <Waiting error={error} text={STRINGS.loadingSteels} />;
  const all: readonly Steel[] = [...own, ...STEELS];
  const shown = all.filter(({ designation, steelClass, composition, standard }) =>
    `${designation} ${steelClass} ${composition} ${standard}`.toLowerCase().includes(wanted),
  );
  const chosen =
    all.find(({ designation }) => designation === params.get('steel')) ?? shown[0] ?? all[0]!;
  const choose = (designation: string): void => {
    setEditing(null);
    setParams({ steel: designation }, { replace: true });
  };
  return (
    <>
      <ShelfNav />
      <Stack $gap={16}>
        <Row $gap={18}>
          <PageHeading title={STRINGS.steels} />
          {mayEdit && (
            <ActionButton onPress={() => setEditing('new')}>{STRINGS.addASteel}</ActionButton>
          )}
        </Row>
        <Layout>
          <Stack>
            <TextEntry
              label={STRINGS.findByNameClassOrComposition}
              value={text}
              onChange={setText}
            />
            <List aria-label={STRINGS.steels}>
              {shown.map((steel) => (
                <li key={steel.designation}>
                  <button
                    type="button"
                    aria-current={steel.designation === chosen.designation ? 'true' : undefined}
                    onClick={() => choose(steel.designation)}
                  >
                    {steel.designation}
                    <small>
                      {steel.steelClass}, {steel.hrcLow}–{steel.hrcHigh} HRC
                      {isOwn(steel) && STRINGS.theShopsOwn}
                    </small>
                  </button>
                </li>
              ))}
            </List>
            {shown.length === 0 && <MutedText>{STRINGS.noMatchAddItAsA}</MutedText>}
          </Stack>
          <Stack $gap={16}>
            {editing !== null && (
              <SteelForm
                key={editing}
                steel={own.find(({ id }) => id === editing) ?? null}
                onClose={(kept) => {
                  setEditing(null);
                  if (kept) choose(kept.designation);
                }}
              />
            )}
            <Panel aria-label={STRINGS.theSteel}>
              <SteelCard
                steel={chosen}
                onEdit={mayEdit && isOwn(chosen) ? () => setEditing(chosen.id) : null}
              />
            </Panel>
            <Panel aria-label={STRINGS.whichSteelIsIt}>
              <RecogniseSteel onChoose={choose} />
            </Panel>
          </Stack>
        </Layout>
      </Stack>
    </>
  );
};

export default SteelsPage;
