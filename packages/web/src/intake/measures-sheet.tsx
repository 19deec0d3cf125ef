/** What the caliper says, drawn at once; or an outline taken off a photograph or a drawing. */
import type { Job } from '@patient-edge/contract';
import {
  bladeKind,
  lengthSigmaMm,
  measuresAskedOf,
  NO_MEASURES,
  withStandIns,
  type MeasuredWith,
  named,
} from '@patient-edge/core';
import { useState } from 'react';
import { FileTrigger } from 'react-aria-components/FileTrigger';
import type { UseFormReturn } from 'react-hook-form';
import styled from 'styled-components';
import { Silhouette } from '../instruments/silhouette';
import { FormChoice } from '../theme/form-choices';
import { FormNumber } from '../theme/form-number';
import { mm, mmTyped, parseNumber } from '../theme/format';
import { QuietButton } from '../theme/buttons';
import { QuietLink } from '../theme/links';
import { Row, Panel, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { useInstruments } from '../api/may';
import { options } from '../theme/options';
import { readDrawing, type DrawnWay } from '../trace/drawing-file';
import { Columns } from '../theme/columns';
import { drawnMeasures, INSTRUMENTS, standInsOf, withOutline, type IntakeValues } from './values';
import { STRINGS } from './strings';

const Drawing = styled.div`
  overflow: hidden;
  padding: 4px 0;
`;

interface MeasuresSheetProps {
  readonly form: UseFormReturn<IntakeValues>;
  readonly values: IntakeValues;
  readonly job: Job;
}

const plusMinus = (how: MeasuredWith, value: number): string => {
  const sigma = lengthSigmaMm(how, value);
  return STRINGS.by(mm(sigma, sigma < 0.1 ? 2 : 1), named(how));
};

export const MeasuresSheet = ({ form, values, job }: MeasuresSheetProps) => {
  const { control, setValue } = form;
  const owned = useInstruments();
  const kind = bladeKind(values.kindId);
  const last = standInsOf(job, values.kindId);
  const { measures: standIn, measuredWith: standInWith } = withStandIns(
    values.kindId,
    { ...NO_MEASURES, edgeLengthMm: parseNumber(values.edgeLengthMm) },
    {},
    last,
  );
  const asked = measuresAskedOf(kind);
  const hintOf = (field: (typeof asked)[number]['field']): string => {
    const typed = values[field];
    const value = parseNumber(typed);
    if (value === null)
      return last && job.measuredWith[field] === 'last visit'
        ? STRINGS.lastTime(mmTyped(standIn[field]))
        : STRINGS.notMeasuredUsually(mmTyped(standIn[field]));
    const held = values.held[field];
    return plusMinus(held?.text === typed ? held.with : values.instrument, value);
  };
  const fillUsual = (): void => {
    const open = asked.filter(({ field }) => values[field].trim() === '');
    for (const { field } of open) setValue(field, String(standIn[field]), { shouldDirty: true });
    // Filling in is not measuring: what stands in keeps saying so until a tool is held to the blade.
    const filled = open.map(({ field }) => [
      field,
      { text: String(standIn[field]), with: standInWith[field] },
    ]);
    setValue('held', { ...values.held, ...(Object.fromEntries(filled) as IntakeValues['held']) });
  };
  return (
    <Panel aria-label={STRINGS.measures} id="measures">
      <Stack>
        <Row>
          <h2>{STRINGS.measures}</h2>
          <QuietButton onPress={fillUsual}>{STRINGS.fillBlanksWithTypicalValues}</QuietButton>
        </Row>
        <Drawing>
          <Silhouette
            measures={drawnMeasures(values, last)}
            scale={1.5}
            title={STRINGS.drawnFrom(
              kind.label,
              values.traced ? STRINGS.itsOutline(named(values.traced.source)) : STRINGS.theMeasures,
            )}
          />
        </Drawing>
        <Columns $columns={4}>
          {asked.map(({ field, label }) => (
            <FormNumber
              key={field}
              control={control}
              name={field}
              label={label}
              hint={hintOf(field)}
            />
          ))}
          <FormNumber
            control={control}
            name="bellyStartMm"
            label={STRINGS.bellyBeginsMmFromHeel}
            hint={STRINGS.whereTheStraightEnds}
          />
          <FormNumber
            control={control}
            name="tipRiseMm"
            label={STRINGS.tipAboveTheHeelMm}
            hint={STRINGS.edgeDownOnTheBoard}
          />
          <FormChoice
            control={control}
            name="instrument"
            label={STRINGS.measuredWith}
            options={options(
              INSTRUMENTS.filter((each) => owned.includes(each) || each === values.instrument),
            )}
          />
        </Columns>
        <OutlineSource form={form} values={values} job={job} />
      </Stack>
    </Panel>
  );
};

/** Where the outline is from, and how to get a better one. */
const OutlineSource = ({ form, values, job }: MeasuresSheetProps) => {
  const [problem, setProblem] = useState<string | null>(null);
  const [file, setFile] = useState<File | null>(null);
  const [way, setWay] = useState<DrawnWay>({ edge: 'lower', heel: 'left' });
  const { setValue, getValues } = form;
  const read = async (chosen: File, drawn: DrawnWay): Promise<void> => {
    setFile(chosen);
    setWay(drawn);
    const outline = await readDrawing(chosen, drawn);
    setProblem(outline.ok ? null : outline.error.message);
    if (!outline.ok) return;
    for (const [name, value] of Object.entries(withOutline(outline.value))) {
      const next =
        name === 'held' ? { ...getValues('held'), ...(value as IntakeValues['held']) } : value;
      setValue(name as keyof IntakeValues, next as never, { shouldDirty: true });
    }
  };
  const photograph = job.photographs.at(-1);
  return (
    <Stack $gap={8}>
      <Row $gap={10}>
        {photograph ? (
          <QuietLink to={`/jobs/${job.id}/photographs/${photograph.id}?trace`}>
            {STRINGS.traceFromAPhotograph}
          </QuietLink>
        ) : (
          <MutedText>{STRINGS.toTraceTheOutlineAddA}</MutedText>
        )}
        <FileTrigger
          acceptedFileTypes={['.svg', '.dxf', 'image/svg+xml']}
          onSelect={(files) => {
            const chosen = files?.[0];
            if (chosen) void read(chosen, { edge: 'lower', heel: 'left' });
          }}
        >
          <QuietButton>{STRINGS.outlineFromSvgOrDxf}</QuietButton>
        </FileTrigger>
        {values.traced && (
          <QuietButton onPress={() => setValue('traced', null, { shouldDirty: true })}>
            {STRINGS.removeTracedOutline}
          </QuietButton>
        )}
        {values.traced && (
          <MutedText>{STRINGS.outlineFromA(named(values.traced.source))}</MutedText>
        )}
      </Row>
      {file && (
        <Row $gap={10}>
          <MutedText>{file.name}:</MutedText>
          <QuietButton
            onPress={() =>
              void read(file, { ...way, edge: way.edge === 'lower' ? 'upper' : 'lower' })
            }
          >
            {STRINGS.theEdgeIsTheOtherLine}
          </QuietButton>
          <QuietButton
            onPress={() =>
              void read(file, { ...way, heel: way.heel === 'left' ? 'right' : 'left' })
            }
          >
            {STRINGS.theHeelIsAtTheOther}
          </QuietButton>
        </Row>
      )}
      {problem !== null && (
        <Notice tone="cut" alert>
          {problem}
        </Notice>
      )}
    </Stack>
  );
};
