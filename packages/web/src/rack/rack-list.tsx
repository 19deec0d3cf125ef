/** The rack in rows: found by typing, sorted by a press; only the rows in view are made. */
import { careOf, type Stone } from '@patient-edge/contract';
import { ABRASIVE_KIND_IDS, type AbrasiveKindId, type Care, named } from '@patient-edge/core';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useDeferredValue, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { Checkbox } from '../theme/checkbox';
import { Figures, Row, MutedText, Stack } from '../theme/layout';
import { Select } from '../theme/select';
import { TextEntry } from '../theme/text-fields';
import { STRINGS } from './strings';

const ROW_PX = 54;
const COLUMNS = 'minmax(150px, 1.5fr) 74px 120px 130px 110px minmax(140px, 1.3fr) 110px';

const LEAST_TABLE_PX = 906;

const Table = styled.div`
  @media (max-width: ${LEAST_TABLE_PX + 60}px) {
    overflow-x: auto;
    & > * {
      min-width: ${LEAST_TABLE_PX}px;
    }
  }
  & [role='row'] {
    display: grid;
    grid-template-columns: ${COLUMNS};
    gap: 12px;
    align-items: center;
    border-bottom: 1px solid var(--line-soft);
    padding: 0 2px;
  }
  & [role='columnheader'] {
    color: var(--ink-soft);
    font-size: 14px;
    font-weight: 600;
    padding: 6px 0;
  }
  & [role='columnheader'] button {
    font: inherit;
    color: inherit;
    background: none;
    border: none;
    border-bottom: 1px dotted var(--ink-soft);
    padding: 4px 0;
    min-height: 44px;
    min-width: 44px;
    cursor: pointer;
  }
  & a {
    font-weight: 650;
    display: inline-flex;
    align-items: center;
    min-height: 44px;
    min-width: 44px;
  }
`;
const Body = styled.div`
  position: relative;
  & > [role='row'] {
    position: absolute;
    left: 0;
    right: 0;
    height: ${ROW_PX}px;
  }
`;
const Feedback = styled.span<{ $due: boolean }>`
  color: ${({ $due }) => ($due ? 'var(--cut)' : 'var(--ink)')};
  font-weight: ${({ $due }) => ($due ? 650 : 400)};
`;

type Sort = 'grain' | 'name' | 'care';

interface Item {
  readonly stone: Stone;
  readonly care: Care;
}

/** How much a stone wants looking after: the larger, the sooner. */
const urgency = ({ stone, care }: Item): number =>
  (care.tooThin ? 4 : 0) +
  (stone.minutesFlat ? stone.secondsSinceFlat / 60 / stone.minutesFlat : 0) +
  (care.wet ? 0.5 : 0);

const ORDERS: Readonly<Record<Sort, (a: Item, b: Item) => number>> = {
  grain: (a, b) => b.stone.um - a.stone.um,
  name: (a, b) => a.stone.name.localeCompare(b.stone.name),
  care: (a, b) => urgency(b) - urgency(a),
};

/** The care of a stone in a few words. */
export const careWords = ({ stone, care }: Item): string =>
  [
    care.flatness === 'stays flat'
      ? ''
      : care.minutesLeft! > 0
        ? STRINGS.flatForMinMore(Math.round(care.minutesLeft!))
        : STRINGS.flattenMinOver(Math.round(-care.minutesLeft!)),
    care.tooThin ? STRINGS.tooThin : '',
    stone.soak ? STRINGS.inTheWater : care.wet ? named('drying') : '',
  ]
    .filter(Boolean)
    .join(', ') || STRINGS.needsNothing;

const isDue = ({ care }: Item): boolean =>
  care.tooThin || care.flatness === 'due' || care.flatness === 'not flat';

