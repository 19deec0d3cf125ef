/** The section step by step: what each stage takes, drawn, and as a table that can be read by key or ear. */
import type { Job } from '@patient-edge/contract';
import {
  BEVEL_ROLES,
  STAGE_LABELS,
  thicknessAtMm,
  topOf,
  apexOf,
  type BladePlan,
} from '@patient-edge/core';
import { ChevronLeft, ChevronRight } from 'lucide-react';
import { memo, useState } from 'react';
import styled from 'styled-components';
import { SectionView } from '../instruments/section-view';
import { fixed, inUnits, mm, mmNumber } from '../theme/format';
import { QuietButton } from '../theme/buttons';
import { Row, Panel, Stack } from '../theme/layout';
import { SegmentedControl } from '../theme/segmented-control';
import { STRINGS } from './strings';

const Table = styled.table`
  border-collapse: collapse;
  width: 100%;
  font-size: 15px;
  & th,
  & td {
    text-align: right;
    padding: 3px 8px;
    border-top: 1px solid var(--line-soft);
    font-family: var(--figures);
    font-weight: 400;
  }
  & th:first-child {
    text-align: left;
    font-family: var(--text);
  }
  & thead th {
    color: var(--ink-soft);
    border: none;
    font-family: var(--text);
    font-size: 14px;
  }
  & tr[data-shown] {
    background: var(--accent-soft);
    font-weight: 700;
  }
`;

const LENSES = ['edge', 'bevel', 'grind'] as const;
type Lens = (typeof LENSES)[number];
const LENS_LABELS: Readonly<Record<Lens, string>> = {
  edge: STRINGS.theEdge,
  bevel: STRINGS.theBevel,
  grind: '20 mm',
};
const LENS_OPTIONS = LENSES.map((id) => ({ id, label: LENS_LABELS[id] }));
const NARROW_MM = 2.5;
const CALIPERS_MM = [5, 10, 20] as const;

interface SectionSheetProps {
  readonly job: Job;
  readonly plan: BladePlan;
  /** As it was when the angle last rested. */
  readonly resting: BladePlan;
}

interface Shown {
  readonly label: string;
  readonly section: BladePlan['section']['before'];
  readonly areaMm2: number;
}

/** As it came, and after every stage that takes steel. */
const stagesOf = ({ section: sections }: BladePlan): Shown[] => [
  { label: STRINGS.asItCame, section: sections.before, areaMm2: 0 },
  ...sections.stages
    .filter(({ areaMm2 }) => areaMm2 > 1e-9)
    .map(({ id, section, areaMm2 }) => ({ label: STAGE_LABELS[id], section, areaMm2 })),
];

const lensOf = (lens: Lens, plan: BladePlan, heightMm: number): number => {
  const rise = plan.section.riseMm;
  const top = topOf(plan.section.after, { roles: BEVEL_ROLES }) ?? 1;
  const bevelMm = Math.max(0.5, 1.3 * top);
  if (lens === 'bevel') return Math.min(heightMm, bevelMm);
  if (lens === 'grind')
    return Math.min(heightMm, Math.max(20, 1.3 * plan.section.thinning.scratchTopMm));
  // A narrow bevel is seen whole; of a wide one, what the rise of the apex is about.
  return Math.min(heightMm, bevelMm <= NARROW_MM ? bevelMm : Math.max(0.7, 8 * rise));
};

interface StageControlsProps {
  readonly at: number;
  readonly last: number;
  readonly label: string;
  readonly lens: Lens;
  readonly onAt: (at: number) => void;
  readonly onLens: (lens: Lens) => void;
}

/** Kept out of the drawing: nothing of it changes while the angle is moved. */
const StageControls = memo(({ at, last, label, lens, onAt, onLens }: StageControlsProps) => (
  <Row $align="end" $gap={12}>
    <QuietButton
      aria-label={STRINGS.theStageBefore}
      isDisabled={at === 0}
      onPress={() => onAt(at - 1)}
    >
      <ChevronLeft size={18} />
    </QuietButton>
    <span aria-live="polite">{STRINGS.atOfLastLabel(at, last, label)}</span>
    <QuietButton
      aria-label={STRINGS.theNextStage}
      isDisabled={at === last}
      onPress={() => onAt(at + 1)}
    >
      <ChevronRight size={18} />
    </QuietButton>
    <SegmentedControl
      label={STRINGS.lensOn}
      hideLabel
      options={LENS_OPTIONS}
      value={lens}
      onChange={onLens}
    />
  </Row>
));
StageControls.displayName = 'StageControls';

