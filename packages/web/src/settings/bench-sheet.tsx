/** Sounds and foot pedals of this device, and how often the burr is felt for. */
import { named } from '@patient-edge/core';
import { useState } from 'react';
import { useFeelEvery } from '../bench/use-cues';
import {
  PEDAL_ACTION_LABELS,
  PEDAL_ACTIONS,
  PEDAL_PROFILES,
  usePedals,
  type Pedal,
  type PedalAction,
} from '../bench/pedals';
import { QuietButton } from '../theme/buttons';
import { Checkbox } from '../theme/checkbox';
import { MutedText, Panel, Row, Stack } from '../theme/layout';
import type { Option } from '../theme/options';
import { PageHeading } from '../theme/page-heading';
import { SegmentedControl } from '../theme/segmented-control';
import { Select } from '../theme/select';
import { playSound, useSoundSettings, hasVoice, wakeSound } from '../theme/sounds';
import { STRINGS } from './strings';

const VOLUMES = [
  { id: '0', label: STRINGS.off },
  { id: '0.2', label: STRINGS.quiet },
  { id: '0.5', label: STRINGS.usual },
  { id: '1', label: STRINGS.loud },
] as const satisfies readonly Option<string>[];

const FEEL_EVERY = [
  { id: '0', label: STRINGS.atTheEndOfThePattern },
  { id: '25', label: STRINGS.every25Strokes },
  { id: '50', label: STRINGS.every50 },
  { id: '100', label: STRINGS.every100 },
] as const satisfies readonly Option<string>[];

const PROFILES = [
  { id: '0', label: STRINGS.none },
  { id: '1', label: STRINGS.one },
  { id: '2', label: STRINGS.two },
  { id: '3', label: STRINGS.three },
] as const satisfies readonly Option<string>[];

const ACTIONS: readonly Option<PedalAction>[] = PEDAL_ACTIONS.map((id) => ({
  id,
  label: PEDAL_ACTION_LABELS[id],
}));
const HELD: readonly Option<PedalAction | 'same'>[] = [
  { id: 'same', label: STRINGS.theSameAsAPress },
  ...ACTIONS,
];

export const BenchSheet = () => (
  <Panel aria-label={STRINGS.soundsAndPedals}>
    <Stack>
      <PageHeading title={STRINGS.soundsAndPedals} />
      <MutedText>{STRINGS.keptOnThisDevice}</MutedText>
      <Sounds />
      <Pedals />
    </Stack>
  </Panel>
);

const Sounds = () => {
  const [sounds, setSounds] = useSoundSettings();
  const [feelEvery, setFeelEvery] = useFeelEvery();
  const volume = VOLUMES.find(({ id }) => Number(id) === sounds.volume)?.id ?? '0.5';
  return (
    <Stack>
      <Row $align="end">
        <SegmentedControl
          label={STRINGS.cuesChangeSidesNextRoundFeel}
          options={VOLUMES}
          value={volume}
          onChange={(id) => {
            wakeSound();
            setSounds({ ...sounds, volume: Number(id) });
          }}
        />
        <QuietButton onPress={() => playSound('swap')}>{STRINGS.play}</QuietButton>
      </Row>
      <Checkbox value={sounds.isSpoken} onChange={(isSpoken) => setSounds({ ...sounds, isSpoken })}>
        {STRINGS.speakTheCuesToo(hasVoice() ? '' : STRINGS.thisBrowserHasNoVoice)}
      </Checkbox>
      <SegmentedControl
        label={STRINGS.feelForTheBurr}
        options={FEEL_EVERY}
        value={FEEL_EVERY.find(({ id }) => Number(id) === feelEvery)?.id ?? '0'}
        onChange={(id) => setFeelEvery(Number(id))}
      />
    </Stack>
  );
};

const countOf = (pedals: readonly Pedal[]): '0' | '1' | '2' | '3' =>
  PROFILES[pedals.length]?.id ?? '0';

const Pedals = () => {
  const [pedals, setPedals] = usePedals();
  const change = (at: number, part: Partial<Pedal>): void =>
    setPedals(pedals.map((pedal, index) => (index === at ? { ...pedal, ...part } : pedal)));
  return (
    <Stack>
      <SegmentedControl
        label={STRINGS.footPedals}
        options={PROFILES}
        value={countOf(pedals)}
        onChange={(id) => setPedals(id === '0' ? [] : PEDAL_PROFILES[id])}
        hint={STRINGS.spaceIsAlwaysAStrokeWhatever}
      />
      {pedals.map((pedal, index) => (
        <Row key={index} $align="end">
          <LearnKey
            number={index + 1}
            value={pedal.key}
            onLearnt={(key) => change(index, { key })}
          />
          <div style={{ width: 300 }}>
            <Select
              label={STRINGS.pedalPressed(index + 1)}
              options={ACTIONS}
              value={pedal.press}
              onChange={(press) => change(index, { press })}
            />
          </div>
          <div style={{ width: 300 }}>
            <Select
              label={STRINGS.pedalHeld(index + 1)}
              options={HELD}
              value={pedal.hold ?? 'same'}
              onChange={(hold) => change(index, { hold: hold === 'same' ? null : hold })}
            />
          </div>
        </Row>
      ))}
      {pedals.length > 0 && <MutedText>{STRINGS.pressAPedalOnItsButton}</MutedText>}
    </Stack>
  );
};

const nameOf = (key: string): string => (key === ' ' ? named('space') : key);

/** The next key pressed is the pedal's; Tab and Escape stay what they are. */
const LearnKey = ({
  number,
  value,
  onLearnt,
}: {
  number: number;
  value: string;
  onLearnt: (key: string) => void;
}) => {
  const [isListening, setListening] = useState(false);
  return (
    <div
      onKeyDownCapture={(event) => {
        if (!isListening || event.key === 'Tab') return;
        event.preventDefault();
        event.stopPropagation();
        if (event.key !== 'Escape') onLearnt(event.key);
        setListening(false);
      }}
      onBlur={() => setListening(false)}
    >
      <QuietButton
        aria-label={STRINGS.pedalSendsLearnAnotherKey(number, nameOf(value))}
        onPress={() => setListening(true)}
      >
        {isListening ? STRINGS.pressThePedalNow : STRINGS.pedal(number, nameOf(value))}
      </QuietButton>
    </div>
  );
};
