/**
 * Readings as they are taken: everywhere in one press, then the exceptions zone by zone; what is read once for the blade;
 * and those tests that are done now and then, behind a line.
 */
import {
  EDGE_TESTS,
  findTest,
  forceBand,
  medianGf,
  mustRepeat,
  testsThatCount,
  ZONES,
  type EdgeReadings,
  type EdgeTest,
  type TestBench,
  type TestId,
  type Use,
  type Zone,
  named,
} from '@patient-edge/core';
import styled from 'styled-components';
import { Fold } from '../theme/fold';
import { MutedText, Row, Stack } from '../theme/layout';
import { SegmentedControl } from '../theme/segmented-control';
import { Select } from '../theme/select';
import { NumberEntry } from '../theme/number-entry';
import { ForceReader } from './force-reader';
import { forceProblem, type TypedReadings, type TypedZone } from './typed-readings';
import { STRINGS } from './strings';

const Grid = styled.div`
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 18px;
  @media (max-width: 900px) {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
`;
const Column = styled.section`
  border-top: 3px solid var(--ink);
  padding-top: 8px;
  display: grid;
  gap: 12px;
  align-content: start;
  & h2 {
    font-size: 16px;
    text-transform: capitalize;
  }
`;
const Force = styled.fieldset`
  border: none;
  padding: 0;
  margin: 0;
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 6px;
  & legend {
    font-weight: 600;
    font-size: 15px;
    padding: 0 0 4px;
  }
  & p {
    grid-column: 1 / -1;
  }
`;

const Everywhere = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(300px, 100%), 1fr));
  gap: 12px 24px;