/** Follows when the angle rests: nobody reads figures that run. */
const StageTable = memo(({ plan, at }: { plan: BladePlan; at: number }) => (
  <Table aria-label={STRINGS.theSectionHalfWayAlongStage}>
    <thead>
      <tr>
        <th scope="col">{STRINGS.afterAlone}</th>
        <th scope="col">{STRINGS.goes}</th>
        <th scope="col">{inUnits(STRINGS.apexMm)}</th>
        {CALIPERS_MM.map((caliperMm) => (
          <th scope="col" key={caliperMm}>
            {STRINGS.at(mm(caliperMm, 0))}
          </th>
        ))}
      </tr>
    </thead>
    <tbody>
      {stagesOf(plan).map(({ label, section, areaMm2 }, index) => {
        const apexMm = apexOf(section).yMm;
        return (
          <tr key={label} data-shown={index === at ? '' : undefined}>
            <th scope="row">{label}</th>
            <td>{index === 0 ? '–' : fixed(areaMm2, 4)}</td>
            <td>{mmNumber(apexMm, 3)}</td>
            {CALIPERS_MM.map((caliperMm) => {
              const thickness = thicknessAtMm(section, apexMm + caliperMm);
              return <td key={caliperMm}>{thickness === null ? '–' : mmNumber(thickness, 2)}</td>;
            })}
          </tr>
        );
      })}
    </tbody>
  </Table>
));
StageTable.displayName = 'StageTable';

const SectionOf = ({ job, plan, resting }: SectionSheetProps) => {
  const stages = stagesOf(plan);
  const [chosen, setChosen] = useState<number | null>(null);
  const [lens, setLens] = useState<Lens>('edge');
  // The last stage unless another was asked for; a change of the plan may leave fewer.
  const at = Math.min(chosen ?? stages.length - 1, stages.length - 1);
  const shown = stages[at]!;
  const { heightMiddleMm, spineMiddleMm } = job.measures;
  const bevelTop = topOf(shown.section, { roles: at > 0 ? ['new bevel'] : ['bevel'] });
  const last = at === stages.length - 1;
  const { figures } = plan.report;
  const words = last
    ? [
        STRINGS.figurePerSide(fixed(plan.angle.angleDeg, 1)),
        STRINGS.inclusive(fixed(figures.angleInclusive.value, 1)),
      ]
    : at === 0
      ? [STRINGS.perSideAsItCame(fixed(figures.presentAngle.value, 1))]
      : [];
  return (
    <Stack $gap={10}>
      <SectionView
        original={stages[0]!.section}
        before={stages[Math.max(0, at - 1)]!.section}
        after={shown.section}
        heightMm={heightMiddleMm}
        spineMm={spineMiddleMm}
        lensMm={lensOf(lens, plan, heightMiddleMm)}
        apexMm={apexOf(shown.section).yMm}
        bevelTopMm={bevelTop}
        angleText={words}
        calipersMm={CALIPERS_MM}
        label={STRINGS.sectionHalfWayAlongApexUp(
          shown.label,
          words.join(', '),
          mm(apexOf(shown.section).yMm, 2),
        )}
      />
      <StageControls
        at={at}
        last={stages.length - 1}
        label={shown.label}
        lens={lens}
        onAt={setChosen}
        onLens={setLens}
      />
      <StageTable plan={resting} at={at} />
    </Stack>
  );
};

export const SectionSheet = memo((props: SectionSheetProps) => (
  <Panel aria-label={STRINGS.acrossTheBlade}>
    <Stack $gap={8}>
      <h2>{STRINGS.crossSection}</h2>
      <SectionOf {...props} />
    </Stack>
  </Panel>
));
SectionSheet.displayName = 'SectionSheet';
