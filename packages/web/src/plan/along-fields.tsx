/** The edge along the blade: what goes where, and what is decided about chips, tip and thinning. */
import type { Job } from '@patient-edge/contract';
import {
  angleAtFixedLift,
  type BladePlan,
  hasTwoEdges,
  MOST_HIGH_SPOT_VISITS,
  ofSide,
  OUTLINE_FAULTS,
  type PlanChoices,
  type PlanInput,
  named,
} from '@patient-edge/core';
import { EdgeStrip } from '../instruments/edge-strip';
import { FigureList, FigureView } from '../instruments/why';
import { Checkbox } from '../theme/checkbox';
import { Columns } from '../theme/columns';
import { fixed, mm, mmTyped } from '../theme/format';
import { MutedText, Row, Stack } from '../theme/layout';
import { WithinLimits } from '../theme/within-limits';
import { KindChoicesFields, KindFacts, TipField } from './kind-sheet';
import { ThinningFields } from './thinning-fields';
import type { SheetProps } from './sheet-props';
import { STRINGS } from './strings';

export interface AlongProps extends SheetProps {
  readonly rack: PlanInput['rack'];
}

const AlongFields = ({ job, plan, rack, choices, onChoices }: AlongProps) => (
  <Stack>
    <EdgeStrip
      measures={job.measures}
      damage={job.damage}
      leftIn={choices.chipsLeft}
      depthAlong={plan.outline.depthAlong}
      twoEdges={hasTwoEdges(job.measures.kindId, job.answers)}
      lifts={plan.work.isLifted ? plan.work.held[0]!.stations : []}
      label={STRINGS.alongTheEdge(plan.outline.verdict)}
    />
    <p>{plan.outline.verdict}</p>
    <ChipChoices job={job} choices={choices} onChoices={onChoices} />
    <FigureList>
      <FigureView label={STRINGS.heightLost} figure={plan.report.figures.heightLost} />
      <FigureView
        label={STRINGS.steelLost}
        figure={plan.report.figures.steelLost}
        beside={plan.report.figures.massLost}
      />
      <FigureView
        label={STRINGS.before(plan.section.shoulderLabel)}
        figure={plan.report.figures.behindEdgeBefore}
      />
      <FigureView
        label={STRINGS.after(plan.section.shoulderLabel)}
        figure={plan.report.figures.behindEdgeAfter}
      />
    </FigureList>
    <HighSpotField job={job} choices={choices} onChoices={onChoices} />
    <KindFacts plan={plan} />
    <ThinningFields plan={plan} rack={rack} choices={choices} onChoices={onChoices} />
    <TipField job={job} choices={choices} onChoices={onChoices} />
    <KindChoicesFields job={job} choices={choices} onChoices={onChoices} />
    {!plan.angle.isGuided && plan.work.isLifted && <FixedLift plan={plan} />}
  </Stack>
);
export default AlongFields;

/** Over how many visits a high spot comes down; what that takes stands among the figures below. */
const HighSpotField = ({ job, choices, onChoices }: Omit<SheetProps, 'plan'>) =>
  job.damage.some(({ kind, depthMm }) => kind === 'high spot' && depthMm > 0) ? (
    <Columns $columns={3}>
      <WithinLimits
        label={STRINGS.highSpotDownOverVisits}
        least={1}
        most={MOST_HIGH_SPOT_VISITS}
        whole
        value={choices.highSpotVisits}
        onValue={(highSpotVisits) => onChoices({ highSpotVisits })}
        onOpen={() => onChoices({ highSpotVisits: null })}
        hint={STRINGS.emptyAllOfItNow}
      />
    </Columns>
  ) : null;

/** What one lift held along the whole edge would do to the angle. */
const FixedLift = ({ plan }: { plan: BladePlan }) => {
  const { side, stations } = plan.work.held[0]!;
  const held = stations.filter(({ liftMm }) => liftMm !== null);
  const middle = held[Math.floor(held.length / 2)];
  if (!middle) return null;
  const angles = held.flatMap((station) => angleAtFixedLift(station, middle.liftMm!) ?? []);
  return (
    <MutedText>
      {STRINGS.oneLiftOfHeldAllAlong(
        mm(middle.liftMm!, 1),
        fixed(Math.min(...angles), 1),
        fixed(Math.max(...angles), 1),
        ofSide(side),
      )}
    </MutedText>
  );
};

const ChipChoices = ({
  job,
  choices,
  onChoices,
}: {
  job: Job;
  choices: PlanChoices;
  onChoices: (part: Partial<PlanChoices>) => void;
}) => (
  <Row $gap={18}>
    {job.damage
      .filter(({ kind, depthMm }) => OUTLINE_FAULTS.includes(kind) && depthMm > 0)
      .map(({ id, kind, fromMm, depthMm }) => (
        <Checkbox
          key={id}
          value={!choices.chipsLeft.includes(id)}
          onChange={(out) =>
            onChoices({
              chipsLeft: out
                ? choices.chipsLeft.filter((left) => left !== id)
                : [...choices.chipsLeft, id],
            })
          }
        >
          {STRINGS.takeOutTheAtDeep(named(kind), mmTyped(fromMm), mmTyped(depthMm))}
        </Checkbox>
      ))}
  </Row>
);
