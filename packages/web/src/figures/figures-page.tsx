/** The shop in figures: what went home, what came back and was late, who brings what, and what an hour earns. */
import { FIGURE_GROUPS, type FigureGroup, type FigureSheet } from '@patient-edge/contract';
import { Link, useSearchParams } from 'react-router';
import { useFigures } from '../api/hooks';
import { useSession } from '../api/session';
import { NumbersNav } from '../money/numbers-nav';
import { Columns } from '../theme/columns';
import { isIsoDay } from '../theme/format';
import { Panel, Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { PageHeading } from '../theme/page-heading';
import { SegmentedControl } from '../theme/segmented-control';
import { TextEntry } from '../theme/text-fields';
import { Waiting } from '../theme/waiting';
import { ByGroup } from './by-group';
import { CameBack, WasLate } from './came-back';
import { InAll } from './in-all';
import { Quotes } from './quotes';
import { Regulars } from './regulars';
import { Seasons } from './seasons';
import { STRINGS } from './strings';

const GROUP_NAMES: Readonly<Record<FigureGroup, string>> = {
  week: STRINGS.week,
  month: STRINGS.month,
  place: STRINGS.place,
  kind: STRINGS.kind,
  customer: STRINGS.customer,
};

/** Months of the stretches that are asked for most. */
const STRETCHES = [
  { id: '3', label: STRINGS.quarter },
  { id: '12', label: STRINGS.year },
  { id: '36', label: STRINGS.threeYears },
  { id: 'own', label: STRINGS.ownDays },
] as const;
type Stretch = (typeof STRETCHES)[number]['id'];

const monthsBack = (months: number): string => {
  const now = new Date();
  const day = new Date(Date.UTC(now.getFullYear(), now.getMonth() - months, now.getDate()));
  return day.toISOString().slice(0, 10);
};

interface Asked {
  readonly stretch: Stretch;
  readonly from: string;
  readonly to: string;
  readonly by: FigureGroup;
  /** What the server is asked. */
  readonly query: string;
}

const askedIn = (params: URLSearchParams): Asked => {
  const stretch = STRETCHES.find(({ id }) => id === params.get('time'))?.id ?? '12';
  const by = FIGURE_GROUPS.find((group) => group === params.get('by')) ?? 'month';
  const [from, to] = [params.get('from') ?? '', params.get('to') ?? ''];
  const query = new URLSearchParams({ by });
  const fromDay = stretch === 'own' ? from : monthsBack(Number(stretch));
  if (isIsoDay(fromDay)) query.set('fromDay', fromDay);
  if (stretch === 'own' && isIsoDay(to)) query.set('toDay', to);
  return { stretch, from, to, by, query: query.toString() };
};

const Sheet = ({ sheet, query }: { sheet: FigureSheet; query: string }) => {
  const { data: session } = useSession();
  if (!session) return null;
  const { currency } = session;
  return (
    <>
      <InAll total={sheet.total} currency={currency} />
      <ByGroup sheet={sheet} query={query} currency={currency} />
      <Columns>
        <CameBack sheet={sheet} query={query} />
        <WasLate sheet={sheet} query={query} />
      </Columns>
      <Seasons sheet={sheet} query={query} />
      <Regulars query={query} />
      <Quotes sheet={sheet} query={query} currency={currency} />
    </>
  );
};

const FiguresPage = () => {
  const [params, setParams] = useSearchParams();
  const asked = askedIn(params);
  const { data: sheet, error } = useFigures(asked.query);
  const set = (name: string, value: string): void => {
    const next = new URLSearchParams(params);
    next.set(name, value);
    setParams(next, { replace: true });
  };
  return (
    <>
      <NumbersNav />
      <Stack $gap={16}>
        <PageHeading title={STRINGS.figures} />
        <Panel aria-label={STRINGS.time}>
          <Row $gap={24} $align="end">
            <SegmentedControl
              label={STRINGS.time}
              options={STRETCHES}
              value={asked.stretch}
              onChange={(stretch) => set('time', stretch)}
            />
            {asked.stretch === 'own' && (
              <>
                <TextEntry
                  label={STRINGS.from}
                  kind="date"
                  value={asked.from}
                  onChange={(day) => set('from', day)}
                />
                <TextEntry
                  label={STRINGS.to}
                  kind="date"
                  value={asked.to}
                  onChange={(day) => set('to', day)}
                />
              </>
            )}
            <SegmentedControl
              label={STRINGS.groupBy}
              options={FIGURE_GROUPS.map((id) => ({ id, label: GROUP_NAMES[id] }))}
              value={asked.by}
              onChange={(by) => set('by', by)}
            />
          </Row>
        </Panel>
        {!sheet ? (
          <Waiting error={error} text={STRINGS.loading} />
        ) : sheet.total.blades === 0 ? (
          <Notice>
            {STRINGS.nothing} <Link to="/">{STRINGS.blades}</Link>
          </Notice>
        ) : (
          <Sheet sheet={sheet} query={asked.query} />
        )}
      </Stack>
    </>
  );
};

export default FiguresPage;
