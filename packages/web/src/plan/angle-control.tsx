/** The angle: three schools side by side with what each costs, and the operator's own figure. */
import type { Approach, BladePlan, Figure, PlanChoices } from '@patient-edge/core';
import { Minus, Plus } from 'lucide-react';
import { memo, useCallback, useEffect, useRef, useState } from 'react';
import { Button } from 'react-aria-components/Button';
import { Label } from 'react-aria-components/Label';
import { Slider } from 'react-aria-components/Slider';
import styled from 'styled-components';
import { Asked, FigureView } from '../instruments/why';
import { fixed, mm, parseNumber, roughly } from '../theme/format';
import { Row, MutedText, Stack } from '../theme/layout';
import { SliderBar } from '../theme/slider';
import { NumberEntry } from '../theme/number-entry';
import { STRINGS } from './strings';

/** The schools of the angle, as the trade calls them. */
export const SCHOOLS: Readonly<Record<Approach, string>> = {
  keep: STRINGS.keepWhatCame,
  'by-use': STRINGS.setByUse,
  'lowest-clear': STRINGS.lowestThatClears,
};

const Schools = styled.div`
  display: grid;
  gap: 0;
`;
const School = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 90px 90px 74px;
  gap: 4px 12px;
  align-items: center;
  border-top: 1px solid var(--line);
  border-left: 6px solid transparent;
  padding: 7px 4px 9px 10px;
  @media (max-width: 560px) {
    grid-template-columns: repeat(3, minmax(0, 1fr));
    & > button {
      grid-column: 1 / -1;
    }
  }
  &[data-chosen] {
    border-left-color: var(--accent);
    background: var(--accent-soft);
  }
  & > span {
    font-family: var(--figures);
    font-size: 15px;
    text-align: right;
  }
  & > small {
    font-size: 14px;
    color: var(--ink-soft);
    grid-column: 1 / -1;
  }
`;
const SchoolButton = styled.button`
  font: inherit;
  color: var(--ink);
  text-align: left;
  background: none;
  border: none;
  padding: 2px 0;
  min-height: 44px;
  cursor: pointer;
  & b {
    font: 650 19px/1.2 var(--figures);
  }
`;
const Heads = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 90px 90px 74px;
  gap: 12px;
  padding: 0 4px 4px 16px;
  @media (max-width: 560px) {
    grid-template-columns: repeat(3, minmax(0, 1fr));
    & > :first-child {
      display: none;
    }
  }
  color: var(--ink-soft);
  font-size: 14px;
  & span:not(:first-child) {
    text-align: right;
  }
`;
/** Where the slider ends; other angles are typed. */
const LOW = 8;
const HIGH = 30;

const Dial = styled(Slider)`
  flex: 1;
  min-width: 200px;
  display: grid;
  gap: 2px;
  & label {
    font-weight: 600;
    font-size: 15px;
  }
`;
const StepButton = styled(Button)`
  width: 46px;
  height: 46px;
  display: grid;
  place-items: center;
  border: 1px solid var(--steel-deep);
  background: var(--page);
  color: var(--ink);
  cursor: pointer;
`;

const Cost = ({
  label,
  figure,
  show,
}: {
  label: string;
  figure: Figure | null;
  show: (value: number) => string;
}) => (
  <span>
    {figure ? (
      <Asked label={label} figure={figure}>
        {show(figure.value)}
      </Asked>
    ) : (
      '–'
    )}
  </span>
);

/** Time between plans drawn while the slider moves: the thumb itself follows every frame. */
const FOLLOW_MS = 120;
/** The slider has stopped when it has not moved for so long. */
const PAUSE_MS = 400;

