/** What will this chip cost? Worked out in a worker at up to 400 stations; it tells how far it is and can be stopped. */
import {
  CHIP_STATIONS,
  findSteel,
  figure,
  usualMeasuresOf,
  type ChipCost,
  type Result,
} from '@patient-edge/core';
import { proxy } from 'comlink';
import { useState } from 'react';
import { EdgeStrip } from '../instruments/edge-strip';
import { FigureList, FigureView } from '../instruments/why';
import { Failed } from '../theme/failed';
import { ActionButton, QuietButton } from '../theme/buttons';
import { Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import type { ChipWorker } from '../workers/chip-worker';
import { useWorkerRun } from '../workers/use-worker-run';
import { readChip } from './chip-fields';
import type { Inputs } from './questions';
import { STRINGS } from './strings';

interface Progress {
  readonly answer: Result<ChipCost> | null;
  readonly step: number;
}

const create = (): Worker =>
  new Worker(new URL('../workers/chip-worker.ts', import.meta.url), { type: 'module' });

export const ChipAnswer = ({ inputs }: { inputs: Inputs }) => {
  const [progress, setProgress] = useState<Progress>({ answer: null, step: 0 });
  const { isRunning: running, error, start, stop } = useWorkerRun<ChipWorker>(create);
  const read = readChip(inputs);
  const steel = findSteel(inputs['steel'] ?? '');
  if (!read.ok || !steel) return null;
  const { values } = read;
  const kindId = inputs['kindId'] ?? 'chef';

  const begin = (): void => {
    setProgress({ answer: null, step: 0 });
    start((remote) =>
      remote.cost(
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
        proxy((told: Result<ChipCost>, at: number) => setProgress({ answer: told, step: at })),
      ),
    );
  };

  const { answer, step } = progress;
  const cost = answer?.ok ? answer.value : null;
  return (
    <Stack>
      <Row>
        <ActionButton onPress={begin}>{STRINGS.calculate}</ActionButton>
        {running && <QuietButton onPress={stop}>{STRINGS.stop}</QuietButton>}
        {(running || step > 0) && (
          <progress aria-label={STRINGS.stationsWorkedOut} max={CHIP_STATIONS.length} value={step}>
            {STRINGS.of(step, CHIP_STATIONS.length)}
          </progress>
        )}
        {cost && (
          <span role="status">
            {STRINGS.stations(
              cost.stations,
              !running && cost.stations < 400 ? STRINGS.stopped : '',
            )}
          </span>
        )}
      </Row>
      <Failed error={error} retry={begin} />
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
            label={STRINGS.theOutlineAfterTheRepairMm(cost.repair.maxDepthMm.toFixed(2))}
          />
          <ChipFigures cost={cost} />
        </>
      )}
    </Stack>
  );
};

const ChipFigures = ({ cost }: { cost: ChipCost }) => {
  const source = STRINGS.outlineAsALinearProgrammeSections;
  return (
    <FigureList>
      <FigureView
        label={STRINGS.heightLostAtTheDeepest}
        figure={figure(cost.repair.maxDepthMm, 'mm', {
          rule: STRINGS.theChipsOwnDepthElsewhereThe,
          inputs: [{ label: STRINGS.stationsAlone, value: cost.stations }],
          source,
        })}
      />
      <FigureView
        label={STRINGS.steel}
        figure={figure(cost.steelMm3, 'mm³', {
          rule: STRINGS.jointingToTheNewOutlineAnd,
          formula: STRINGS.vASDs,
          inputs: [
            { label: STRINGS.inTheBladePlane, value: cost.repair.removedAreaMm2, unit: 'mm²' },
            {
              label: STRINGS.jointingTheWholeEdgeInstead,
              value: cost.jointingSteelMm3,
              unit: 'mm³',
            },
          ],
          source,
        })}
      />
      <FigureView
        label={STRINGS.timeOnThatStone}
        figure={figure(cost.seconds, 's', {
          rule: STRINGS.theSteelDividedByHowFast,
          formula: 't = V / (K · F · v)',
          inputs: [{ label: 'V', value: cost.steelMm3, unit: 'mm³' }],
          source: STRINGS.removalModelFirstGuesses,
        })}
      />
    </FigureList>
  );
};
