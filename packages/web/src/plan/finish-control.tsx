/** How fine the last stone is, and how large a jump between stones may be. */
import type { BladePlan, PlanChoices } from '@patient-edge/core';
import { useState } from 'react';
import { fixed, parseNumber } from '../theme/format';
import { QuietButton } from '../theme/buttons';
import { Row, Stack } from '../theme/layout';
import { SegmentedControl } from '../theme/segmented-control';
import { NumberEntry } from '../theme/number-entry';
import { STRINGS } from './strings';

interface FinishControlProps {
  readonly plan: BladePlan;
  readonly choices: PlanChoices;
  /** The window of the blade's use. */
  readonly advisedUm: readonly [number, number];
  readonly onChoices: (part: Partial<PlanChoices>) => void;
}

/** What the customer asked for beside what the last stone leaves; accepted with one press. */
const WishMet = ({ plan, onChoices }: Pick<FinishControlProps, 'plan' | 'onChoices'>) => {
  const { wish, chain } = plan.progression;
  const last = chain?.steps.at(-1);
  if (!wish || !last) return null;
  const ratio = wish.um / last.um;
  const off = Math.max(ratio, 1 / ratio);
  return (
    <Row $gap={12}>
      <span>
        {STRINGS.theCustomerAskedForTheLast(
          wish.asked,
          finishText(wish.um),
          finishText(last.um),
          off < 1.02
            ? STRINGS.asAsked
            : STRINGS.times(fixed(off, 1), ratio > 1 ? STRINGS.finer : STRINGS.coarser),
        )}
      </span>
      {off >= 1.02 && (
        <QuietButton
          onPress={() =>
            onChoices({ finishUm: [last.um / ACCEPTED_WITHIN, last.um * ACCEPTED_WITHIN] })
          }
        >
          {STRINGS.accept(finishText(last.um))}
        </QuietButton>
      )}
    </Row>
  );
};

/** A finish accepted is this stone and no other. */
const ACCEPTED_WITHIN = 1.02;
const finishText = (um: number): string => String(Number(um.toPrecision(2)));

export const FinishControl = (props: FinishControlProps) => (
  <Stack $gap={8}>
    <WishMet plan={props.plan} onChoices={props.onChoices} />
    <FinishFields {...props} />
  </Stack>
);

const FinishFields = ({ plan, choices, advisedUm, onChoices }: FinishControlProps) => {
  const [finest, setFinest] = useState(String(plan.progression.finishUm[0]));
  const [coarsest, setCoarsest] = useState(String(plan.progression.finishUm[1]));
  // A finish named or stopped at elsewhere on the page comes back here; what is being typed stands.
  const [seen, setSeen] = useState(plan.progression.finishUm);
  if (seen[0] !== plan.progression.finishUm[0] || seen[1] !== plan.progression.finishUm[1]) {
    setSeen(plan.progression.finishUm);
    if (parseNumber(finest) !== plan.progression.finishUm[0])
      setFinest(String(plan.progression.finishUm[0]));
    if (parseNumber(coarsest) !== plan.progression.finishUm[1])
      setCoarsest(String(plan.progression.finishUm[1]));
  }
  const low = parseNumber(finest);
  const high = parseNumber(coarsest);
  const lowProblem =
    low === null || low < 0.1 || low > 800 ? STRINGS.finestMustBeFrom01(finest) : undefined;
  const highProblem =
    high === null || high > 800 || (low !== null && high < low)
      ? STRINGS.coarsestMustBeFromTo800(finest, coarsest)
      : undefined;
  const change = (nextFinest: string, nextCoarsest: string): void => {
    setFinest(nextFinest);
    setCoarsest(nextCoarsest);
    const a = parseNumber(nextFinest);
    const b = parseNumber(nextCoarsest);
    if (a !== null && b !== null && a >= 0.1 && b <= 800 && a <= b) onChoices({ finishUm: [a, b] });
  };
  return (
    <Row $align="start" $gap={18}>
      <div style={{ width: 170 }}>
        <NumberEntry
          label={STRINGS.finishFinest}
          value={finest}
          onChange={(next) => change(next, coarsest)}
          error={lowProblem}
        />
      </div>
      <div style={{ width: 170 }}>
        <NumberEntry
          label={STRINGS.finishCoarsest}
          value={coarsest}
          onChange={(next) => change(finest, next)}
          error={highProblem}
        />
      </div>
      <SegmentedControl
        label={STRINGS.largestJumpBetweenStones}
        options={[
          { id: '2', label: STRINGS.twoTimes },
          { id: '3', label: STRINGS.threeTimes },
          { id: 'none', label: STRINGS.noLimit },
        ]}
        value={choices.maxRatio === null ? 'none' : choices.maxRatio === 2 ? '2' : '3'}
        onChange={(id) => onChoices({ maxRatio: id === 'none' ? null : Number(id) })}
      />
      {choices.finishUm !== null && (
        <QuietButton
          onPress={() => {
            setFinest(String(advisedUm[0]));
            setCoarsest(String(advisedUm[1]));
            onChoices({ finishUm: null });
          }}
        >
          {STRINGS.finishAsTheUseWantsIt}
        </QuietButton>
      )}
    </Row>
  );
};
