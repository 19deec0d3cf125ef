/** The present angle, by any route and by several: each with its uncertainty, and what they say together. */
import type { Instrument, Job } from '@patient-edge/contract';
import {
  ANGLE_ROUTES,
  angleFromBevel,
  asksForAngle,
  bevelsOf,
  bladeKind,
  combineAngles,
  flatGrind,
  GAUGE_SEATS,
  GAUGE_ZEROS,
  MARKER_FINDINGS,
  markerAdvice,
  mm,
  readAngle,
  restingAngle,
  ROUTE_LABELS,
  type AngleRoute,
  type BladeMeasures,
  type MarkerTrial,
  type ReadAngle,
  named,
} from '@patient-edge/core';
import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Button } from 'react-aria-components/Button';
import { useFieldArray, type UseFormReturn } from 'react-hook-form';
import styled from 'styled-components';
import { useInstruments } from '../api/may';
import { FormChoice, FormPick } from '../theme/form-choices';
import { FormNumber } from '../theme/form-number';
import { fixed, parseNumber } from '../theme/format';
import { QuietButton } from '../theme/buttons';
import { Row, Panel, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { options } from '../theme/options';
import { NumberEntry } from '../theme/number-entry';
import { Columns } from '../theme/columns';
import {
  drawnMeasures,
  emptyReading,
  readingOf,
  standInsOf,
  type IntakeValues,
  type ReadingValues,
} from './values';
import { STRINGS } from './strings';

/** A gauge and a laser are offered where the shop owns one; the other ways need what every bench has. */
const isOwned = (route: AngleRoute, owned: readonly Instrument[]): boolean =>
  (route !== 'gauge' && route !== 'laser') || owned.includes(route);

const Line = styled.li`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 190px 44px;
  gap: 12px;
  padding: 10px 0;
  border-top: 1px solid var(--line-soft);
  align-items: start;
  & > button {
    min-height: 44px;
    background: none;
    border: none;
    color: var(--cut);
    cursor: pointer;
  }
  & > p {
    text-align: right;
  }
  & b {
    font: 650 19px/1.2 var(--figures);
    display: block;
  }
`;

interface AngleSheetProps {
  readonly form: UseFormReturn<IntakeValues>;
  readonly values: IntakeValues;
  readonly job: Job;
}

const bothAngles = (perSide: number, bevels: 1 | 2): string =>
  STRINGS.perSideInclusive(fixed(perSide, 1), fixed(bevels * perSide, 1));

const presentAngleOf = (values: IntakeValues, bevels: 1 | 2): number | null => {
  if (values.angleSource === 'bevel') {
    const face = parseNumber(values.bevelFaceMm);
    const behind = parseNumber(values.thicknessBehindEdgeMm);
    if (face === null || behind === null || face <= 0 || behind <= 0) return null;
    const bevel = angleFromBevel(mm(face), mm(behind / bevels));
    return bevel.ok ? bevel.value.angle : null;
  }
  const typed = parseNumber(values.presentAngle.valueDeg);
  if (typed === null) return null;
  return values.angleSource === 'per side' ? typed : typed / bevels;
};

/** How much the primary face leans, half way along: what a gauge lying on it does not see. */
const primaryLeanDeg = (measures: BladeMeasures): number => {
  const grind = flatGrind({
    heightMm: measures.heightMiddleMm,
    grindHeightMm: measures.heightMiddleMm,
    spineThicknessMm: measures.spineMiddleMm,
    thicknessBehindEdgeMm: measures.thicknessBehindEdgeMm,
    angleDeg: bladeKind(measures.kindId).usual.anglePerSideDeg,
  });
  return grind.ok ? grind.value.primaryAngle : 0;
};

export const AngleSheet = ({ form, values, job }: AngleSheetProps) => {
  const kind = bladeKind(values.kindId);
  const measures = drawnMeasures(values, standInsOf(job, values.kindId));
  if (!asksForAngle(kind)) {
    const rests = restingAngle(mm(measures.heightMiddleMm), mm(measures.spineMiddleMm / 2));
    return (
      <Panel aria-label={STRINGS.angle} id="angle">
        <Stack>
          <h2>{STRINGS.angle}</h2>
          <Notice>{STRINGS.spineAndWidthDecideItRests(bothAngles(rests, 2))}</Notice>
        </Stack>
      </Panel>
    );
  }
  return (
    <Panel aria-label={STRINGS.angle} id="angle">
      <Stack>
        <h2>{STRINGS.angle}</h2>
        <Taken form={form} values={values} />
        <Readings form={form} values={values} measures={measures} />
      </Stack>
    </Panel>
  );
};

/** The angle the plan will start from. */
const Taken = ({ form, values }: Omit<AngleSheetProps, 'job'>) => {
  const bevels = bevelsOf(bladeKind(values.kindId));
  const perSide = presentAngleOf(values, bevels);
  const usual = bladeKind(values.kindId).usual.anglePerSideDeg;
  const hint =
    perSide === null
      ? STRINGS.notMeasuredUsually(bothAngles(usual, bevels))
      : bothAngles(perSide, bevels);
  return (
    <Columns $columns={2}>
      <FormChoice
        control={form.control}
        name="angleSource"
        label={STRINGS.presentAngleIsKnownFrom}
        options={[
          { id: 'bevel', label: STRINGS.bevelWidth },
          { id: 'per side', label: STRINGS.anglePerSide },
          { id: 'inclusive', label: STRINGS.inclusiveAngle },
        ]}
      />
      {values.angleSource === 'bevel' ? (
        <FormNumber
          control={form.control}
          name="bevelFaceMm"
          label={STRINGS.widthOfTheBevelFaceMm}
          hint={hint}
        />
      ) : (
        <FormNumber
          control={form.control}
          name="presentAngle.valueDeg"
          label={
            values.angleSource === 'per side'
              ? STRINGS.anglePerSideAlone
              : STRINGS.inclusiveAngleAlone
          }
          hint={hint}
        />
      )}
    </Columns>
  );
};

const Readings = ({
  form,
  values,
  measures,
}: Omit<AngleSheetProps, 'job'> & { measures: BladeMeasures }) => {
  const primaryDeg = primaryLeanDeg(measures);
  const { fields, append, remove } = useFieldArray({
    control: form.control,
    name: 'angleReadings',
    keyName: 'key',
  });
  const owned = useInstruments();
  const bevels = bevelsOf(bladeKind(values.kindId));
  const read = values.angleReadings.map((reading) => {
    const complete = readingOf(reading);
    return complete && readAngle(complete, primaryDeg, bevels);
  });
  const combined = combineAngles(
    read.flatMap((each): ReadAngle[] => (each?.ok ? [each.value] : [])),
  );
  const take = (): void => {
    if (!combined) return;
    form.setValue('angleSource', 'per side', { shouldDirty: true });
    form.setValue('presentAngle.valueDeg', fixed(combined.perSideDeg, 1), { shouldDirty: true });
  };
  return (
    <Stack $gap={8}>
      <Row $gap={8}>
        <MutedText>{STRINGS.measureItAnotherWay}</MutedText>
        {ANGLE_ROUTES.filter((route) => isOwned(route, owned)).map((route) => (
          <QuietButton key={route} onPress={() => append(emptyReading(route, measures))}>
            {ROUTE_LABELS[route]}
          </QuietButton>
        ))}
      </Row>
      <ol>
        {fields.map(({ key }, index) => {
          const reading = values.angleReadings[index];
          const result = read[index];
          return (
            reading && (
              <Line key={key}>
                <Stack $gap={8}>
                  <h3>{ROUTE_LABELS[reading.route]}</h3>
                  <ReadingFields
                    form={form}
                    index={index}
                    reading={reading}
                    startDeg={bladeKind(values.kindId).usual.anglePerSideDeg + 4}
                    primaryDeg={primaryDeg}
                  />
                  {result && !result.ok && <MutedText>{result.error.message}.</MutedText>}
                  {result?.ok && <MutedText>{result.value.text}.</MutedText>}
                </Stack>
                <p>
                  {result?.ok && (
                    <>
                      <b>
                        {fixed(result.value.perSideDeg, 1)}° ± {fixed(result.value.sigmaDeg, 1)}
                      </b>
                      {STRINGS.perSideWithin}
                    </>
                  )}
                </p>
                <Button aria-label={STRINGS.removeReading(index + 1)} onPress={() => remove(index)}>
                  <Trash2 size={20} />
                </Button>
              </Line>
            )
          );
        })}
      </ol>
      {combined?.disagreements.map(({ text, between }) => (
        <Notice key={between.join()} tone="cut">
          {text}
        </Notice>
      ))}
      {combined && (
        <Row>
          <p>
            {STRINGS.together} <b>{bothAngles(combined.perSideDeg, bevels)}</b> ±{' '}
            {fixed(combined.sigmaDeg, 1)}°
          </p>
          <QuietButton onPress={take}>
            {STRINGS.takePerSide(fixed(combined.perSideDeg, 1))}
          </QuietButton>
        </Row>
      )}
    </Stack>
  );
};

interface ReadingFieldsProps {
  readonly form: UseFormReturn<IntakeValues>;
  readonly index: number;
  readonly reading: ReadingValues;
  /** Where a marker test begins: wide. */
  readonly startDeg: number;
  readonly primaryDeg: number;
}

const ReadingFields = ({ form, index, reading, startDeg, primaryDeg }: ReadingFieldsProps) => {
  const { control } = form;
  const at = `angleReadings.${index}` as const;
  const FIELDS: Readonly<Record<AngleRoute, () => React.JSX.Element>> = {
    bevel: () => (
      <Columns $columns={2}>
        <FormNumber control={control} name={`${at}.faceMm`} label={STRINGS.bevelFaceMm} />
        <FormNumber
          control={control}
          name={`${at}.behindEdgeMm`}
          label={STRINGS.thicknessThereMm}
        />
      </Columns>
    ),
    gauge: () => (
      <Columns $columns={4}>
        <FormNumber control={control} name={`${at}.readingDeg`} label={STRINGS.reading} />
        <FormPick
          control={control}
          name={`${at}.zeroed`}
          label={STRINGS.zeroedOn}
          options={options(GAUGE_ZEROS)}
        />
        <FormPick
          control={control}
          name={`${at}.seat`}
          label={STRINGS.satOn}
          options={options(GAUGE_SEATS)}
        />
        <FormNumber
          control={control}
          name={`${at}.leanDeg`}
          label={STRINGS.leanOfThatFace}
          hint={
            reading.seat === 'the primary face'
              ? STRINGS.fromTheMeasures(fixed(primaryDeg, 1))
              : STRINGS.zeroThere
          }
        />
      </Columns>
    ),
    marker: () => <MarkerTest form={form} index={index} reading={reading} startDeg={startDeg} />,
    maker: () => (
      <Columns $columns={2}>
        <FormNumber control={control} name={`${at}.valueDeg`} label={STRINGS.makersFigure} />
        <FormChoice
          control={control}
          name={`${at}.as`}
          label={STRINGS.givenAs}
          options={options(['per side', 'inclusive'])}
        />
      </Columns>
    ),
    lift: () => (
      <Columns $columns={3}>
        <FormNumber control={control} name={`${at}.liftMm`} label={STRINGS.liftOfTheSpineMm} />
        <FormNumber control={control} name={`${at}.heightMm`} label={STRINGS.heightThereMm} />
        <FormNumber
          control={control}
          name={`${at}.spineThicknessMm`}
          label={STRINGS.spineThereMm}
        />
      </Columns>
    ),
    laser: () => (
      <Columns $columns={2}>
        <FormNumber
          control={control}
          name={`${at}.spotMm`}
          label={STRINGS.spotFromTheStraightLineMm}
        />
        <FormNumber control={control} name={`${at}.distanceMm`} label={STRINGS.edgeToScreenMm} />
      </Columns>
    ),
  };
  return FIELDS[reading.route]();
};

/** Ink, one light pass, look, next angle: until it is gone across the bevel. */
const MarkerTest = ({ form, index, reading, startDeg }: Omit<ReadingFieldsProps, 'primaryDeg'>) => {
  const trials = reading.trials.flatMap(({ angleDeg, seen }): MarkerTrial[] => {
    const value = parseNumber(angleDeg);
    return value === null ? [] : [{ angleDeg: value, seen }];
  });
  const advice = markerAdvice(trials, startDeg);
  const [typed, setTyped] = useState<string | null>(null);
  const tried = typed ?? (advice.nextDeg === null ? '' : fixed(advice.nextDeg, 1));
  const set = (next: ReadingValues['trials']): void =>
    form.setValue(`angleReadings.${index}.trials`, next, { shouldDirty: true });
  return (
    <Stack $gap={8}>
      <Notice>{advice.text}</Notice>
      {trials.length > 0 && (
        <MutedText>
          {STRINGS.tried(
            trials.map(({ angleDeg, seen }) => `${angleDeg}° ${named(seen)}`).join(' · '),
          )}
        </MutedText>
      )}
      {(advice.nextDeg !== null || typed !== null) && (
        <>
          <Row $align="end">
            <div style={{ width: 150 }}>
              <NumberEntry label={STRINGS.angleTried} value={tried} onChange={setTyped} />
            </div>
            {reading.trials.length > 0 && (
              <QuietButton onPress={() => set(reading.trials.slice(0, -1))}>
                {STRINGS.undoLastTry}
              </QuietButton>
            )}
          </Row>
          <Row $gap={8}>
            <MutedText>{STRINGS.theInkIs}</MutedText>
            {MARKER_FINDINGS.map((seen) => (
              <QuietButton
                key={seen}
                isDisabled={parseNumber(tried) === null}
                onPress={() => {
                  set([...reading.trials, { angleDeg: tried, seen }]);
                  setTyped(null);
                }}
              >
                {named(seen)}
              </QuietButton>
            ))}
          </Row>
        </>
      )}
    </Stack>
  );
};
