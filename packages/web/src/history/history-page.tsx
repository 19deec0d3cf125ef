/** Who did what, when: of a blade, a customer, a stone or the shop; filtered, page by page. */
import {
  HISTORY_SUBJECTS,
  type HistoryEntry,
  type HistoryPage as Page,
  type HistorySubject,
} from '@patient-edge/contract';
import { Link, useSearchParams } from 'react-router';
import useSWRInfinite from 'swr/infinite';
import styled from 'styled-components';
import { request, type ApiFailure } from '../api/client';
import { useStaffNames } from '../api/hooks';
import { useMay } from '../api/may';
import { NumbersNav } from '../money/numbers-nav';
import { QuietButton } from '../theme/buttons';
import { Columns } from '../theme/columns';
import { isIsoDay, moment } from '../theme/format';
import { textOf } from '../theme/text';
import { MutedText, Panel, Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { PageHeading } from '../theme/page-heading';
import { Select } from '../theme/select';
import { TextEntry } from '../theme/text-fields';
import { Waiting } from '../theme/waiting';
import { STRINGS } from './strings';

const FILTERS = ['subject', 'subjectId', 'staffId', 'fromDay', 'toDay'] as const;
const ALL = '';

const Entries = styled.ol`
  & > li {
    display: grid;
    grid-template-columns: 120px 140px minmax(150px, 1fr) minmax(0, 2fr);
    gap: 2px 14px;
    padding: 7px 0;
    border-bottom: 1px solid var(--line-soft);
  }
  & time,
  & > li > span {
    color: var(--ink-soft);
  }
  @media (max-width: 800px) {
    & > li {
      grid-template-columns: auto 1fr;
    }
    & > li > div {
      grid-column: 1 / -1;
    }
  }
`;

const LABELS: Readonly<Record<HistorySubject, string>> = {
  blade: STRINGS.blades,
  customer: STRINGS.customers,
  stone: STRINGS.stones,
  shop: STRINGS.theShop,
};
const TO: Readonly<Record<HistorySubject, (id: number) => string>> = {
  blade: (id) => `/blades/${id}`,
  customer: (id) => `/customers/${id}`,
  stone: (id) => `/rack/stones/${id}`,
  shop: () => '/settings',
};

const useHistory = (asked: string) =>
  useSWRInfinite<Page, ApiFailure>(
    (index, previous: Page | null) => {
      if (index === 0) return `/history?${asked}`;
      const next = previous?.next;
      if (!next) return null;
      return `/history?${asked}&${new URLSearchParams({ beforeAt: next.at, beforeId: String(next.id) })}`;
    },
    (path: string) => request<Page>('GET', path),
  );

const HistoryPage = () => {
  const [params, setParams] = useSearchParams();
  const asked = new URLSearchParams(
    FILTERS.flatMap((name) => {
      const value = params.get(name) ?? '';
      const isHeld = name.endsWith('Day') ? isIsoDay(value) : value !== '';
      return isHeld ? [[name, value]] : [];
    }),
  ).toString();
  const { data: pages, error, size, setSize, isValidating } = useHistory(asked);
  const { data: people } = useStaffNames();
  const mayExport = useMay('export records');
  const set = (part: Partial<Record<(typeof FILTERS)[number], string>>): void => {
    const next = new URLSearchParams(params);
    for (const [name, value] of Object.entries(part)) {
      if (value === ALL) next.delete(name);
      else next.set(name, value);
    }
    setParams(next, { replace: true });
  };
  const entries = pages?.flatMap((page) => page.entries);
  const one = params.get('subjectId') !== null;
  return (
    <>
      <NumbersNav />
      <Stack $gap={16}>
        <Row $gap={18}>
          <PageHeading title={STRINGS.history} />
          {mayExport && <a href={`/api/history.csv?${asked}`}>{STRINGS.exportCsv}</a>}
        </Row>
        <Panel aria-label={STRINGS.filter}>
          <Columns $columns={4}>
            <Select
              label={STRINGS.what}
              options={[
                { id: ALL, label: STRINGS.everything },
                ...HISTORY_SUBJECTS.map((id) => ({
                  id,
                  label: one && id === params.get('subject') ? STRINGS.thisOne : LABELS[id],
                })),
              ]}
              value={params.get('subject') ?? ALL}
              onChange={(subject: string) => set({ subject, subjectId: ALL })}
            />
            <Select
              label={STRINGS.person}
              options={[
                { id: ALL, label: STRINGS.everybody },
                ...(people ?? []).map(({ id, name }) => ({ id: String(id), label: name })),
              ]}
              value={params.get('staffId') ?? ALL}
              onChange={(staffId: string) => set({ staffId })}
            />
            <TextEntry
              label={STRINGS.from}
              kind="date"
              value={params.get('fromDay') ?? ''}
              onChange={(fromDay) => set({ fromDay })}
            />
            <TextEntry
              label={STRINGS.to}
              kind="date"
              value={params.get('toDay') ?? ''}
              onChange={(toDay) => set({ toDay })}
            />
          </Columns>
        </Panel>
        {!entries ? (
          <Waiting error={error} text={STRINGS.loadingTheHistory} />
        ) : entries.length === 0 ? (
          <Notice>{STRINGS.nothingWasDoneThatThisFilter}</Notice>
        ) : (
          <Panel aria-label={STRINGS.entries}>
            <Entries>
              {entries.map((entry) => (
                <Entry key={`${entry.subject} ${entry.id}`} entry={entry} />
              ))}
            </Entries>
            {pages?.at(-1)?.next && (
              <Row>
                <QuietButton isDisabled={isValidating} onPress={() => void setSize(size + 1)}>
                  {STRINGS.showEarlierEntries}
                </QuietButton>
              </Row>
            )}
          </Panel>
        )}
      </Stack>
    </>
  );
};

const Entry = ({ entry }: { entry: HistoryEntry }) => (
  <li>
    <time dateTime={entry.at}>{moment(entry.at)}</time>
    <span>{entry.who}</span>
    <div>
      {entry.of === '' ? (
        <MutedText as="span">{entry.subject === 'shop' ? STRINGS.shop : STRINGS.deleted}</MutedText>
      ) : (
        <Link to={TO[entry.subject](entry.subjectId)}>{entry.of}</Link>
      )}
    </div>
    <div>{textOf(entry.message)}</div>
  </li>
);

export default HistoryPage;
