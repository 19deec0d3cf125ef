/** The tests this shop has in use: those it owns the instruments for. */
import type { TestsInUse } from '@patient-edge/contract';
import { EDGE_TESTS, forceScale, type EdgeTestId } from '@patient-edge/core';
import { useState } from 'react';
import { ApiFailure, messageOf, request } from '../api/client';
import { useTestsInUse } from '../api/hooks';
import { Checkbox } from '../theme/checkbox';
import { QuietButton } from '../theme/buttons';
import { numberText, parseNumber } from '../theme/format';
import { MutedText, Panel, Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { PageHeading } from '../theme/page-heading';
import { NumberEntry } from '../theme/number-entry';
import { Waiting } from '../theme/waiting';
import { OwnTests } from './own-tests';
import { STRINGS } from './strings';

export const TestsSheet = () => {
  const { data, error, mutate } = useTestsInUse();
  const [problem, setProblem] = useState<string | null>(null);
  if (!data) return <Waiting error={error} text={STRINGS.loadingTests} />;
  const keep = async (tests: TestsInUse): Promise<boolean> => {
    setProblem(null);
    try {
      await mutate(await request<TestsInUse>('PUT', '/tests-in-use', tests), {
        revalidate: false,
      });
      return true;
    } catch (failed) {
      const field = failed instanceof ApiFailure ? failed.fields[0] : undefined;
      setProblem(field?.message ?? messageOf(failed));
      return false;
    }
  };
  const set = (id: EdgeTestId, isInUse: boolean): Promise<boolean> =>
    keep({
      ...data,
      inUse: EDGE_TESTS.map((test) => test.id).filter((each) =>
        each === id ? isInUse : data.inUse.includes(each),
      ),
    });
  return (
    <Panel aria-label={STRINGS.edgeTests}>
      <Stack $gap={10}>
        <PageHeading title={STRINGS.testsAndFaults} />
        <MutedText>{STRINGS.whatCountsForABladeFollows}</MutedText>
        {problem !== null && (
          <Notice tone="cut" alert>
            {problem}
          </Notice>
        )}
        {EDGE_TESTS.map(({ id, label, how, tells, minutes, instrument }) => (
          <div key={id}>
            <Checkbox value={data.inUse.includes(id)} onChange={(next) => void set(id, next)}>
              {label}
            </Checkbox>
            <MutedText>
              {how} {tells} {minutes} min{instrument === null ? '' : STRINGS.wantsA(instrument)}.
            </MutedText>
          </div>
        ))}
        {data.inUse.includes('force') && (
          <KnownGood
            key={data.goodForceGf ?? 'none'}
            goodForceGf={data.goodForceGf ?? null}
            onSet={(goodForceGf) => keep({ ...data, goodForceGf })}
          />
        )}
        <OwnTests tests={data} onOwn={(own) => keep({ ...data, own })} />
      </Stack>
    </Panel>
  );
};

/** Threads differ: what a blade known to be good takes on this one sets the bands and the targets. */
const KnownGood = ({
  goodForceGf,
  onSet,
}: {
  goodForceGf: number | null;
  onSet: (goodForceGf: number | null) => Promise<boolean>;
}) => {
  const [typed, setTyped] = useState(numberText(goodForceGf));
  const value = typed.trim() === '' ? null : parseNumber(typed);
  const isNumber = typed.trim() === '' || value !== null;
  return (
    <Row $align="end">
      <div style={{ width: 260 }}>
        <NumberEntry
          label={STRINGS.aKnownGoodBladeTakesGf}
          hint={STRINGS.withAGoodWorkingEdgeOn}
          value={typed}
          error={isNumber ? undefined : STRINGS.isNoNumber(typed)}
          onChange={setTyped}
        />
      </div>
      {isNumber && value !== goodForceGf && (
        <QuietButton onPress={() => void onSet(value)}>{STRINGS.useAsTheTarget}</QuietButton>
      )}
      <MutedText>
        {goodForceGf === null
          ? STRINGS.theBandsAreThoseOfThe
          : STRINGS.bandsAndTargetsAreTimesThose(forceScale(goodForceGf).toFixed(2))}
      </MutedText>
    </Row>
  );
};
