/** Parts of the blade with stones of their own: which, in what order, how held, what becomes of the mud. */
import {
  BLADE_PARTS,
  BONDS,
  DIRECTIONS,
  forTask,
  MOST_IN_CHAIN,
  PART_LABELS,
  SLURRIES,
  type BladePart,
  type PartChain,
  type RackStone,
  named,
} from '@patient-edge/core';
import { ArrowDown, ArrowUp, X } from 'lucide-react';
import { useState } from 'react';
import { Button } from 'react-aria-components/Button';
import styled from 'styled-components';
import { Columns } from '../theme/columns';
import { parseNumber } from '../theme/format';
import { QuietButton } from '../theme/buttons';
import { Row, MutedText, Stack } from '../theme/layout';
import { options } from '../theme/options';
import { SegmentedControl } from '../theme/segmented-control';
import { Select } from '../theme/select';
import { NumberEntry } from '../theme/number-entry';
import { STRINGS } from './strings';

const Part = styled.section`
  border-left: 6px solid var(--accent);
  padding: 4px 0 6px 14px;
`;
const Named = styled.ol`
  display: grid;
  max-width: 520px;
  & > li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto auto auto;
    align-items: center;
    border-top: 1px solid var(--line-soft);
  }
  & button {
    background: none;
    border: none;
    color: var(--ink);
    min-width: 40px;
    min-height: 40px;
    display: grid;
    place-items: center;
    cursor: pointer;
  }
  & button[data-disabled] {
    color: var(--line);
  }
`;

/** Faces whose width has to be said: the others follow from the plan. */
const WIDTHS: Partial<Record<BladePart, string>> = {
  micro: STRINGS.widthOfTheMicroBevelMm,
  cladding: STRINGS.widthOfTheBandMm,
  core: STRINGS.widthOfTheBandMm,
};
const FACE_LIMITS_MM = [0.02, 80] as const;

const START: Omit<PartChain, 'part'> = {
  stones: null,
  bond: null,
  finishUm: null,
  faceMm: null,
  direction: 'edge-trailing',
  slurry: 'keep the mud',
};

interface ChainsControlProps {
  readonly chains: readonly PartChain[];
  readonly rack: readonly RackStone[];
  /** What the edge may be worked on: with a machine, what belongs to it too. */
  readonly edgeRack: readonly RackStone[];
  /** The stones planned for the edge now: what a list by hand begins with. */
  readonly edgeStones: readonly string[];
  readonly onChains: (next: readonly PartChain[]) => void;
}

export const ChainsControl = ({
  chains,
  rack,
  edgeRack,
  edgeStones,
  onChains,
}: ChainsControlProps) => {
  const without = BLADE_PARTS.filter((part) => !chains.some((chain) => chain.part === part));
  const change = (part: BladePart, next: Partial<PartChain>): void =>
    onChains(chains.map((chain) => (chain.part === part ? { ...chain, ...next } : chain)));
  return (
    <Stack>
      <h3>{STRINGS.separateStonesPerBevel}</h3>
      {chains.length === 0 && <MutedText>{STRINGS.oneChainForTheWholeEdge}</MutedText>}
      {chains.map((chain) => (
        <PartEditor
          key={chain.part}
          chain={chain}
          rack={chain.part === 'edge' ? edgeRack : forTask(rack, 'edge')}
          startStones={chain.part === 'edge' ? edgeStones : edgeStones.slice(-1)}
          onChange={(next) => change(chain.part, next)}
          onRemove={() => onChains(chains.filter(({ part }) => part !== chain.part))}
        />
      ))}
      <Row>
        {without.map((part) => (
          <QuietButton key={part} onPress={() => onChains([...chains, { ...START, part }])}>
            {STRINGS.onItsOwn(PART_LABELS[part])}
          </QuietButton>
        ))}
      </Row>
    </Stack>
  );
};

interface PartEditorProps {
  readonly chain: PartChain;
  readonly rack: readonly RackStone[];
  readonly startStones: readonly string[];
  readonly onChange: (next: Partial<PartChain>) => void;
  readonly onRemove: () => void;
}