/** Passes values on at most once in that time, and always the last one. */
const useThrottled = (
  pass: (value: number) => void,
  everyMs: number,
): ((value: number) => void) => {
  const latest = useRef(pass);
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  const waiting = useRef<number | null>(null);
  useEffect(() => {
    latest.current = pass;
  });
  useEffect(
    () => () => {
      if (timer.current) clearTimeout(timer.current);
    },
    [],
  );
  const drain = (): void => {
    timer.current = null;
    if (waiting.current === null) return;
    const value = waiting.current;
    waiting.current = null;
    latest.current(value);
    timer.current = setTimeout(drain, everyMs);
  };
  return (value) => {
    waiting.current = value;
    if (timer.current === null) drain();
  };
};

/**
 * The slider follows the hand at once and on its own; the plan follows it as soon as it can, and is never
 * waited for.
 */
const AngleDial = ({
  angleDeg,
  onAngle,
  onMoving,
}: {
  angleDeg: number;
  onAngle: (next: number) => void;
  onMoving: (moving: boolean) => void;
}) => {
  const [held, setHeld] = useState<number | null>(null);
  const follow = useThrottled(onAngle, FOLLOW_MS);
  // Assistive devices set the value without ever telling that they let go: a pause ends the move too.
  useEffect(() => {
    if (held === null) return;
    const pause = setTimeout(() => {
      setHeld(null);
      onMoving(false);
    }, PAUSE_MS);
    return () => clearTimeout(pause);
  }, [held, onMoving]);
  return (
    <Dial
      value={Math.min(HIGH, Math.max(LOW, held ?? angleDeg))}
      minValue={LOW}
      maxValue={HIGH}
      step={0.1}
      onChange={(next) => {
        const value = typeof next === 'number' ? next : next[0]!;
        setHeld(value);
        onMoving(true);
        follow(value);
      }}
      onChangeEnd={(next) => {
        // The plan may still be on its way to where the hand stopped.
        onAngle(typeof next === 'number' ? next : next[0]!);
        setHeld(null);
        onMoving(false);
      }}
    >
      <Label>{STRINGS.orSetItByHandPer}</Label>
      <SliderBar />
    </Dial>
  );
};

interface SchoolTableProps {
  readonly options: BladePlan['report']['options'];
  readonly chosen: Approach | null;
  readonly onChoose: (approach: Approach) => void;
}

/** The schools do not depend on an angle set by hand: their table stands while the slider moves. */
const sameSchools = (a: SchoolTableProps, b: SchoolTableProps): boolean =>
  a.chosen === b.chosen &&
  a.onChoose === b.onChoose &&
  JSON.stringify(a.options) === JSON.stringify(b.options);

const SchoolTable = memo(
  ({ options, chosen, onChoose }: SchoolTableProps) => (
    <div>
      <Heads aria-hidden>
        <span>{STRINGS.school}</span>
        <span>{STRINGS.steel}</span>
        <span>{STRINGS.height}</span>
        <span>{STRINGS.edgeTime}</span>
      </Heads>
      <Schools role="group" aria-label={STRINGS.schoolOfTheAngle}>
        {options.map((option) => {
          const isChosen = chosen === option.approach;
          const { steelLost, heightLost, edgeTime } = option;
          const school = SCHOOLS[option.approach];
          return (
            <School key={option.approach} data-chosen={isChosen ? '' : undefined}>
              <SchoolButton
                type="button"
                aria-pressed={isChosen}
                onClick={() => onChoose(option.approach)}
              >
                <b>{fixed(option.angleDeg, 1)}°</b> {school}
              </SchoolButton>
              <Cost
                label={STRINGS.steelSchool(school)}
                figure={steelLost}
                show={(value) => `${fixed(value, 1)} mm³`}
              />
              <Cost
                label={STRINGS.heightSchool(school)}
                figure={heightLost}
                show={(value) => `${mm(value, 2)}`}
              />
              <Cost label={STRINGS.edgeTimeSchool(school)} figure={edgeTime} show={roughly} />
              <small>
                {option.startReason}
                {option.moves.map(({ deltaDeg, reason }) =>
                  STRINGS.becauseOf(
                    deltaDeg > 0 ? '+' : '−',
                    fixed(Math.abs(deltaDeg), 1).replace('.0', ''),
                    reason,
                  ),
                )}
              </small>
            </School>
          );
        })}
      </Schools>
    </div>
  ),
  sameSchools,
);
SchoolTable.displayName = 'SchoolTable';