`;

interface ReadingFieldsProps {
  readonly use: Use;
  readonly bench: TestBench;
  readonly typed: TypedReadings;
  readonly readings: EdgeReadings;
  /** As it came, shown beside what is read after the work; absent where that is what is read. */
  readonly before?: EdgeReadings | undefined;
  readonly editable: boolean;
  readonly onTyped: (typed: TypedReadings) => void;
}

const classOptions = ({ classes }: EdgeTest) => classes.map(({ id }) => ({ id, label: named(id) }));

/** The class all zones share; null where they differ, or nothing was read. */
const everywhere = (typed: TypedReadings, test: TestId): string | null => {
  const read = ZONES.map((zone) => typed[zone].classes[test]);
  return read.every((each) => each === read[0]) ? (read[0] ?? null) : null;
};

export const ReadingFields = (props: ReadingFieldsProps) => {
  const { use, bench, typed, editable } = props;
  const all: readonly EdgeTest[] = [...EDGE_TESTS, ...bench.own];
  const counts = testsThatCount(use, bench);
  const others = [...bench.inUse, ...bench.own.map(({ id }) => id)].filter(
    (id) => !counts.includes(id),
  );
  const tests = (ids: readonly TestId[]): readonly EdgeTest[] =>
    all.filter(({ id }) => ids.includes(id));
  const hasOther = (id: TestId): boolean =>
    findTest(bench, id)?.at === 'blade'
      ? typed.blade[id] !== undefined
      : ZONES.some((zone) => typed[zone].classes[id] !== undefined);
  const done = others.filter(hasOther);
  if (!editable)
    return (
      <ReadOnly {...props} tests={all.filter(({ id }) => counts.includes(id) || hasOther(id))} />
    );
  return (
    <Stack $gap={16}>
      <TestFields {...props} tests={tests(counts)} />
      {others.length > 0 && (
        <Fold
          title={STRINGS.otherTests}
          says={
            done.length > 0
              ? STRINGS.done(
                  tests(done)
                    .map(({ label }) => label.toLowerCase())
                    .join(', '),
                )
              : tests(others)
                  .map(({ label }) => label.toLowerCase())
                  .join(', ')
          }
        >
          <TestFields {...props} tests={tests(others)} />
        </Fold>
      )}
    </Stack>
  );
};

interface TestFieldsProps extends ReadingFieldsProps {
  readonly tests: readonly EdgeTest[];
}

const TestFields = ({ tests, typed, readings, before, bench, onTyped }: TestFieldsProps) => {
  const setZone = (zone: Zone, part: Partial<TypedZone>): void =>
    onTyped({ ...typed, [zone]: { ...typed[zone], ...part } });
  const setClass = (zones: readonly Zone[], test: TestId, value: string): void =>
    onTyped(
      zones.reduce<TypedReadings>(
        (all, zone) => ({
          ...all,
          [zone]: { ...all[zone], classes: { ...all[zone].classes, [test]: value } },
        }),
        typed,
      ),
    );
  const zoned = tests.filter(({ at, classes }) => at === 'zone' && classes.length > 0);
  const whole = tests.filter(({ at }) => at === 'blade');
  const withForce = tests.some(({ id }) => id === 'force');
  return (
    <Stack $gap={16}>
      <Everywhere role="group" aria-label={STRINGS.everywhere}>
        {zoned.map((test) => (
          <Stack key={test.id} $gap={4}>
            <SegmentedControl
              label={STRINGS.labelEverywhere(test.label)}
              options={classOptions(test)}
              value={everywhere(typed, test.id)}
              onChange={(value) => setClass(ZONES, test.id, value)}
            />
            <MutedText>{test.how}</MutedText>
            <Medium test={test} typed={typed} onTyped={onTyped} />
          </Stack>
        ))}
        {whole.map((test) => (
          <Stack key={test.id} $gap={4}>
            <SegmentedControl
              label={test.label}
              options={classOptions(test)}
              value={typed.blade[test.id] ?? null}
              onChange={(value) =>
                onTyped({ ...typed, blade: { ...typed.blade, [test.id]: value } })
              }
            />
            <MutedText>{test.how}</MutedText>
            <Medium test={test} typed={typed} onTyped={onTyped} />
          </Stack>
        ))}
      </Everywhere>
      {withForce && <ForceReader typed={typed} readings={readings} onTyped={onTyped} />}
      {(zoned.length > 0 || withForce) && (
        <Grid>
          {ZONES.map((zone) => (
            <Column key={zone} aria-label={STRINGS.readingsAtThe(zone)}>
              <h2>{zone}</h2>
              {zoned.map((test) => (
                <div key={test.id}>
                  <Select
                    label={test.label}
                    options={classOptions(test)}
                    value={typed[zone].classes[test.id] ?? null}
                    onChange={(value) => setClass([zone], test.id, value)}
                  />
                  <Came test={test} before={before} typed={typed} zone={zone} />
                </div>
              ))}
              {withForce && (
                <Force>
                  <legend>{STRINGS.cutForceGf}</legend>
                  {([0, 1, 2] as const).map((index) => (
                    <NumberEntry
                      key={index}
                      label={`${index + 1}`}
                      value={typed[zone].force[index]}
                      error={forceProblem(typed[zone].force[index])}
                      onChange={(text) => {
                        const force: [string, string, string] = [...typed[zone].force];
                        force[index] = text;
                        setZone(zone, { force });
                      }}
                    />
                  ))}
                  <ForceWord forceGf={readings[zone].forceGf} bench={bench} />
                  {before && before[zone].forceGf.length > 0 && (
                    <MutedText>
                      {STRINGS.came} {medianGf(before[zone].forceGf)} gf
                    </MutedText>
                  )}
                </Force>
              )}
            </Column>
          ))}
        </Grid>
      )}
    </Stack>
  );
};

/** What the same test read before the work; on another medium it is said, and compared with nothing. */
const Came = ({
  test,
  before,
  typed,
  zone,
}: {
  readonly test: EdgeTest;
  readonly zone: Zone;
} & Pick<ReadingFieldsProps, 'before' | 'typed'>) => {
  const read = before?.[zone].classes[test.id];
  if (before === undefined || read === undefined) return null;
  const [was, now] = [before.media[test.id], typed.media[test.id]];
  const isLike = was === undefined || now === undefined || was === now;
  return <MutedText>{STRINGS.cameAs(isLike ? read : STRINGS.butOn(read, was))}</MutedText>;
};

/** On what it was tested: like is compared with like. */
const Medium = ({
  test,
  typed,
  onTyped,
}: { readonly test: EdgeTest } & Pick<ReadingFieldsProps, 'typed' | 'onTyped'>) =>
  test.media.length === 0 ? null : (
    <div style={{ maxWidth: 300 }}>
      <Select
        label={STRINGS.onWhat(test.label)}
        options={test.media.map((id) => ({ id, label: named(id) }))}
        value={typed.media[test.id] ?? null}
        onChange={(medium) => onTyped({ ...typed, media: { ...typed.media, [test.id]: medium } })}
      />
    </div>
  );

const ReadOnly = ({ tests, typed, readings, bench }: TestFieldsProps) => (
  <Stack $gap={12}>
    <Grid>
      {ZONES.map((zone) => (
        <Column key={zone} aria-label={STRINGS.readingsAtThe(zone)}>
          <h2>{zone}</h2>
          <div>
            {tests
              .filter(({ at, classes }) => at === 'zone' && classes.length > 0)
              .map(({ id, label }) => (
                <p key={id}>
                  {label}: {typed[zone].classes[id] ?? STRINGS.notDone}
                </p>
              ))}
            {tests.some(({ id }) => id === 'force') && (
              <ForceWord forceGf={readings[zone].forceGf} bench={bench} />
            )}
          </div>
        </Column>
      ))}
    </Grid>
    <Row $gap={24}>
      {tests
        .filter(({ at }) => at === 'blade')
        .map(({ id, label }) => (
          <p key={id}>
            {label}: {typed.blade[id] ?? STRINGS.notDone}
          </p>
        ))}
    </Row>
  </Stack>
);

const ForceWord = ({ forceGf, bench }: { forceGf: readonly number[]; bench: TestBench }) => {
  const median = medianGf(forceGf);
  if (median === null) return <MutedText>{STRINGS.noReading}</MutedText>;
  return (
    <p>
      {STRINGS.medianGf(median, forceBand(median, bench.goodForceGf))}
      {mustRepeat(forceGf) && STRINGS.spreadTooWideRepeat}
    </p>
  );
};
