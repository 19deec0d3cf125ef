/** Thinning: whether, how far, where it stops, and in a line what bands it takes. */
import { THIN_DEPTHS, type BladePlan, type RackStone } from '@patient-edge/core';
import { lazyPart } from '../theme/lazy-part';
import { Checkbox } from '../theme/checkbox';
import { Columns } from '../theme/columns';
import { Fold } from '../theme/fold';
import { fixed, mm, roughly } from '../theme/format';
import { textOf } from '../theme/text';
import { MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { options } from '../theme/options';
import { SegmentedControl } from '../theme/segmented-control';
import { WithinLimits } from '../theme/within-limits';
import { bandSteps } from './band-steps';
import type { PlanOnRackProps } from './sheet-props';
import { STRINGS } from './strings';

/** Loaded when it is opened: most keep the bands as they are planned. */
const ThinBands = lazyPart(() => import('./thin-bands'));

/** From the edge up, each band's angle, stone and time. */
const bandsSay = ({ work, section }: BladePlan, rack: readonly RackStone[]): string => {
  const steps = bandSteps(work.steps);
  if (steps.length === 0)
    return section.thinning.bands.map(({ angleDeg }) => `${fixed(angleDeg, 1)}°`).join(', ');
  return steps
    .map(({ angleDeg, stoneId, seconds }) =>
      STRINGS.on(
        fixed(angleDeg ?? 0, 1),
        rack.find(({ id }) => id === stoneId)?.name ?? STRINGS.aStone,
        roughly(seconds),
      ),
    )
    .join('; ');
};

export const ThinningFields = ({ plan, rack, choices, onChoices }: PlanOnRackProps) => {
  const { thinning } = plan.section;
  if (!plan.section.isThinned) return <MutedText>{thinning.reason}</MutedText>;
  return (
    <Stack $gap={8}>
      <Checkbox value={thinning.done} onChange={(thin) => onChoices({ thin })}>
        {STRINGS.thinIt(thinning.advised ? STRINGS.advised : STRINGS.notNeeded)}
      </Checkbox>
      <MutedText>{thinning.reason}</MutedText>
      {thinning.notDone !== null && <Notice tone="cut">{thinning.notDone}.</Notice>}
      {thinning.done && (
        <>
          <Columns $columns={2}>
            <SegmentedControl
              label={STRINGS.howFar}
              options={options(THIN_DEPTHS)}
              value={thinning.depth}
              onChange={(thinDepth) => onChoices({ thinDepth })}
            />
            <WithinLimits
              label={STRINGS.stopBehindTheEdgeAtMm}
              least={0.05}
              most={20}
              whole={false}
              value={choices.thinStopMm}
              onValue={(thinStopMm) => onChoices({ thinStopMm })}
              onOpen={() => onChoices({ thinStopMm: null })}
              hint={
                thinning.stopMm === null
                  ? STRINGS.emptyAtTheRemnantOfThe
                  : STRINGS.empty(mm(thinning.stopMm, 2))
              }
            />
          </Columns>
          <Fold title={STRINGS.bandsAndStones} says={bandsSay(plan, rack)}>
            <ThinBands plan={plan} rack={rack} choices={choices} onChoices={onChoices} />
          </Fold>
          {plan.report.warnings
            .filter(({ code }) => code === 'warn.thinning-hours')
            .map((warning) => (
              <Notice key={warning.code} tone="cut">
                {textOf(warning)}
              </Notice>
            ))}
          <MutedText>
            {STRINGS.behindTheEdgeAfterItScratches(
              mm(plan.section.behindEdgeMm, 2),
              mm(thinning.scratchTopMm, 1),
            )}
          </MutedText>
        </>
      )}
    </Stack>
  );
};
