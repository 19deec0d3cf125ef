/** The progression planner without a plan: for any steel and any work, or for a blade that is here. */
import { toRack } from '@patient-edge/contract';
import {
  bladeKind,
  findUse,
  forTask,
  isOneSided,
  stropAfter,
  UNKNOWN_STEEL_DESIGNATION,
  USES,
  type ProgressionSchool,
} from '@patient-edge/core';
import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { useJob, useSteels, useStones } from '../api/hooks';
import { Columns } from '../theme/columns';
import { ShelfNav } from '../rack/shelf-nav';
import { Failed } from '../theme/failed';
import { parseNumber } from '../theme/format';
import { QuietButton } from '../theme/buttons';
import { Checkbox } from '../theme/checkbox';
import { Row, Panel, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { SegmentedControl } from '../theme/segmented-control';
import { Select } from '../theme/select';
import { NumberEntry } from '../theme/number-entry';
import { Waiting } from '../theme/waiting';
import { useProgression } from '../workers/use-progression';
import { NamedFinish } from './named-finish';
import { ProgressionBoard } from './progression-board';
import { SchoolChoice } from './school-choice';
import { NO_WISHES, type Wishes } from './wishes';
import { PageHeading } from '../theme/page-heading';
import { STRINGS } from './strings';

interface Typed {
  readonly steel: string;
  readonly useId: string;
  readonly edgeMm: string;
  readonly bevelMm: string;
  readonly depthUm: string;
  readonly finest: string;
  readonly coarsest: string;
  readonly ratio: string;
  readonly oneSided: boolean;
}

const START: Typed = {
  steel: UNKNOWN_STEEL_DESIGNATION,
  useId: 'general-soft',
  edgeMm: '210',
  bevelMm: '0.7',
  depthUm: '40',
  finest: '8',
  coarsest: '25',
  ratio: '3',
  oneSided: false,
};

interface Limits {
  readonly label: string;
  readonly low: number;
  readonly high: number;
}
const LIMITS: Readonly<Record<'edgeMm' | 'bevelMm' | 'depthUm' | 'finest' | 'coarsest', Limits>> = {
  edgeMm: { label: STRINGS.edgeLengthMm, low: 5, high: 900 },
  bevelMm: { label: STRINGS.widthOfTheBevelMm, low: 0.05, high: 80 },
  depthUm: { label: STRINGS.toComeOffTheBevel, low: 1, high: 5000 },
  finest: { label: STRINGS.finishFinest, low: 0.1, high: 800 },
  coarsest: { label: STRINGS.finishCoarsest, low: 0.1, high: 800 },
};
type LimitedField = keyof typeof LIMITS;

const problemOf = (typed: Typed, field: LimitedField): string | undefined => {
  const { label, low, high } = LIMITS[field];
  const value = parseNumber(typed[field]);
  const least = field === 'coarsest' ? Math.max(low, parseNumber(typed.finest) ?? low) : low;
  return value === null || value < least || value > high
    ? STRINGS.mustBeFromToWasGiven(label.split(',')[0], least, high, typed[field])
    : undefined;
};

const ProgressionPage = () => {
  const [params] = useSearchParams();
  const jobId = params.get('job');
  return (
    <>
      <ShelfNav />
      {jobId !== null && /^\d+$/.test(jobId) ? (
        <ForJob jobId={jobId} />
      ) : (
        <Planner start={START} about={null} />
      )}
    </>
  );
};

/** Filled in from a blade that is here. */
const ForJob = ({ jobId }: { jobId: string }) => {
  const { data: job, error } = useJob(jobId);
  if (!job) return <Waiting error={error} text={STRINGS.loadingBlade} />;
  const { measures } = job;
  const [finest, coarsest] = findUse(job.useId).finishUm;
  return (
    <Planner
      about={STRINGS.tag(job.tagNumber, job.blade.name || bladeKind(measures.kindId).label)}
      start={{
        ...START,
        steel: job.steel,
        useId: job.useId,
        edgeMm: String(measures.edgeLengthMm),
        bevelMm: String(measures.bevelFaceMm ?? START.bevelMm),
        finest: String(finest),
        coarsest: String(coarsest),
        oneSided: isOneSided(bladeKind(measures.kindId)),
      }}
    />
  );
};

const Planner = ({ start, about }: { start: Typed; about: string | null }) => {
  const { data: stones, error } = useStones();
  const steels = useSteels();
  const [typed, setTyped] = useState(start);
  const [school, setSchool] = useState<ProgressionSchool>('quickest');
  const [wishes, setWishes] = useState<Wishes>(NO_WISHES);
  const set = (part: Partial<Typed>): void => setTyped((held) => ({ ...held, ...part }));
  const rack = useMemo(() => (stones ? toRack(stones) : null), [stones]);
  const steel = steels?.find(({ designation }) => designation === typed.steel);
  const wrong = (Object.keys(LIMITS) as LimitedField[]).some((field) => problemOf(typed, field));
  const question = useMemo(() => {
    if (!rack || !steel || wrong) return null;
    const number = (field: LimitedField): number => parseNumber(typed[field])!;
    const faceAreaMm2 = (typed.oneSided ? 1 : 2) * number('edgeMm') * number('bevelMm');
    return {
      school,
      input: {
        steel,
        rack: forTask(rack, 'edge'),
        work: { stockMm3: (faceAreaMm2 * number('depthUm')) / 1000, faceAreaMm2 },
        finishUm: [number('finest'), number('coarsest')] as const,
        maxRatio: typed.ratio === 'none' ? undefined : Number(typed.ratio),
        first: wishes.first ?? undefined,
        skip: wishes.skip,
        through: wishes.through,
      },
    };
  }, [rack, steel, typed, school, wishes, wrong]);
  const { answer: weighed, error: failure, retry } = useProgression(question);
  if (!rack || !steels) return <Waiting error={error} text={STRINGS.loadingTheRack} />;
  const finishUm: readonly [number, number] = question?.input.finishUm ?? [8, 25];
  const entry = (field: LimitedField) => (
    <NumberEntry
      label={LIMITS[field].label}
      value={typed[field]}
      onChange={(next) => set({ [field]: next })}
      error={problemOf(typed, field)}
    />
  );
  const last = weighed?.chosen.ok ? weighed.chosen.value.steps.at(-1) : undefined;
  return (
    <Stack $gap={16}>
      <Row $gap={18}>
        <PageHeading title={STRINGS.progression} />
        {about !== null && <b>{about}</b>}
      </Row>
      <Panel aria-label={STRINGS.theWork}>
        <Stack>
          <Columns $columns={4}>
            <Select
              label={STRINGS.steel}
              options={steels.map(({ designation, steelClass }) => ({
                id: designation,
                label: designation,
                detail: steelClass,
              }))}
              value={typed.steel}
              onChange={(next) => set({ steel: next })}
            />
            <Select
              label={STRINGS.use}
              options={USES.map(({ id, label }) => ({ id, label }))}
              value={typed.useId}
              onChange={(next) => {
                const [finest, coarsest] = findUse(next).finishUm;
                set({ useId: next, finest: String(finest), coarsest: String(coarsest) });
              }}
            />
            <SchoolChoice school={school} onSchool={setSchool} />
            <SegmentedControl
              label={STRINGS.largestJump}
              options={[
                { id: '2', label: STRINGS.twoTimes },
                { id: '3', label: STRINGS.threeTimes },
                { id: 'none', label: STRINGS.noLimit },
              ]}
              value={typed.ratio}
              onChange={(next) => set({ ratio: next })}
            />
            {entry('edgeMm')}
            {entry('bevelMm')}
            {entry('depthUm')}
            <Checkbox value={typed.oneSided} onChange={(next) => set({ oneSided: next })}>
              {STRINGS.oneSidedWithAHollowBack}
            </Checkbox>
          </Columns>
          <Row $align="end" $gap={18}>
            <div style={{ width: 170 }}>{entry('finest')}</div>
            <div style={{ width: 170 }}>{entry('coarsest')}</div>
            <NamedFinish
              onFinish={([finest, coarsest]) =>
                set({ finest: String(finest), coarsest: String(coarsest) })
              }
            />
          </Row>
        </Stack>
      </Panel>
      {rack.length === 0 && <Notice>{STRINGS.theRackIsEmptyAddA}</Notice>}
      <Failed error={failure} retry={retry} />
      {weighed && steel && rack.length > 0 && (
        <Panel aria-label={STRINGS.theProgression}>
          <h2>{STRINGS.byThisSchool}</h2>
          <ProgressionBoard
            weighed={weighed}
            rack={rack}
            steel={steel}
            finishUm={finishUm}
            maxRatio={typed.ratio === 'none' ? null : Number(typed.ratio)}
            oneSided={typed.oneSided}
            direction={null}
            strop={last ? stropAfter(rack, last.um) : null}
            wishes={wishes}
            onWishes={setWishes}
            onStopAt={(um) => set({ finest: String(um), coarsest: String(um) })}
            onTake={(ids) =>
              setWishes({
                first: ids[0]!,
                through: ids,
                skip: rack.map(({ id }) => id).filter((id) => !ids.includes(id)),
              })
            }
          />
          {wishes !== NO_WISHES && (
            <Row>
              <QuietButton onPress={() => setWishes(NO_WISHES)}>{STRINGS.clearChanges}</QuietButton>
            </Row>
          )}
        </Panel>
      )}
    </Stack>
  );
};

export default ProgressionPage;
