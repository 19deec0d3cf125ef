/** The day: what to take up next, the order as a picture and a table, who is there, and how full the days ahead are. */
import { presentPeople, type DayFacts } from '@patient-edge/contract';
import styled from 'styled-components';
import { useMemo } from 'react';
import { useDay } from '../api/hooks';
import { useStored } from '../api/stored';
import { QuietButton } from '../theme/buttons';
import { Fold } from '../theme/fold';
import { Awaited, MutedText, Panel, Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { PageHeading } from '../theme/page-heading';
import { SegmentedControl } from '../theme/segmented-control';
import { useKeys } from '../theme/use-keys';
import { Waiting } from '../theme/waiting';
import { AheadSheet } from './ahead-sheet';
import { DayTable, NotQueued } from './day-table';
import { lateText, shownSteps, whenAfter } from './day-view';
import { Lanes } from './lanes';
import { useToldChange } from './kept-order';
import { NextUp } from './next-up';
import { PeopleSheet } from './people-sheet';
import { PrintSheet } from './print-sheet';
import { ReviewSheet } from './review-sheet';
import { SoaksDue } from './soaks-due';
import { STRINGS } from './strings';
import { useDayOrder } from './use-day-order';

const TIMES = [
  { id: 'likely', label: STRINGS.likely },
  { id: 'cautious', label: STRINGS.cautious },
] as const;
const ZOOMS = [
  { id: 'wide', label: STRINGS.wide, pxAMinute: 2.2 },
  { id: 'middle', label: STRINGS.middle, pxAMinute: 6 },
  { id: 'near', label: STRINGS.near, pxAMinute: 16 },
] as const;
/** More than a long day is not drawn. */
const MOST_SHOWN_MINUTES = 720;

const InHand = ({ facts }: { facts: DayFacts }) => (
  <>
    {facts.jobs.flatMap(({ jobId, tagNumber, blade, inHand }) =>
      inHand === null
        ? []
        : [
            <Notice key={jobId}>
              {STRINGS.inHand(
                facts.people.find(({ staffId }) => staffId === inHand.staffId)?.name ?? '',
                `${tagNumber} ${blade}`.trim(),
                Math.max(1, Math.round(inHand.minutes)),
              )}
            </Notice>,
          ],
    )}
  </>
);

/** What the last change of the order was, until it is put away. */
const Told = () => {
  const [told, putAway] = useToldChange();
  return told === null ? null : (
    <Notice>
      <Row $gap={14}>
        <span role="status">{told}</span>
        <QuietButton onPress={putAway}>{STRINGS.putAway}</QuietButton>
      </Row>
    </Notice>
  );
};

/** As high with its button as without: it comes and goes each minute, and nothing below may move. */
const Search = styled.div`
  display: flex;
  gap: 18px;
  align-items: center;
  min-height: 48px;
`;

const Ordered = ({ facts }: { facts: DayFacts }) => {
  const [times, setTimes] = useStored<(typeof TIMES)[number]['id']>('day times', 'likely');
  const [zoom, setZoom] = useStored<(typeof ZOOMS)[number]['id']>('day zoom', 'middle');
  const isCautious = times === 'cautious';
  useKeys((key) => {
    const step = key === '+' || key === '=' ? 1 : key === '-' ? -1 : 0;
    const next = ZOOMS[ZOOMS.findIndex(({ id }) => id === zoom) + step];
    return step !== 0 && next ? () => setZoom(next.id) : undefined;
  });
  const { order, isRunning, share, error, stop, lookFurther } = useDayOrder(facts, isCautious);
  const steps = useMemo(
    () => (order ? shownSteps(facts, order, isCautious) : []),
    [facts, order, isCautious],
  );
  if (error !== null) return <Notice tone="cut">{error}</Notice>;
  if (!order)
    return isRunning || share < 1 ? (
      <Awaited role="status">{STRINGS.loading}</Awaited>
    ) : (
      <MutedText>{STRINGS.nothing}</MutedText>
    );
  const late = new Set(steps.filter(({ lateMinutes }) => lateMinutes > 0).map(({ job }) => job));
  const lateMinutes = [...late].reduce(
    (sum, job) => sum + steps.find((step) => step.job === job)!.lateMinutes,
    0,
  );
  return (
    <>
      <PrintSheet facts={facts} steps={steps} />
      <div className="no-print">
        <Stack $gap={16}>
          <Told />
          <InHand facts={facts} />
          <SoaksDue facts={facts} steps={steps} />
          <NextUp facts={facts} steps={steps} />
          <Panel aria-label={STRINGS.picture}>
            <Stack>
              <Row $gap={24} $align="end">
                <SegmentedControl
                  label={STRINGS.times}
                  options={TIMES}
                  value={times}
                  onChange={setTimes}
                />
                <SegmentedControl
                  label={STRINGS.zoom}
                  options={ZOOMS}
                  value={zoom}
                  onChange={setZoom}
                />
              </Row>
              <Row $gap={18} $align="baseline">
                <b>{STRINGS.late(late.size, lateText(lateMinutes))}</b>
                <span>{STRINGS.doneBy(whenAfter(facts, order.makespanMinutes))}</span>
              </Row>
              <Search>
                <MutedText role="status">
                  {isRunning
                    ? STRINGS.searching(Math.round(100 * share))
                    : order.isBest
                      ? STRINGS.best
                      : STRINGS.good}
                </MutedText>
                {isRunning && <QuietButton onPress={stop}>{STRINGS.stop}</QuietButton>}
                {!isRunning && !order.isBest && (
                  <QuietButton onPress={lookFurther}>{STRINGS.lookFurther}</QuietButton>
                )}
              </Search>
              <Lanes
                facts={facts}
                steps={steps}
                people={presentPeople(facts).map(({ name }) => name)}
                pxAMinute={ZOOMS.find(({ id }) => id === zoom)!.pxAMinute}
                showMinutes={Math.min(MOST_SHOWN_MINUTES, Math.ceil(order.makespanMinutes) + 10)}
              />
              <Fold title={STRINGS.table} level={2} says={STRINGS.steps(steps.length)}>
                <DayTable facts={facts} steps={steps} />
              </Fold>
            </Stack>
          </Panel>
        </Stack>
      </div>
    </>
  );
};

const DayPage = () => {
  const { data: facts, error } = useDay();
  return (
    <Stack $gap={16}>
      <PageHeading title={STRINGS.day} />
      {!facts ? (
        <Waiting error={error} text={STRINGS.loading} />
      ) : (
        <>
          <Ordered facts={facts} />
          <div className="no-print">
            <Stack $gap={16}>
              <NotQueued facts={facts} />
              <PeopleSheet facts={facts} />
              <AheadSheet />
              <ReviewSheet facts={facts} />
            </Stack>
          </div>
        </>
      )}
    </Stack>
  );
};

export default DayPage;
