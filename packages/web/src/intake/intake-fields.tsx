/** The fields of the intake that describe blade, measures, condition and promise. */
import {
  angleFromBevel,
  BLADE_KINDS,
  bladeKind,
  isPlanned,
  mm,
  SHARPNESS,
  STEELS,
  USES,
} from '@patient-edge/core';
import { useMemo } from 'react';
import { useWatch, type UseFormReturn } from 'react-hook-form';
import styled from 'styled-components';
import { useBoard, useSteels } from '../api/hooks';
import { Silhouette } from '../instruments/silhouette';
import { day, fixed, parseNumber, weekdayOf } from '../theme/format';
import { FormChoice, FormNumber, FormPick, FormText } from '../theme/form-fields';
import { Notice, options, QuietButton, Row, Sheet, Soft, Stack, Tick } from '../theme/parts';
import { DamageEditor } from './damage-editor';
import {
  drawnMeasures,
  MEASURE_FIELDS,
  usualMeasures,
  type IntakeValues,
  type MeasureField,
} from './values';

export const Columns = styled.div<{ $columns?: number }>`
  display: grid;
  gap: 14px 16px;
  grid-template-columns: repeat(${({ $columns }) => $columns ?? 2}, minmax(0, 1fr));
  align-items: start;
  @media (max-width: 700px) {
    grid-template-columns: 1fr;
  }
`;

const KIND_OPTIONS = BLADE_KINDS.map(({ id, label, group }) => ({ id, label, detail: group }));
const USE_OPTIONS = USES.map(({ id, label, angleDeg }) => ({
  id,
  label,
  detail: `${angleDeg[0]}–${angleDeg[1]}° per side`,
}));

const MEASURE_LABELS: Readonly<Record<MeasureField, string>> = {
  edgeLengthMm: 'Edge length, mm',
  heightHeelMm: 'Height at heel, mm',
  heightMiddleMm: 'Height half way, mm',
  heightTipMm: 'Height near tip, mm',
  spineHeelMm: 'Spine at heel, mm',
  spineMiddleMm: 'Spine half way, mm',
  spineTipMm: 'Spine near tip, mm',
  thicknessBehindEdgeMm: 'Behind the edge, mm',
};

const Drawing = styled.div`
  overflow: hidden;
  padding: 4px 0;
`;

type Form = UseFormReturn<IntakeValues>;

/** The days of the coming week and a bit with their wharves: promised dates follow the moorings. */
const PromisedOn = ({ form }: { form: Form }) => {
  const { data: board } = useBoard();
  const moorings = board?.moorings ?? [];
  if (moorings.length === 0 || !board) {
    return <FormText control={form.control} name="promisedOn" label="Promised for" kind="date" />;
  }
  const today = new Date(`${board.today}T12:00:00`);
  const days = Array.from({ length: 15 }, (_, ahead) => {
    const date = new Date(today.getTime() + ahead * 24 * 60 * 60 * 1000);
    const pad = (part: number): string => String(part).padStart(2, '0');
    return `${date.getFullYear()}-${pad(date.getMonth() + 1)}-${pad(date.getDate())}`;
  });
  const moored = days.flatMap((id) => {
    const wharf = moorings.find(({ weekday }) => weekday === weekdayOf(id))?.wharf;
    return wharf === undefined ? [] : [{ id, label: `${day(id)} · ${wharf}` }];
  });
  const chosen = form.getValues('promisedOn');
  const listed =
    chosen === '' || moored.some(({ id }) => id === chosen)
      ? moored
      : [{ id: chosen, label: day(chosen) }, ...moored];
  return (
    <FormPick control={form.control} name="promisedOn" label="Promised for" options={listed} />
  );
};

const PresentAngle = ({ form }: { form: Form }) => {
  const values = useWatch({ control: form.control }) as IntakeValues;
  const perSide = presentAngleOf(values);
  return (
    <Columns $columns={2}>
      <FormChoice
        control={form.control}
        name="angleSource"
        label="Present angle is known from"
        options={[
          { id: 'bevel', label: 'Bevel width' },
          { id: 'per side', label: 'Gauge, per side' },
          { id: 'inclusive', label: 'Inclusive angle' },
        ]}
      />
      {values.angleSource === 'bevel' ? (
        <FormNumber
          control={form.control}
          name="bevelFaceMm"
          label="Width of the bevel face, mm"
          {...(perSide === null ? {} : { hint: bothAngles(perSide) })}
        />
      ) : (
        <FormNumber
          control={form.control}
          name="presentAngle.valueDeg"
          label={values.angleSource === 'per side' ? 'Angle per side, °' : 'Inclusive angle, °'}
          {...(perSide === null ? {} : { hint: bothAngles(perSide) })}
        />
      )}
    </Columns>
  );
};

const bothAngles = (perSide: number): string =>
  `${fixed(perSide, 1)}° per side · ${fixed(2 * perSide, 1)}° inclusive`;

