/** Pressure practised against a kitchen scale: read off and typed, or streamed as it is pressed. */
import {
  forceBandN,
  judgePressure,
  newtonsOf,
  type ForceUnit,
  type PressureReading,
} from '@patient-edge/core';
import { useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { useDevices, useStones } from '../api/hooks';
import { ShelfNav } from '../rack/shelf-nav';
import { bandText, FORCE_LABELS, forceText, forceUnit } from '../theme/force';
import { inUnits, parseNumber } from '../theme/format';
import { ActionButton, QuietButton } from '../theme/buttons';
import { Row, Panel, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { Select } from '../theme/select';
import { NumberEntry } from '../theme/number-entry';
import { PressureTrace } from './pressure-trace';
import { PageHeading } from '../theme/page-heading';
import { STRINGS } from './strings';

const Now = styled.p`
  font: 700 64px/1 var(--figures);
  font-variant-numeric: tabular-nums;
`;

/** The last so many seconds are shown and judged. */
const SHOWN_S = 20;
const BANDS = [
  { id: '68', label: STRINGS.coarse30AndMore },
  { id: '12', label: STRINGS.medium8To30 },
  { id: '5', label: STRINGS.fine3To8 },
  { id: '1', label: STRINGS.finestBelow3 },
  { id: 'deburr', label: STRINGS.deburringWeightOfHandAndBlade },
] as const;
const DEBURR_N = [0.5, 2] as const;

const PressurePage = () => {
  const { data: stones } = useStones();
  const { data: devices } = useDevices();
  const unit = forceUnit();
  const [band, setBand] = useState<string>('12');
  const [streaming, setStreaming] = useState(false);
  const [readings, setReadings] = useState<readonly PressureReading[]>([]);
  const [lost, setLost] = useState(false);
  const began = useRef(0);

  const add = (newtons: number): void => {
    if (began.current === 0) began.current = performance.now();
    const atS = (performance.now() - began.current) / 1000;
    setReadings((held) => [
      ...held.filter((each) => atS - each.atS < SHOWN_S),
      { atS, newtons: newtonsOf(newtons, 'N') },
    ]);
  };
  const latest = useRef(add);
  useEffect(() => {
    latest.current = add;
  });

  useEffect(() => {
    if (!streaming) return;
    const source = new EventSource('/api/devices/scale');
    const stop = (): void => {
      source.close();
      setStreaming(false);
      setLost(true);
    };
    source.addEventListener('message', ({ data }: MessageEvent<string>) => {
      const { grams } = JSON.parse(data) as { grams: number };
      latest.current(Math.max(0, newtonsOf(grams, 'gf')));
    });
    source.addEventListener('gone', stop);
    source.addEventListener('error', stop);
    return () => source.close();
  }, [streaming]);

  const stone = stones?.find(({ id }) => `stone ${id}` === band);
  const bandN = band === 'deburr' ? DEBURR_N : forceBandN(stone ? stone.um : Number(band));
  const judged = judgePressure(readings, bandN);
  const now = readings.at(-1);
  return (
    <>
      <ShelfNav />
      <Stack $gap={16}>
        <PageHeading title={STRINGS.pressure} />
        <MutedText>
          {STRINGS.layTheStoneOnAKitchen(inUnits(STRINGS.lightIsUnder5NMedium))}
        </MutedText>
        <Panel aria-label={STRINGS.whatToPractise}>
          <Row $gap={20} $align="start">
            <div style={{ width: 330 }}>
              <Select
                label={STRINGS.forWhichStoneOrGrain}
                options={[
                  ...BANDS,
                  ...(stones ?? [])
                    .filter(({ retired }) => !retired)
                    .map(({ id, name, um }) => ({
                      id: `stone ${id}`,
                      label: STRINGS.nameUm(name, um),
                    })),
                ]}
                value={band}
                onChange={setBand}
                hint={STRINGS.aimFor(bandText(bandN, unit))}
              />
            </div>
          </Row>
        </Panel>
        <Panel aria-label={STRINGS.theScale}>
          <Stack>
            <Row $gap={28} $align="end">
              <Now role="timer" aria-label={STRINGS.pressedNow}>
                {now ? forceText(now.newtons, unit) : '–'}
              </Now>
              {devices?.scale && (
                <ActionButton
                  onPress={() => {
                    setLost(false);
                    if (!streaming) {
                      began.current = 0;
                      setReadings([]);
                    }
                    setStreaming(!streaming);
                  }}
                >
                  {streaming ? STRINGS.stopListening : STRINGS.listenToTheScale}
                </ActionButton>
              )}
              <TypedReading unit={unit} onRead={add} />
              {readings.length > 0 && !streaming && (
                <QuietButton
                  onPress={() => {
                    began.current = 0;
                    setReadings([]);
                  }}
                >
                  {STRINGS.startAgain}
                </QuietButton>
              )}
            </Row>
            {lost && (
              <Notice tone="cut" alert>
                {STRINGS.theScaleHasStoppedAnsweringType}
              </Notice>
            )}
            <PressureTrace readings={readings} bandN={bandN} shownS={SHOWN_S} unit={unit} />
            <p role="status">
              {judged
                ? STRINGS.insideOnAverage(
                    judged.text,
                    Math.round(judged.insideShare * 100),
                    forceText(judged.meanN, unit),
                    forceText(judged.sdN, unit),
                  )
                : STRINGS.nothingPressedYet}
            </p>
          </Stack>
        </Panel>
      </Stack>
    </>
  );
};

const TypedReading = ({ unit, onRead }: { unit: ForceUnit; onRead: (newtons: number) => void }) => {
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const read = (): void => {
    const value = parseNumber(typed);
    const newtons = value === null ? NaN : newtonsOf(value, unit);
    if (!(newtons >= 0 && newtons <= 200)) {
      setProblem(STRINGS.from0ToWasGiven(forceText(200, unit), typed));
      return;
    }
    setProblem(undefined);
    onRead(newtons);
    setTyped('');
  };
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        read();
      }}
    >
      <Row $align="end">
        <div style={{ width: 220 }}>
          <NumberEntry
            label={STRINGS.orTypeWhatItShows(FORCE_LABELS[unit])}
            value={typed}
            onChange={setTyped}
            error={problem}
          />
        </div>
        <QuietButton type="submit">{STRINGS.read}</QuietButton>
      </Row>
    </form>
  );
};

export default PressurePage;
