/** What is particular of this kind of blade: its own figures, and the choices only it has. */
import {
  AXE_SERVICES,
  BACK_TURNS,
  bladeKind,
  FINGER_ORDERS,
  FRONT_FORMS,
  MOST_FLAT_SIDE_DEG,
  MOST_TAPE_LAYERS,
  RAZOR_STARTS,
  RIDGE_FORMS,
  SERRATION_WAYS,
  TIP_WAYS,
  WIDEST_TAPPED_RIM_MM,
  type BladePlan,
  type KindChoices,
  type PlanChoices,
} from '@patient-edge/core';
import type { Job } from '@patient-edge/contract';
import { FigureList, FigureView } from '../instruments/why';
import { Columns } from '../theme/columns';
import { options } from '../theme/options';
import { SegmentedControl } from '../theme/segmented-control';
import { WithinLimits } from '../theme/within-limits';
import { STRINGS } from './strings';

interface PartProps {
  readonly job: Job;
  readonly plan: BladePlan;
  readonly choices: PlanChoices;
  readonly onChoices: (part: Partial<PlanChoices>) => void;
}

/** Where a tip is missing: the way it is brought back. */
export const TipField = ({ job, choices, onChoices }: Omit<PartProps, 'plan'>) =>
  job.damage.some(({ kind }) => kind === 'missing tip') ? (
    <SegmentedControl
      label={STRINGS.theTip}
      options={options(TIP_WAYS)}
      value={choices.kind.tipWay}
      onChange={(tipWay) => onChoices({ kind: { ...choices.kind, tipWay } })}
    />
  ) : null;

export const KindChoicesFields = ({ job, choices, onChoices }: Omit<PartProps, 'plan'>) => {
  const { grind } = bladeKind(job.measures.kindId);
  const set = (part: Partial<KindChoices>): void =>
    onChoices({ kind: { ...choices.kind, ...part } });
  const { kind } = choices;
  switch (grind) {
    case 'one-sided, hollow back':
      return (
        <Columns $columns={2}>
          <SegmentedControl
            label={STRINGS.frontBevel}
            options={[{ id: 'usual', label: STRINGS.usualOfTheKind }, ...options(FRONT_FORMS)]}
            value={kind.frontForm ?? 'usual'}
            onChange={(next) =>
              set({ frontForm: FRONT_FORMS.find((form) => form === next) ?? null })
            }
          />
          <SegmentedControl
            label={STRINGS.fingerPositionsOfAClamShell}
            options={options(FINGER_ORDERS)}
            value={kind.fingerOrder}
            onChange={(fingerOrder) => set({ fingerOrder })}
          />
          <SegmentedControl
            label={STRINGS.backOnEachFinerStone}
            options={options(BACK_TURNS)}
            value={kind.backTurn}
            onChange={(backTurn) => set({ backTurn })}
          />
          <WithinLimits
            label={STRINGS.tapTheBackOutForA}
            least={0.1}
            most={WIDEST_TAPPED_RIM_MM}
            whole={false}
            value={kind.tapForRimMm}
            onValue={(tapForRimMm) => set({ tapForRimMm })}
            onOpen={() => set({ tapForRimMm: null })}
            hint={STRINGS.emptyItIsNotTappedRisky}
          />
        </Columns>
      );
    case 'serrated':
      return (
        <Columns $columns={2}>
          <SegmentedControl
            label={STRINGS.wayOfTheScallops}
            options={options(SERRATION_WAYS)}
            value={kind.serrationWay}
            onChange={(serrationWay) => set({ serrationWay })}
          />
          <WithinLimits
            label={STRINGS.flatSide}
            least={0}
            most={MOST_FLAT_SIDE_DEG}
            whole={false}
            value={kind.flatSideDeg}
            onValue={(flatSideDeg) => set({ flatSideDeg })}
            onOpen={() => set({ flatSideDeg: null })}
            hint={STRINGS.emptyTheFacetItHasElse}
          />
        </Columns>
      );
    case 'convex':
      return (
        <SegmentedControl
          label={STRINGS.service}
          options={options(AXE_SERVICES)}
          value={kind.axeService}
          onChange={(axeService) => set({ axeService })}
        />
      );
    case 'razor':
      return (
        <Columns $columns={2}>
          <SegmentedControl
            label={STRINGS.whereItBegins}
            options={options(RAZOR_STARTS)}
            value={kind.razorStart}
            onChange={(razorStart) => set({ razorStart })}
          />
          <WithinLimits
            label={STRINGS.layersOfTapeOnTheSpine}
            least={0}
            most={MOST_TAPE_LAYERS}
            whole
            value={kind.tapeLayers}
            onValue={(tapeLayers) => set({ tapeLayers })}
          />
        </Columns>
      );
    case 'two-sided with ridge':
      return (
        <SegmentedControl
          label={STRINGS.bevelBelowTheRidge}
          options={options(RIDGE_FORMS)}
          value={kind.ridgeForm}
          onChange={(ridgeForm) => set({ ridgeForm })}
        />
      );
    case 'two-sided flat':
    case 'hollow':
    case 'single flat bevel':
    case 'chisel':
      return null;
  }
};

export const KindFacts = ({ plan }: { plan: BladePlan }) =>
  plan.report.facts.length === 0 ? null : (
    <FigureList>
      {plan.report.facts.map(({ label, figure }) => (
        <FigureView key={label} label={label} figure={figure} />
      ))}
    </FigureList>
  );
