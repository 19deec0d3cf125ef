/** Blades that were here before, as silhouettes: the likest to what is typed come first. */
import type { BladeOfCustomer, BladeSummary, FoundBlade } from '@patient-edge/contract';
import { bladeKind, likest, LIKELY, type Sighting } from '@patient-edge/core';
import { useDeferredValue, useState } from 'react';
import { Button } from 'react-aria-components/Button';
import styled from 'styled-components';
import { useSearch } from '../api/hooks';
import { Silhouette } from '../instruments/silhouette';
import { Row, MutedText } from '../theme/layout';
import { SearchBox } from '../theme/search-box';
import { mm } from '../theme/format';
import { STRINGS } from './strings';

const Hung = styled.ul`
  display: flex;
  gap: 8px 14px;
  overflow-x: auto;
  padding-bottom: 4px;
  /* All to one scale, however many there are: the strip moves sideways. */
  & > li {
    flex: 0 0 auto;
    max-width: 190px;
  }
  & button {
    background: none;
    border: 1px solid transparent;
    padding: 6px 8px;
    cursor: pointer;
    color: var(--ink);
    font: inherit;
    display: grid;
    gap: 2px;
    text-align: left;
    min-height: 44px;
  }
  & li[data-here] {
    padding: 7px 9px;
  }
  & button[data-hovered],
  & button[data-likely] {
    border-color: var(--accent);
    background: var(--accent-soft);
  }
  & small {
    color: var(--ink-soft);
  }
`;

interface SeenBeforeProps {
  readonly known: readonly BladeOfCustomer[];
  readonly seen: Sighting;
  readonly onChoose: (bladeId: number) => void;
}

const nameOf = ({ name, measures }: Pick<BladeSummary, 'name' | 'measures'>): string =>
  name || bladeKind(measures.kindId).label;

/** Blades of the customer at the counter. */
export const SeenBefore = ({ known, seen, onChoose }: SeenBeforeProps) => {
  const measured = seen.edgeLengthMm !== null || seen.heightHeelMm !== null;
  const atHome = known.filter(({ tagInUse }) => tagInUse === null);
  const here = known.filter(({ tagInUse }) => tagInUse !== null);
  const ranked = likest(measured ? seen : { ...seen, kindId: null }, atHome);
  return (
    <Hung aria-label={STRINGS.bladesOfTheirsThatWereHere}>
      {ranked.map(({ blade, unlike }) => (
        <li key={blade.id}>
          <Button
            onPress={() => onChoose(blade.id)}
            {...(measured && unlike <= LIKELY ? { 'data-likely': '' } : {})}
          >
            <Silhouette measures={blade.measures} scale={0.5} />
            <span>{nameOf(blade)}</span>
            <small>
              {measured && unlike <= LIKELY
                ? STRINGS.looksLikeThisOne
                : mm(blade.measures.edgeLengthMm, 0)}
            </small>
          </Button>
        </li>
      ))}
      {here.map((blade) => (
        <li key={blade.id} data-here="">
          <Silhouette measures={blade.measures} scale={0.5} />
          <span>{nameOf(blade)}</span>
          <br />
          <small>
            {STRINGS.inTheShopTag} {blade.tagInUse}
          </small>
        </li>
      ))}
    </Hung>
  );
};

/** Any blade of the shop: by the tag it had, its name or its customer's. */
export const FindBlade = ({ onChoose }: { onChoose: (blade: FoundBlade) => void }) => {
  const [typed, setTyped] = useState('');
  // A new box after each choice: nothing stays chosen in it, and its list is closed.
  const [round, setRound] = useState(0);
  const { data: found } = useSearch(useDeferredValue(typed));
  const blades = typed.trim() === '' ? [] : (found?.blades ?? []);
  return (
    <SearchBox
      key={round}
      label={STRINGS.seenBeforeTagOrName}
      items={blades.map((blade) => ({
        id: String(blade.id),
        label: nameOf(blade),
        drawn: (
          <Row $gap={12}>
            <Silhouette measures={blade.measures} scale={0.4} />
            <span>
              {nameOf(blade)}
              <MutedText as="small"> {blade.customer}</MutedText>
            </span>
          </Row>
        ),
        detail: blade.tagNumber === null ? undefined : STRINGS.hangsHereNowOnTag(blade.tagNumber),
      }))}
      typed={typed}
      selected={null}
      onType={setTyped}
      onChoose={(id) => {
        const blade = blades.find((each) => String(each.id) === id);
        setTyped('');
        setRound(round + 1);
        if (blade) onChoose(blade);
      }}
      onLeave={() => setTyped('')}
      whenEmpty={typed.trim() === '' ? STRINGS.typeATagOrAName : STRINGS.noMatch}
    />
  );
};
