/** Damage along the edge: placed by touching a lane, or typed; every entry can be corrected by number. */
import {
  DAMAGE_KINDS,
  DAMAGE_SIDES,
  type BladeSide,
  type Damage,
  type DamageSide,
} from '@patient-edge/core';
import { Trash2 } from 'lucide-react';
import { useFieldArray, useWatch, type Control } from 'react-hook-form';
import { Button } from 'react-aria-components';
import styled from 'styled-components';
import { EdgeStrip } from '../instruments/edge-strip';
import { parseNumber } from '../theme/format';
import { FormNumber, FormPick } from '../theme/form-fields';
import { options, QuietButton, Row, Soft, Stack } from '../theme/parts';
import { drawnMeasures, type DamageValues, type IntakeValues } from './values';

const Line = styled.li`
  display: grid;
  grid-template-columns: 140px 110px repeat(3, minmax(84px, 1fr)) 44px;
  gap: 10px;
  align-items: start;
  padding: 8px 0;
  border-top: 1px solid var(--line-soft);
  & > button {
    align-self: end;
    min-height: 44px;
    background: none;
    border: none;
    color: var(--cut);
    cursor: pointer;
  }
`;

const newId = (): string => crypto.randomUUID().slice(0, 8);
const numberOr = (typed: string, fallback: number): number => parseNumber(typed) ?? fallback;

const drawn = (values: readonly DamageValues[]): Damage[] =>
  values.map((found) => ({
    ...found,
    fromMm: numberOr(found.fromMm, 0),
    lengthMm: numberOr(found.lengthMm, 1),
    depthMm: numberOr(found.depthMm, 0),
  }));

export const DamageEditor = ({ control }: { control: Control<IntakeValues> }) => {
  const values = useWatch({ control }) as IntakeValues;
  const { fields, append, remove } = useFieldArray({ control, name: 'damage', keyName: 'key' });
  const add = (kind: DamageValues['kind'], side: DamageSide, atMm: string): void => {
    append({
      id: newId(),
      kind,
      side,
      fromMm: atMm,
      lengthMm: kind === 'chip' ? '2' : '30',
      depthMm: kind === 'chip' ? '0.3' : '0',
    });
  };
  return (
    <Stack $gap={10}>
      <EdgeStrip
        measures={drawnMeasures(values)}
        damage={drawn(values.damage)}
        onPlace={(side: BladeSide, atMm) => add('chip', side, String(atMm))}
        label={`The edge from heel to tip with ${values.damage.length} places of damage`}
      />
      <Row $gap={10}>
        <QuietButton onPress={() => add('chip', 'both', '')}>Add a chip</QuietButton>
        <QuietButton onPress={() => add('dull zone', 'both', '')}>Add a dull zone</QuietButton>
        <QuietButton onPress={() => add('rolled edge', 'both', '')}>Add a rolled edge</QuietButton>
        <Soft>Touch a lane to place a chip there.</Soft>
      </Row>
      <ol>
        {fields.map(({ key }, index) => (
          <Line key={key}>
            <FormPick
              control={control}
              name={`damage.${index}.kind`}
              label="Damage"
              options={options(DAMAGE_KINDS)}
            />
            <FormPick
              control={control}
              name={`damage.${index}.side`}
              label="Side"
              options={options(DAMAGE_SIDES)}
            />
            <FormNumber control={control} name={`damage.${index}.fromMm`} label="From heel, mm" />
            <FormNumber control={control} name={`damage.${index}.lengthMm`} label="Length, mm" />
            {values.damage[index]?.kind === 'chip' ? (
              <FormNumber control={control} name={`damage.${index}.depthMm`} label="Depth, mm" />
            ) : (
              <span />
            )}
            <Button aria-label={`Remove damage ${index + 1}`} onPress={() => remove(index)}>
              <Trash2 size={20} />
            </Button>
          </Line>
        ))}
      </ol>
    </Stack>
  );
};
