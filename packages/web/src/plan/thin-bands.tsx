/** The bands of a thinning: angle, stone and what each takes while it is chosen, and thickness further up. */
import {
  forTask,
  HIGHEST_BAND_MM,
  MOST_BANDS,
  type BladePlan,
  type ThinBandChoice,
} from '@patient-edge/core';
import { Plus, X } from 'lucide-react';
import { QuietButton } from '../theme/buttons';
import { Columns } from '../theme/columns';
import { fixed, mm, roughly } from '../theme/format';
import { MutedText, Row, Stack } from '../theme/layout';
import { Select } from '../theme/select';
import { WithinLimits } from '../theme/within-limits';
import { bandSteps } from './band-steps';
import type { PlanOnRackProps } from './sheet-props';
import { STRINGS } from './strings';

/** Steeper than this it is a bevel. */
const STEEPEST_BAND_DEG = 15;

const ThinBands = (props: PlanOnRackProps) => (
  <Stack $gap={8}>
    <Bands {...props} />
    <ThinTo choices={props.choices} onChoices={props.onChoices} />
  </Stack>
);
export default ThinBands;

/** Thickness further up the face, where it is asked for. */
const ThinTo = ({ choices, onChoices }: Pick<PlanOnRackProps, 'choices' | 'onChoices'>) => (
  <Columns $columns={3}>
    {(['at5Mm', 'at10Mm'] as const).map((field) => (
      <WithinLimits
        key={field}
        label={STRINGS.thicknessAtMmMm(field === 'at5Mm' ? 5 : 10)}
        least={0.05}
        most={20}
        whole={false}
        value={choices.thinTo[field]}
        onValue={(value) => onChoices({ thinTo: { ...choices.thinTo, [field]: value } })}
        onOpen={() => onChoices({ thinTo: { ...choices.thinTo, [field]: null } })}
        hint={STRINGS.emptyByFallingAngles}
      />
    ))}
  </Columns>
);

const bandsPlanned = ({ work, section }: BladePlan): readonly ThinBandChoice[] =>
  section.thinning.bands.map(({ angleDeg }) => ({
    angleDeg: Math.round(angleDeg * 10) / 10,
    toMm: null,
    stoneId:
      bandSteps(work.steps).find((step) => Math.abs((step.angleDeg ?? 0) - angleDeg) < 0.01)
        ?.stoneId ?? null,
  }));

/** From the edge up: angle, stone, and what it takes. */
const Bands = ({ plan, rack, choices, onChoices }: PlanOnRackProps) => {
  const bands = choices.thinBands ?? bandsPlanned(plan);
  const steps = bandSteps(plan.work.steps);
  const set = (next: readonly ThinBandChoice[]): void => onChoices({ thinBands: next });
  const stones = forTask(rack, 'edge');
  const { primaryDeg, section } = plan.section.shape;
  const topMm = Math.floor(Math.max(...section.vertices.map(({ y }) => y)));
  return (
    <Stack $gap={8} role="group" aria-label={STRINGS.bandsFromTheEdgeUp}>
      {bands.map((band, index) => {
        const step = steps[index];
        const number = index + 1;
        const least = Math.ceil(10 * Math.max(primaryDeg, bands[index + 1]?.angleDeg ?? 0)) / 10;
        const most = Math.floor(10 * (bands[index - 1]?.angleDeg ?? STEEPEST_BAND_DEG)) / 10;
        return (
          <Row key={number} $gap={12} $align="start">
            <div style={{ width: 130 }}>
              <WithinLimits
                label={STRINGS.band(number)}
                least={least + 0.1}
                most={index === 0 ? most : most - 0.1}
                whole={false}
                value={band.angleDeg}
                onValue={(angleDeg) =>
                  set(
                    bands.map((each, at) =>
                      at === index ? { ...each, angleDeg, toMm: null } : each,
                    ),
                  )
                }
              />
            </div>
            <div style={{ width: 150 }}>
              <WithinLimits
                label={STRINGS.bandUpToMm(number)}
                least={Math.max(0.1, (bands[index - 1]?.toMm ?? 0) + 0.1)}
                most={Math.min(HIGHEST_BAND_MM, topMm)}
                whole={false}
                value={band.toMm}
                onValue={(toMm) =>
                  set(bands.map((each, at) => (at === index ? { ...each, toMm } : each)))
                }
                onOpen={() =>
                  set(bands.map((each, at) => (at === index ? { ...each, toMm: null } : each)))
                }
                hint={STRINGS.emptyAsTheAngleHasIt}
              />
            </div>
            <div style={{ width: 230 }}>
              <Select
                label={STRINGS.stoneOfBand(number)}
                options={[
                  { id: 'plan', label: STRINGS.asPlanned },
                  ...stones.map(({ id, name, um }) => ({ id, label: STRINGS.nameUm(name, um) })),
                ]}
                value={choices.thinBands?.[index]?.stoneId ?? 'plan'}
                onChange={(next) =>
                  set(
                    bands.map((each, at) =>
                      at === index ? { ...each, stoneId: next === 'plan' ? null : next } : each,
                    ),
                  )
                }
              />
            </div>
            <MutedText data-figure="">
              {step
                ? STRINGS.aSide(
                    rack.find(({ id }) => id === step.stoneId)?.name ?? '',
                    fixed(step.removeMm3, step.removeMm3 < 10 ? 1 : 0),
                    step.strokesPerSide,
                    roughly(step.seconds),
                    step.bandMm
                      ? STRINGS.toAboveTheEdge(fixed(step.bandMm[0], 1), mm(step.bandMm[1], 1))
                      : '',
                  )
                : STRINGS.takesNothingHere}
            </MutedText>
            {bands.length > 1 && (
              <QuietButton
                aria-label={STRINGS.removeBand(number)}
                onPress={() => set(bands.filter((_, at) => at !== index))}
              >
                <X size={16} aria-hidden />
              </QuietButton>
            )}
          </Row>
        );
      })}
      <Row>
        {bands.length < MOST_BANDS && bands.length > 0 && (
          <QuietButton
            onPress={() =>
              set([
                ...bands,
                { angleDeg: (bands.at(-1)!.angleDeg + primaryDeg) / 2, toMm: null, stoneId: null },
              ])
            }
          >
            <Plus size={16} aria-hidden /> {STRINGS.addBand}
          </QuietButton>
        )}
        {choices.thinBands !== null && (
          <QuietButton onPress={() => onChoices({ thinBands: null })}>
            {STRINGS.bandsAsUsual}
          </QuietButton>
        )}
      </Row>
    </Stack>
  );
};
