/** The instruments of a step: which are on, and what they say while the hands are busy. */
import type { DeviceTopic } from '@patient-edge/contract';
import { newtonsOf, type GaugeSample } from '@patient-edge/core';
import { Ear, Gauge as GaugeIcon, Weight } from 'lucide-react';
import { useState } from 'react';
import { ToggleButton } from 'react-aria-components/ToggleButton';
import styled from 'styled-components';
import { useDevices } from '../api/hooks';
import { QuietButton } from '../theme/buttons';
import { bandText, forceText, forceUnit } from '../theme/force';
import { MutedText, Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { GaugeNeedle } from './gauge-needle';
import { useBenchTools, type BenchToolsOn } from './use-bench-tools';
import { useDeviceStream } from './use-device-stream';
import type { Gauge } from './use-gauge';
import { useMicrophone } from './use-microphone';
import type { StepAtBench } from './use-step-at-work';
import { STRINGS } from './strings';

const Toggles = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  & button {
    min-height: 56px;
    padding: 0 16px;
    display: inline-flex;
    gap: 8px;
    align-items: center;
    font: 600 16px/1 var(--text);
    color: var(--ink);
    background: var(--sheet);
    border: 1px solid var(--line);
    cursor: pointer;
  }
  & button[data-selected] {
    border: 3px solid var(--accent);
  }
`;

/** In the panel: which are wanted; only those this shop has. */
export const ToolToggles = ({ gauge }: { gauge: Gauge }) => {
  const { data: devices } = useDevices();
  const [tools, setTools] = useBenchTools();
  const toggle = (tool: keyof BenchToolsOn): void => setTools({ ...tools, [tool]: !tools[tool] });
  return (
    <Stack $gap={8}>
      <Toggles role="group" aria-label={STRINGS.instruments}>
        {devices?.gauge && (
          <ToggleButton isSelected={tools.gauge} onChange={() => toggle('gauge')}>
            <GaugeIcon size={20} aria-hidden /> {STRINGS.angleGauge}
          </ToggleButton>
        )}
        {devices?.scale && (
          <ToggleButton isSelected={tools.scale} onChange={() => toggle('scale')}>
            <Weight size={20} aria-hidden /> {STRINGS.scaleUnderTheStone}
          </ToggleButton>
        )}
        <ToggleButton isSelected={tools.microphone} onChange={() => toggle('microphone')}>
          <Ear size={20} aria-hidden /> {STRINGS.countByEar}
        </ToggleButton>
      </Toggles>
      {tools.gauge && devices?.gauge && <Recording gauge={gauge} />}
    </Stack>
  );
};

const Recording = ({ gauge }: { gauge: Gauge }) => {
  const [problem, setProblem] = useState<string | null>(null);
  const save = (): void => {
    gauge.setRecording(false);
    const url = URL.createObjectURL(new Blob([gauge.recording()], { type: 'text/csv' }));
    const link = document.createElement('a');
    link.href = url;
    link.download = 'gauge.csv';
    link.click();
    URL.revokeObjectURL(url);
  };
  return (
    <Row>
      <QuietButton onPress={() => (gauge.isRecording ? save() : gauge.setRecording(true))}>
        {gauge.isRecording ? STRINGS.stopAndSaveTheRecording : STRINGS.recordTheGauge}
      </QuietButton>
      <label>
        {STRINGS.replayARecording}{' '}
        <input
          type="file"
          accept=".csv,text/csv"
          onChange={(event) => {
            const [file] = event.target.files ?? [];
            if (!file) return;
            void file.text().then((csv) => {
              setProblem(gauge.replay(csv) ? null : STRINGS.isNoRecordingItsFirstLine(file.name));
            });
          }}
        />
      </label>
      {problem !== null && <p role="alert">{problem}</p>}
    </Row>
  );
};

interface BenchToolsProps {
  readonly gauge: Gauge;
  readonly atWork: StepAtBench;
  /** What the step wants pressed, N. */
  readonly bandN: readonly [number, number] | null;
}

/** Among the controls: what those that are on say. */
export const BenchTools = ({ gauge, atWork, bandN }: BenchToolsProps) => {
  const { data: devices } = useDevices();
  const [tools] = useBenchTools();
  const [pressedN, setPressedN] = useState<number | null>(null);
  const topics = (['gauge', 'scale'] as const).filter(
    (topic): topic is DeviceTopic & ('gauge' | 'scale') =>
      tools[topic] && devices?.[topic] === true,
  );
  const lost = useDeviceStream(topics, (topic, message) => {
    if (topic === 'gauge') gauge.push(message as GaugeSample);
    if (topic === 'scale') {
      const { grams } = message as { grams: number };
      setPressedN(Math.max(0, newtonsOf(grams, 'gf')));
    }
  });
  const microphone = useMicrophone(tools.microphone, () => atWork.stroke(atWork.turn));
  return (
    <>
      {topics.includes('gauge') && <GaugeNeedle gauge={gauge} />}
      {(topics.includes('scale') || tools.microphone) && (
        <Row $gap={18}>
          {topics.includes('scale') && <Pressed newtons={pressedN} bandN={bandN} />}
          {tools.microphone && (
            <p role="status" aria-label={STRINGS.countedByEar}>
              <Ear size={18} aria-hidden /> {STRINGS.heard(microphone.heard)}
              {microphone.rhythm &&
                STRINGS.aMinute(Math.round(microphone.rhythm.perMinute), microphone.rhythm.text)}
            </p>
          )}
        </Row>
      )}
      {microphone.problem !== null && <Notice tone="cut">{microphone.problem}</Notice>}
      {lost.length > 0 && (
        <Notice tone="cut" alert>
          {STRINGS.theStoppedAnsweringGoOnBy(
            lost.map((topic) => (topic === 'gauge' ? 'angle gauge' : topic)).join(' and the '),
          )}
        </Notice>
      )}
    </>
  );
};

const Pressed = ({
  newtons,
  bandN,
}: {
  newtons: number | null;
  bandN: readonly [number, number] | null;
}) => {
  const unit = forceUnit();
  if (newtons === null) return <MutedText>{STRINGS.waitingForTheScale}</MutedText>;
  const verdict =
    bandN === null || newtons < 0.2
      ? ''
      : newtons > bandN[1]
        ? STRINGS.lighter
        : newtons < bandN[0]
          ? STRINGS.firmer
          : STRINGS.right;
  return (
    <p aria-label={STRINGS.pressedNow}>
      <Weight size={18} aria-hidden /> <b>{forceText(newtons, unit)}</b>
      {bandN && STRINGS.of(bandText(bandN, unit))}
      {verdict}
    </p>
  );
};
