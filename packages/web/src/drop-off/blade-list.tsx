/** The blades of this drop-off so far, as they will hang: tag, silhouette, what is wished and for when. */
import { bladeKind, usualMeasuresOf } from '@patient-edge/core';
import { Pencil, Trash2 } from 'lucide-react';
import { Button } from 'react-aria-components/Button';
import styled from 'styled-components';
import { Silhouette } from '../instruments/silhouette';
import { day, parseNumber } from '../theme/format';
import { Figures, MutedText } from '../theme/layout';
import type { BladeValues } from './draft';
import { STRINGS } from './strings';

const Lines = styled.ol`
  display: grid;
  & > li {
    display: grid;
    grid-template-columns: 64px 190px minmax(0, 1.2fr) minmax(0, 1.4fr) 110px auto;
    gap: 14px;
    align-items: center;
    padding: 7px 0;
    border-top: 1px solid var(--line-soft);
  }
  & > li[data-wrong] {
    border-left: 5px solid var(--cut);
    padding-left: 8px;
  }
  & b {
    font: 650 22px/1 var(--figures);
  }
  & button {
    background: none;
    border: none;
    min-width: 44px;
    min-height: 44px;
    cursor: pointer;
    color: var(--ink);
  }
  & [role='alert'] {
    color: var(--cut);
    font-weight: 600;
    grid-column: 2 / -1;
  }
`;

interface BladeListProps {
  readonly blades: readonly BladeValues[];
  readonly problems: Readonly<Record<number, string>>;
  readonly onEdit: (index: number) => void;
  readonly onRemove: (index: number) => void;
}

const drawn = (blade: BladeValues) => {
  const length = parseNumber(blade.edgeLengthMm) ?? bladeKind(blade.kindId).usual.edgeLengthMm;
  return usualMeasuresOf(blade.kindId, length);
};

export const BladeList = ({ blades, problems, onEdit, onRemove }: BladeListProps) => (
  <Lines aria-label={STRINGS.bladesToTakeIn}>
    {blades.map((blade, index) => (
      <li key={blade.tagNumber} {...(problems[index] ? { 'data-wrong': '' } : {})}>
        <b>{blade.tagNumber}</b>
        <Silhouette measures={drawn(blade)} scale={0.42} />
        <span>
          {blade.bladeName || bladeKind(blade.kindId).label}
          {blade.bladeId !== '' && <MutedText as="small"> {STRINGS.wasHereBefore}</MutedText>}
        </span>
        <MutedText as="span">{blade.askedFor}</MutedText>
        <Figures>{blade.promisedOn === '' ? '' : day(blade.promisedOn)}</Figures>
        <span>
          <Button aria-label={STRINGS.changeTag(blade.tagNumber)} onPress={() => onEdit(index)}>
            <Pencil size={19} />
          </Button>
          <Button aria-label={STRINGS.removeTag(blade.tagNumber)} onPress={() => onRemove(index)}>
            <Trash2 size={19} />
          </Button>
        </span>
        {problems[index] && <span role="alert">{problems[index]}</span>}
      </li>
    ))}
  </Lines>
);