interface ByHandProps {
  readonly angleDeg: number;
  readonly onAngle: (angleDeg: number) => void;
  /** Feedback when the slider begins to move and when it has stopped. */
  readonly onMoving: (moving: boolean) => void;
}

/** The operator's own angle: by steps, by slider, or typed. */
const ByHand = memo(({ angleDeg, onAngle, onMoving }: ByHandProps) => {
  const [typed, setTyped] = useState<string | null>(null);
  const shown = typed ?? fixed(angleDeg, 1);
  const value = parseNumber(shown);
  const problem =
    value === null
      ? STRINGS.isNotANumber(shown)
      : value < 5 || value > 40
        ? STRINGS.theAnglePerSideMustBe(value)
        : undefined;
  const set = (next: number): void => {
    setTyped(null);
    onAngle(Math.round(next * 10) / 10);
  };
  return (
    <Row $align="end">
      <StepButton aria-label={STRINGS.halfADegreeLess} onPress={() => set(angleDeg - 0.5)}>
        <Minus size={20} />
      </StepButton>
      <AngleDial angleDeg={angleDeg} onMoving={onMoving} onAngle={set} />
      <StepButton aria-label={STRINGS.halfADegreeMore} onPress={() => set(angleDeg + 0.5)}>
        <Plus size={20} />
      </StepButton>
      <div style={{ width: 150 }}>
        <NumberEntry
          label={STRINGS.perSide}
          value={shown}
          error={problem}
          onChange={(next) => {
            setTyped(next);
            const angle = parseNumber(next);
            if (angle !== null && angle >= 5 && angle <= 40) onAngle(angle);
          }}
          onBlur={() => problem === undefined && setTyped(null)}
        />
      </div>
    </Row>
  );
});
ByHand.displayName = 'ByHand';

interface AngleControlProps {
  /** The plan of this moment, which the figures show. */
  readonly plan: BladePlan;
  /** The angle the slider last came to rest at. */
  readonly restingDeg: number;
  readonly onChoices: (part: Partial<PlanChoices>) => void;
  readonly onMoving: (moving: boolean) => void;
}

export const AngleControl = ({ plan, restingDeg, onChoices, onMoving }: AngleControlProps) => {
  // Choosing a school drops what was typed beside it: the control by hand begins anew.
  const [chosenTimes, setChosenTimes] = useState(0);
  const choose = useCallback(
    (approach: Approach): void => {
      setChosenTimes((times) => times + 1);
      onChoices({ approach, angleDeg: null });
    },
    [onChoices],
  );
  const setAngle = useCallback((angleDeg: number): void => onChoices({ angleDeg }), [onChoices]);
  return (
    <Stack>
      <h2>{STRINGS.angle}</h2>
      <dl style={{ margin: 0, display: 'grid', gap: 10 }}>
        <FigureView
          label={STRINGS.asItCame}
          figure={plan.report.figures.presentAngle}
          beside={plan.report.figures.presentInclusive}
        />
        <FigureView
          label={STRINGS.targetAngle}
          figure={plan.report.figures.angle}
          beside={plan.report.figures.angleInclusive}
          large
        />
      </dl>
      <SchoolTable options={plan.report.options} chosen={plan.angle.approach} onChoose={choose} />
      {plan.angle.isGuided ? (
        <MutedText>{STRINGS.theSpineSetsItOnlyTape}</MutedText>
      ) : (
        <ByHand key={chosenTimes} angleDeg={restingDeg} onAngle={setAngle} onMoving={onMoving} />
      )}
    </Stack>
  );
};