const PartEditor = ({ chain, rack, startStones, onChange, onRemove }: PartEditorProps) => {
  const { part, stones } = chain;
  const widthLabel = WIDTHS[part];
  return (
    <Part aria-label={PART_LABELS[part]}>
      <Stack $gap={10}>
        <Row>
          <h3>{PART_LABELS[part]}</h3>
          <QuietButton aria-label={STRINGS.likeTheRest(PART_LABELS[part])} onPress={onRemove}>
            {STRINGS.likeTheRestAlone}
          </QuietButton>
        </Row>
        <Columns $columns={4}>
          <SegmentedControl
            label={STRINGS.stones}
            options={[
              { id: 'planned', label: STRINGS.planned },
              { id: 'named', label: STRINGS.namedByHand },
            ]}
            value={stones ? 'named' : 'planned'}
            onChange={(next) =>
              onChange({
                stones:
                  next === 'planned'
                    ? null
                    : startStones.length > 0
                      ? startStones
                      : rack.slice(0, 1).map(({ id }) => id),
              })
            }
          />
          <Select
            label={STRINGS.bond}
            options={[
              { id: 'any', label: named('any') },
              ...options(BONDS.filter((bond) => bond !== 'strop')),
            ]}
            value={chain.bond ?? 'any'}
            onChange={(next) => onChange({ bond: next === 'any' ? null : next })}
          />
          <Select
            label={STRINGS.strokeDirection}
            options={options(DIRECTIONS)}
            value={chain.direction}
            onChange={(direction) => onChange({ direction })}
          />
          <Select
            label={STRINGS.slurry}
            options={options(SLURRIES)}
            value={chain.slurry}
            onChange={(slurry) => onChange({ slurry })}
          />
          {widthLabel !== undefined && (
            <FaceWidth
              label={widthLabel}
              faceMm={chain.faceMm}
              onFace={(faceMm) => onChange({ faceMm })}
            />
          )}
        </Columns>
        {stones && (
          <NamedStones
            stones={stones}
            rack={rack}
            onStones={(next) => onChange({ stones: next })}
          />
        )}
      </Stack>
    </Part>
  );
};

const FaceWidth = ({
  label,
  faceMm,
  onFace,
}: {
  label: string;
  faceMm: number | null;
  onFace: (faceMm: number | null) => void;
}) => {
  const [typed, setTyped] = useState(faceMm === null ? '' : String(faceMm));
  const [low, high] = FACE_LIMITS_MM;
  const value = parseNumber(typed);
  const right = typed.trim() === '' || (value !== null && value >= low && value <= high);
  return (
    <NumberEntry
      label={label}
      hint={STRINGS.emptyAsUsual}
      value={typed}
      error={right ? undefined : STRINGS.fromToMmWasGiven(low, high, typed)}
      onChange={(next) => {
        setTyped(next);
        const width = parseNumber(next);
        if (next.trim() === '') onFace(null);
        else if (width !== null && width >= low && width <= high) onFace(width);
      }}
    />
  );
};

const NamedStones = ({
  stones,
  rack,
  onStones,
}: {
  stones: readonly string[];
  rack: readonly RackStone[];
  onStones: (next: readonly string[]) => void;
}) => {
  const nameOf = (id: string): string => {
    const stone = rack.find((each) => each.id === id);
    return stone ? STRINGS.nameUm(stone.name, stone.um) : STRINGS.notOnTheRackAnyMore;
  };
  const moved = (from: number, to: number): readonly string[] => {
    const next = [...stones];
    const [taken] = next.splice(from, 1);
    next.splice(to, 0, taken!);
    return next;
  };
  return (
    <Stack $gap={8}>
      <Named aria-label={STRINGS.stonesInTheirOrder}>
        {stones.map((id, index) => (
          <li key={`${id} ${index}`}>
            <span>
              {index + 1}. {nameOf(id)}
            </span>
            <Button
              aria-label={STRINGS.earlier(nameOf(id))}
              isDisabled={index === 0}
              onPress={() => onStones(moved(index, index - 1))}
            >
              <ArrowUp size={18} />
            </Button>
            <Button
              aria-label={STRINGS.later(nameOf(id))}
              isDisabled={index === stones.length - 1}
              onPress={() => onStones(moved(index, index + 1))}
            >
              <ArrowDown size={18} />
            </Button>
            <Button
              aria-label={STRINGS.nameOfLeaveOut(nameOf(id))}
              isDisabled={stones.length === 1}
              onPress={() => onStones(stones.filter((_, at) => at !== index))}
            >
              <X size={18} />
            </Button>
          </li>
        ))}
      </Named>
      {stones.length < MOST_IN_CHAIN && (
        <div style={{ width: 320 }}>
          <Select
            label={STRINGS.addAStoneAfterThese}
            options={rack.map(({ id, name, um, bond }) => ({
              id,
              label: STRINGS.nameUm(name, um),
              detail: bond,
            }))}
            value={null}
            onChange={(id) => onStones([...stones, id])}
          />
        </div>
      )}
    </Stack>
  );
};
