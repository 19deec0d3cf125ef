/** Faults along the edge: placed by touching a lane, or typed; every entry can be corrected by number. */
import {
  BLADE_EDGES,
  DAMAGE_KINDS,
  DAMAGE_SIDES,
  DAMAGE_WORDS,
  hasDepth,
  hasTwoEdges,
  type BladeEdge,
  type LastMeasured,
  type BladeSide,
  type Damage,
  type DamageKind,
  type DamageSide,
  named,
} from '@patient-edge/core';
import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { useFieldArray, useWatch, type Control } from 'react-hook-form';
import { Button } from 'react-aria-components/Button';
import styled from 'styled-components';
import { EdgeStrip } from '../instruments/edge-strip';
import { parseNumber } from '../theme/format';
import { FormPick } from '../theme/form-choices';
import { FormNumber } from '../theme/form-number';
import { QuietButton } from '../theme/buttons';
import { Row, MutedText, Stack } from '../theme/layout';
import { options } from '../theme/options';
import { Select } from '../theme/select';
import { useUndo } from '../theme/undo';
import { drawnMeasures, type DamageValues, type IntakeValues } from './values';
import { STRINGS } from './strings';

const Line = styled.li`
  display: grid;
  grid-template-columns: 160px 110px repeat(3, minmax(84px, 1fr)) 44px;
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

/** As far as it is typed: for drawing and comparing. */
export const drawnDamage = (values: readonly DamageValues[]): Damage[] =>
  values.map((found) => ({
    ...found,
    fromMm: numberOr(found.fromMm, 0),
    lengthMm: numberOr(found.lengthMm, 1),
    depthMm: numberOr(found.depthMm, 0),
  }));

/** What is put down first for a kind: short and shallow for what has a depth, a stretch for the rest. */
const firstSize = (kind: DamageKind): Pick<DamageValues, 'lengthMm' | 'depthMm'> =>
  hasDepth(kind) ? { lengthMm: '2', depthMm: '0.3' } : { lengthMm: '30', depthMm: '0' };

interface DamageEditorProps {
  readonly control: Control<IntakeValues>;
  readonly before: readonly Damage[];
  /** For measures not taken yet. */
  readonly standIns: LastMeasured | null;
}

export const DamageEditor = ({ control, before, standIns }: DamageEditorProps) => {
  const values = useWatch({ control }) as IntakeValues;
  const [kind, setKind] = useState<DamageKind>('chip');
  const offerUndo = useUndo();
  const { fields, append, insert, remove } = useFieldArray({
    control,
    name: 'damage',
    keyName: 'key',
  });
  const twoEdges = hasTwoEdges(values.kindId, values.answers);
  const add = (
    found: DamageKind,
    side: DamageSide,
    atMm: string,
    edge: BladeEdge | null = null,
  ): void => {
    append({ id: newId(), kind: found, side, edge, fromMm: atMm, ...firstSize(found) });
  };
  const removeWithUndo = (index: number): void => {
    const removed = values.damage[index];
    remove(index);
    if (!removed) return;
    offerUndo(STRINGS.removedThe(named(removed.kind)), () =>
      Promise.resolve(insert(index, removed)),
    );
  };
  return (
    <Stack $gap={10}>
      <EdgeStrip
        measures={drawnMeasures(values, standIns)}
        damage={drawnDamage(values.damage)}
        before={before}
        twoEdges={twoEdges}
        onPlace={(side: BladeSide, atMm, edge) =>
          add(kind, edge === null ? side : 'both', String(atMm), edge)
        }
        label={STRINGS.theEdgeFromHeelToTip(values.damage.length)}
      />
      <Row $gap={10} $align="end">
        <Select
          label={STRINGS.whatIsFound}
          options={options(DAMAGE_KINDS).map((kind) => ({
            ...kind,
            detail: DAMAGE_WORDS[kind.id].what,
          }))}
          value={kind}
          onChange={setKind}
        />
        <QuietButton onPress={() => add(kind, 'both', '')}>{STRINGS.addByNumbers}</QuietButton>
        <MutedText>{STRINGS.orTouchALaneToPlace(DAMAGE_WORDS[kind].what)}</MutedText>
      </Row>
      <ol>
        {fields.map(({ key }, index) => {
          const found = values.damage[index]?.kind ?? 'chip';
          return (
            <Line key={key}>
              <FormPick
                control={control}
                name={`damage.${index}.kind`}
                label={STRINGS.damage}
                options={options(DAMAGE_KINDS)}
              />
              {twoEdges ? (
                <FormPick
                  control={control}
                  name={`damage.${index}.edge`}
                  label={STRINGS.edge}
                  options={options(BLADE_EDGES)}
                />
              ) : (
                <FormPick
                  control={control}
                  name={`damage.${index}.side`}
                  label={STRINGS.side}
                  options={options(DAMAGE_SIDES)}
                />
              )}
              <FormNumber
                control={control}
                name={`damage.${index}.fromMm`}
                label={STRINGS.fromHeelMm}
              />
              <FormNumber
                control={control}
                name={`damage.${index}.lengthMm`}
                label={STRINGS.lengthMm}
              />
              {hasDepth(found) ? (
                <FormNumber
                  control={control}
                  name={`damage.${index}.depthMm`}
                  label={DAMAGE_WORDS[found].depth ?? STRINGS.depthMm}
                />
              ) : (
                <span />
              )}
              <Button
                aria-label={STRINGS.removeDamage(index + 1)}
                onPress={() => removeWithUndo(index)}
              >
                <Trash2 size={20} />
              </Button>
            </Line>
          );
        })}
      </ol>
    </Stack>
  );
};