export const RackList = ({ stones, nowMs }: { stones: readonly Stone[]; nowMs: number }) => {
  const [text, setText] = useState('');
  const [kind, setKind] = useState<AbrasiveKindId | 'all'>('all');
  const [dueOnly, setDueOnly] = useState(false);
  const [sort, setSort] = useState<Sort>('grain');
  const wanted = useDeferredValue(text.trim().toLowerCase());
  const items = useMemo(
    () => stones.map((stone): Item => ({ stone, care: careOf(stone, nowMs) })),
    [stones, nowMs],
  );
  const shown = useMemo(
    () =>
      items
        .filter(
          (item) =>
            (kind === 'all' || item.stone.kind === kind) &&
            (!dueOnly || isDue(item)) &&
            `${item.stone.name} ${item.stone.gritLabel} ${item.stone.abrasive} ${item.stone.place}`
              .toLowerCase()
              .includes(wanted),
        )
        .sort(ORDERS[sort]),
    [items, kind, dueOnly, wanted, sort],
  );
  const kinds = ABRASIVE_KIND_IDS.filter((id) => stones.some((stone) => stone.kind === id));
  const body = useRef<HTMLDivElement>(null);
  const [scrollMargin, setScrollMargin] = useState(0);
  useLayoutEffect(() => {
    setScrollMargin(body.current?.offsetTop ?? 0);
  }, [shown.length]);
  const virtual = useWindowVirtualizer({
    count: shown.length,
    estimateSize: () => ROW_PX,
    overscan: 8,
    scrollMargin,
  });
  const heads: readonly (readonly [string, Sort | null])[] = [
    [STRINGS.name, 'name'],
    ['µm', 'grain'],
    [STRINGS.printed, null],
    [STRINGS.kind, null],
    [STRINGS.water, null],
    [STRINGS.care, 'care'],
    [STRINGS.place, null],
  ];
  return (
    <Stack>
      <Row $align="end" $gap={16}>
        <div style={{ width: 260 }}>
          <TextEntry label={STRINGS.findByNameGritAbrasiveOr} value={text} onChange={setText} />
        </div>
        <div style={{ width: 190 }}>
          <Select
            label={STRINGS.kind}
            options={[
              { id: 'all' as const, label: STRINGS.allKinds },
              ...kinds.map((id) => ({ id, label: named(id) })),
            ]}
            value={kind}
            onChange={setKind}
          />
        </div>
        <Checkbox value={dueOnly} onChange={setDueOnly}>
          {STRINGS.onlyWhatNeedsCare}
        </Checkbox>
        <MutedText role="status">{STRINGS.of(shown.length, stones.length)}</MutedText>
      </Row>
      <Table role="table" aria-label={STRINGS.abrasives} aria-rowcount={shown.length + 1}>
        <div role="rowgroup">
          <div role="row" aria-rowindex={1}>
            {heads.map(([words, by]) => (
              <span
                key={words}
                role="columnheader"
                aria-sort={by === sort ? (by === 'name' ? 'ascending' : 'descending') : undefined}
              >
                {by === null ? (
                  words
                ) : (
                  <button type="button" onClick={() => setSort(by)}>
                    {words}
                    {by === sort && ' ▾'}
                  </button>
                )}
              </span>
            ))}
          </div>
        </div>
        <Body role="rowgroup" ref={body} style={{ height: virtual.getTotalSize() }}>
          {virtual.getVirtualItems().map(({ index, start }) => {
            const item = shown[index]!;
            const { stone } = item;
            return (
              <div
                key={stone.id}
                role="row"
                aria-rowindex={index + 2}
                style={{ transform: `translateY(${start - scrollMargin}px)` }}
              >
                <span role="cell">
                  <Link to={`/rack/stones/${stone.id}`}>{stone.name}</Link>
                  {stone.retired && <MutedText as="span"> {STRINGS.retired}</MutedText>}
                </span>
                <span role="cell">
                  <Figures>{stone.um}</Figures>
                </span>
                <span role="cell">{stone.gritLabel}</span>
                <span role="cell">{named(stone.kind)}</span>
                <span role="cell">
                  {stone.soaking === 'soak' ? STRINGS.soakMin(stone.soakMinutes) : stone.soaking}
                </span>
                <span role="cell">
                  <Feedback $due={isDue(item)}>{careWords(item)}</Feedback>
                </span>
                <span role="cell">{stone.place}</span>
              </div>
            );
          })}
        </Body>
      </Table>
      {shown.length === 0 && stones.length > 0 && <MutedText>{STRINGS.noMatchOnTheRack}</MutedText>}
    </Stack>
  );
};
