/** What is read at one place: the strip is pressed there, the test and its reading chosen. */
import { zoneAt, type EdgeTest, type PlaceReading, named } from '@patient-edge/core';
import { X } from 'lucide-react';
import { useState } from 'react';
import { QuietButton } from '../theme/buttons';
import { mm, parseNumber } from '../theme/format';
import { MutedText, Row, Stack } from '../theme/layout';
import { Select } from '../theme/select';
import { NumberEntry } from '../theme/number-entry';
import { STRINGS } from './strings';

interface PlaceReadingsProps {
  /** Those that are read along the edge. */
  readonly tests: readonly EdgeTest[];
  readonly edgeLengthMm: number;
  readonly places: readonly PlaceReading[];
  /** As it was typed, or pressed on the strip; empty where no place is meant. */
  readonly at: string;
  readonly onAt: (at: string) => void;
  readonly onPlaces: (places: readonly PlaceReading[]) => void;
}

export const PlaceReadings = ({
  tests,
  edgeLengthMm,
  places,
  at,
  onAt,
  onPlaces,
}: PlaceReadingsProps) => {
  const [chosen, setChosen] = useState<string | null>(null);
  const [read, setRead] = useState<string | null>(null);
  const test = tests.find(({ id }) => id === chosen) ?? tests[0];
  const atMm = parseNumber(at);
  const isPlace = atMm !== null && atMm >= 0 && atMm <= edgeLengthMm;
  if (!test) return null;
  // What is worth a place is seldom good.
  const reading =
    test.classes.find(({ id }) => id === read)?.id ??
    test.classes.find(({ means }) => means === 'fault')?.id ??
    test.classes.at(-1)!.id;
  return (
    <Stack $gap={8} role="group" aria-label={STRINGS.atOnePlace}>
      <Row $align="end">
        <div style={{ width: 190 }}>
          <NumberEntry
            label={STRINGS.atOnePlaceMmFromThe}
            value={at}
            error={
              at === '' || isPlace ? undefined : STRINGS.from0ToWasGiven(mm(edgeLengthMm, 0), at)
            }
            onChange={onAt}
          />
        </div>
        {at !== '' && (
          <>
            <div style={{ width: 190 }}>
              <Select
                label={STRINGS.whichTest}
                options={tests.map(({ id, label }) => ({ id, label }))}
                value={test.id}
                onChange={setChosen}
              />
            </div>
            <div style={{ width: 190 }}>
              <Select
                label={STRINGS.whatItReadThere}
                options={test.classes.map(({ id }) => ({ id, label: named(id) }))}
                value={reading}
                onChange={setRead}
              />
            </div>
            <QuietButton
              isDisabled={!isPlace}
              onPress={() => {
                if (!isPlace) return;
                const zone = zoneAt(atMm / edgeLengthMm);
                onPlaces([...places, { test: test.id, zone, atMm, read: reading }]);
                onAt('');
              }}
            >
              {STRINGS.addReading}
            </QuietButton>
          </>
        )}
        {at === '' && <MutedText>{STRINGS.orPressTheStripThere}</MutedText>}
      </Row>
      <Row>
        {places.map((place, index) => {
          const said = STRINGS.at(
            tests.find(({ id }) => id === place.test)?.label ?? place.test,
            mm(place.atMm, 0),
            place.read,
          );
          return (
            <QuietButton
              key={index}
              aria-label={STRINGS.takeBack(said)}
              onPress={() => onPlaces(places.filter((_, each) => each !== index))}
            >
              {said} <X size={16} aria-hidden />
            </QuietButton>
          );
        })}
      </Row>
    </Stack>
  );
};