const presentAngleOf = (values: IntakeValues): number | null => {
  if (values.angleSource === 'bevel') {
    const face = parseNumber(values.bevelFaceMm);
    const behind = parseNumber(values.thicknessBehindEdgeMm);
    if (face === null || behind === null || face <= 0 || behind <= 0) return null;
    const bevel = angleFromBevel(mm(face), mm(behind / 2));
    return bevel.ok ? bevel.value.angle : null;
  }
  const typed = parseNumber(values.presentAngle.valueDeg);
  if (typed === null) return null;
  return values.angleSource === 'per side' ? typed : typed / 2;
};

export const IntakeFields = ({ form }: { form: Form }) => {
  const { control, setValue } = form;
  const values = useWatch({ control }) as IntakeValues;
  const kind = bladeKind(values.kindId);
  const steels = useSteels() ?? STEELS;
  const steelOptions = useMemo(
    () =>
      steels.map(({ designation, steelClass, hrcLow, hrcHigh }) => ({
        id: designation,
        label: designation,
        detail: `${steelClass}, ${hrcLow}–${hrcHigh} HRC`,
      })),
    [steels],
  );
  const usual = usualMeasures(values.kindId);
  const fillUsual = (): void => {
    for (const field of MEASURE_FIELDS) {
      if (values[field].trim() === '') setValue(field, String(usual[field]), { shouldDirty: true });
    }
    if (values.angleSource !== 'bevel' && values.presentAngle.valueDeg === '') {
      const share = values.angleSource === 'inclusive' ? 2 : 1;
      setValue('presentAngle.valueDeg', String(share * kind.usual.anglePerSideDeg));
    }
  };
  return (
    <>
      <Sheet aria-label="Blade">
        <Stack>
          <h2>The blade</h2>
          <Columns $columns={3}>
            <FormPick control={control} name="kindId" label="Kind" options={KIND_OPTIONS} />
            <FormPick control={control} name="steel" label="Steel" options={steelOptions} />
            <FormText control={control} name="bladeName" label="What its owner calls it" />
            <FormPick control={control} name="useId" label="Use" options={USE_OPTIONS} />
            <FormText control={control} name="cuts" label="What they cut" />
            <FormText control={control} name="askedFor" label="What they ask for" />
          </Columns>
          {(kind.group === 'razor' || values.useId === 'field') && (
            <Notice tone="cut">
              Arrives contaminated: disinfect it now and again before its return, by the rules of
              that trade.
            </Notice>
          )}
          {!isPlanned(kind) && (
            <Notice>
              {kind.label} is {kind.grind}: it can be taken in and kept on record, but its plan is
              not computed yet. Plans are computed for two-sided blades with a flat grind.
            </Notice>
          )}
        </Stack>
      </Sheet>
      <Sheet aria-label="Measures">
        <Stack>
          <Row>
            <h2>Measures</h2>
            <QuietButton onPress={fillUsual}>Fill what is empty with the usual</QuietButton>
          </Row>
          <Drawing>
            <Silhouette
              measures={drawnMeasures(values)}
              scale={1.5}
              title={`${kind.label}, drawn from the measures`}
            />
          </Drawing>
          <Columns $columns={4}>
            {MEASURE_FIELDS.map((field) => (
              <FormNumber
                key={field}
                control={control}
                name={field}
                label={MEASURE_LABELS[field]}
                hint={`usually ${usual[field]}`}
              />
            ))}
          </Columns>
          <PresentAngle form={form} />
        </Stack>
      </Sheet>
      <Sheet aria-label="Condition">
        <Stack>
          <h2>Condition along the edge</h2>
          <FormChoice
            control={control}
            name="sharpness"
            label="Sharpness as it came"
            options={options(SHARPNESS)}
          />
          <DamageEditor control={control} />
        </Stack>
      </Sheet>
      <Sheet aria-label="Promise">
        <Stack>
          <h2>Promise</h2>
          <Columns $columns={2}>
            <PromisedOn form={form} />
            <Tick value={values.carefulHands} onChange={(next) => setValue('carefulHands', next)}>
              Careful hands: the edge may be a degree lower
            </Tick>
          </Columns>
          <Soft>
            Local law and the shop’s own rules come first: refuse what is not lawful to hold, and
            ask the owner’s age where it matters.
          </Soft>
        </Stack>
      </Sheet>
    </>
  );
};

/** Fields whose refusals stand beside them. */
export const INTAKE_FIELDS: readonly string[] = [
  ...MEASURE_FIELDS,
  'customerId',
  'newCustomer',
  'tagNumber',
  'kindId',
  'bladeName',
  'steel',
  'useId',
  'cuts',
  'askedFor',
  'promisedOn',
  'sharpness',
  'bevelFaceMm',
  'presentAngle',
  'damage',
];
