/** What will this chip cost? Worked out in a worker at up to 400 stations; it tells how far it is and can be stopped. */
import {
  CHIP_STATIONS,
  findSteel,
  figure,
  STEELS,
  UNKNOWN_STEEL_DESIGNATION,
  usualMeasuresOf,
  type ChipCost,
  type CraftError,
  type Result,
} from '@patient-edge/core';
import { proxy, releaseProxy, wrap } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import { EdgeStrip } from '../instruments/edge-strip';
import { FigureList, FigureView } from '../instruments/why';
import { parseNumber } from '../theme/format';
import { ActionButton, Notice, QuietButton, Row, Stack } from '../theme/parts';
import type { ChipWorker } from '../workers/chip-worker';
import { CHIP_KINDS, type Field, type Inputs } from './questions';

export const CHIP_FIELDS: readonly Field[] = [
  { name: 'kindId', label: 'Kind', initial: 'chef', choices: CHIP_KINDS },
  { name: 'edgeLengthMm', label: 'Edge length, mm', initial: '210' },
  { name: 'fromMm', label: 'Chip from the heel, mm', initial: '60' },
  { name: 'lengthMm', label: 'Its length, mm', initial: '3' },
  { name: 'depthMm', label: 'Its depth, mm', initial: '0.8' },
  {
    name: 'steel',
    label: 'Steel',
    initial: UNKNOWN_STEEL_DESIGNATION,
    choices: STEELS.map(({ designation }) => ({ id: designation, label: designation })),
  },
  { name: 'stoneUm', label: 'Stone, µm', initial: '40' },
];

const LIMITS: Readonly<Record<string, readonly [number, number]>> = {
  edgeLengthMm: [20, 900],
  fromMm: [0, 900],
  lengthMm: [0.1, 200],
  depthMm: [0.01, 15],
  stoneUm: [1, 800],
};

type ReadChip =
  | { readonly ok: true; readonly values: Readonly<Record<string, number>> }
  | { readonly ok: false; readonly error: CraftError };

const wrong = (field: string, message: string): ReadChip => ({
  ok: false,
  error: { code: 'INVALID_INPUT', field, message },
});

/** The first field that is wrong, or the numbers. */
export const readChip = (inputs: Inputs): ReadChip => {
  const values: Record<string, number> = {};
  for (const [field, [low, high]] of Object.entries(LIMITS)) {
    const text = (inputs[field] ?? '').trim();
    const value = parseNumber(text);
    if (value === null || value < low || value > high) {
      return wrong(field, `${field} must be from ${low} to ${high}; "${text}" was given`);
    }
    values[field] = value;
  }
  const { fromMm, lengthMm, edgeLengthMm } = values;
  if (fromMm! + lengthMm! > edgeLengthMm!) {
    return wrong(
      'fromMm',
      `fromMm: the chip ends at ${fromMm! + lengthMm!} mm, beyond the edge of ${edgeLengthMm} mm`,
    );
  }
  return { ok: true, values };
};

interface Progress {
  readonly answer: Result<ChipCost> | null;
  readonly step: number;
  readonly running: boolean;
}

export const ChipAnswer = ({ inputs }: { inputs: Inputs }) => {
  const [progress, setProgress] = useState<Progress>({ answer: null, step: 0, running: false });
  const stop = useRef<(() => void) | null>(null);
  const read = readChip(inputs);
  const steel = findSteel(inputs['steel'] ?? '');
  useEffect(() => () => stop.current?.(), []);
  if (!read.ok || !steel) return null;
  const { values } = read;
  const kindId = inputs['kindId'] ?? 'chef';

  const begin = (): void => {
    stop.current?.();
    const thread = new Worker(new URL('../workers/chip-worker.ts', import.meta.url), {
      type: 'module',
    });
    const remote = wrap<ChipWorker>(thread);
    const end = (): void => {
      remote[releaseProxy]();
      thread.terminate();
      stop.current = null;
      setProgress((before) => ({ ...before, running: false }));
    };
    stop.current = end;
    setProgress({ answer: null, step: 0, running: true });
    void remote.cost(
      {
        kindId,
        edgeLengthMm: values['edgeLengthMm']!,
        chip: {
          fromMm: values['fromMm']!,
          toMm: values['fromMm']! + values['lengthMm']!,
          depthMm: values['depthMm']!,
        },
        steel,
        stoneUm: values['stoneUm']!,
      },
      proxy((answer: Result<ChipCost>, step: number, steps: number) => {
        setProgress({ answer, step, running: step < steps });
        if (step === steps) end();
      }),
    );
  };

  const { answer, step, running } = progress;
  const cost = answer?.ok ? answer.value : null;
  return (
    <Stack>
      <Row>
        <ActionButton onPress={begin}>Work it out</ActionButton>
        {running && <QuietButton onPress={() => stop.current?.()}>Stop</QuietButton>}
        {(running || step > 0) && (
          <progress aria-label="Stations worked out" max={CHIP_STATIONS.length} value={step}>
            {step} of {CHIP_STATIONS.length}
          </progress>
        )}
        {cost && (
          <span role="status">
            {cost.stations} stations{!running && cost.stations < 400 ? ', stopped' : ''}
          </span>
        )}
      </Row>
      {answer && !answer.ok && (
        <Notice tone="cut" alert>
          {answer.error.message}
        </Notice>
      )}
      {cost && (
        <>
          <EdgeStrip
            measures={usualMeasuresOf(kindId, values['edgeLengthMm']!)}
            damage={[
              {
                id: 'chip',
                kind: 'chip',
                side: 'both',
                fromMm: values['fromMm']!,
                lengthMm: values['lengthMm']!,
                depthMm: values['depthMm']!,
              },
            ]}
            depthAlong={cost.depthAlong}
            lanes={false}
            label={`The outline after the repair, ${cost.repair.maxDepthMm.toFixed(2)} mm up at the deepest`}
          />
          <ChipFigures cost={cost} />
        </>
      )}
    </Stack>
  );
};

const ChipFigures = ({ cost }: { cost: ChipCost }) => {
  const source = 'Outline as a linear programme; sections cut along the edge';
  return (
    <FigureList>
      <FigureView
        label="Height lost at the deepest"
        figure={figure(cost.repair.maxDepthMm, 'mm', {
          rule: 'The chip’s own depth; elsewhere the edge comes up only as far as it must to leave no hollow.',
          inputs: [{ label: 'Stations', value: cost.stations }],
          source,
        })}
      />
      <FigureView
        label="Steel"
        figure={figure(cost.steelMm3, 'mm³', {
          rule: 'Jointing to the new outline and setting the bevel again.',
          formula: 'V = ∫ A(s) ds',
          inputs: [
            { label: 'In the blade plane', value: cost.repair.removedAreaMm2, unit: 'mm²' },
            { label: 'Jointing the whole edge instead', value: cost.jointingSteelMm3, unit: 'mm³' },
          ],
          source,
        })}
      />
      <FigureView
        label="Time on that stone"
        figure={figure(cost.seconds, 's', {
          rule: 'The steel divided by how fast that grain cuts it by hand.',
          formula: 't = V / (K · F · v)',
          inputs: [{ label: 'V', value: cost.steelMm3, unit: 'mm³' }],
          source: 'Removal model; first guesses',
        })}
      />
    </FigureList>
  );
};
