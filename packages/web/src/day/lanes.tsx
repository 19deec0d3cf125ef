/**
 * The order as a picture: a lane a person, time from left to right, each block a blade on its stone; soaking and
 * flattening as their own. What is late is drawn so.
 */
import type { DayFacts } from '@patient-edge/contract';
import { axisTimes, closedOutline, type AxisTime, type BladeMeasures } from '@patient-edge/core';
import { Link } from 'react-router';
import styled from 'styled-components';
import { clock, day } from '../theme/format';
import { departures, timeAfter, type ShownStep } from './day-view';
import { STRINGS } from './strings';

const LANE_PX = 92;
const HEAD_PX = 26;
const SOAK_PX = 26;
const NAME_PX = 104;
const MARGIN_PX = 48;

const Scroll = styled.div`
  overflow-x: auto;
  & svg {
    display: block;
  }
  & text {
    font: 400 13px var(--text);
    fill: var(--ink);
  }
  & text[data-soft] {
    fill: var(--ink-soft);
  }
  & text[data-tag] {
    font: 700 14px var(--figures);
  }
  & [data-block] {
    fill: var(--sheet);
    stroke: var(--steel-deep);
    stroke-width: 1.4px;
  }
  & [data-late] {
    stroke: var(--cut);
    stroke-width: 3px;
  }
  & [data-blade] {
    fill: var(--steel);
    stroke: var(--ink);
    stroke-width: 1px;
  }
  & [data-flatten] {
    fill: var(--line-soft);
    stroke: var(--line);
  }
  & [data-soak] {
    fill: var(--accent-soft);
    stroke: var(--accent);
  }
  & [data-due] {
    stroke: var(--ink);
    stroke-width: 1.6px;
    stroke-dasharray: 5 4;
  }
  & [data-line] {
    stroke: var(--line);
  }
  & a:focus-visible [data-block] {
    stroke: var(--accent);
    stroke-width: 4px;
  }
`;

/** Within a box of that size, heel at the left. */
const outlineIn = (measures: BladeMeasures, widthPx: number, heightPx: number): string => {
  const outline = closedOutline(measures);
  const depths = outline.map(([, down]) => down);
  const top = Math.min(...depths);
  const scale = Math.min(widthPx / measures.edgeLengthMm, heightPx / (Math.max(...depths) - top));
  return `${outline
    .map(
      ([along, down], index) =>
        `${index === 0 ? 'M' : 'L'}${(along * scale).toFixed(1)} ${((down - top) * scale).toFixed(1)}`,
    )
    .join('')}Z`;
};

const LETTER_PX = 7.2;

/** All of it or nothing: half a time is another one. */
const whole = (text: string, widthPx: number): string =>
  text.length * LETTER_PX <= widthPx ? text : '';

const GAP_PX = 6;

/** The time at each line, with the day where it is the first of another one; none where it would lie on the one before. */
const timesAt = (
  today: string,
  lines: readonly AxisTime[],
  x: (minutes: number) => number,
  width: number,
): readonly string[] => {
  const texts: string[] = [];
  let [dayBefore, freeFromPx] = [today, 0];
  for (const { afterMinutes, ...at } of lines) {
    const time = clock(at.minute);
    const text = at.day === dayBefore ? time : STRINGS.atDay(day(at.day), time);
    const isShown =
      x(afterMinutes) >= freeFromPx && whole(text, width - x(afterMinutes) - 3) !== '';
    texts.push(isShown ? text : '');
    if (!isShown) continue;
    dayBefore = at.day;
    freeFromPx = x(afterMinutes) + text.length * LETTER_PX + GAP_PX;
  }
  return texts;
};

/** So many letters fit. */
const fitting = (text: string, widthPx: number): string => {
  const most = Math.floor(widthPx / LETTER_PX);
  return text.length <= most ? text : most < 3 ? '' : `${text.slice(0, most - 1)}…`;
};

const Block = ({ step, x, width }: { step: ShownStep; x: number; width: number }) => (
  <Link to={`/jobs/${step.of.jobId}/bench`}>
    <g transform={`translate(${x} 8)`}>
      <title>{`${step.of.tagNumber} ${step.of.blade}, ${step.stoneName}: ${step.title}`}</title>
      <rect
        data-block=""
        data-late={step.lateMinutes > 0 ? '' : undefined}
        width={Math.max(3, width)}
        height={LANE_PX - 16}
        rx={3}
      />
      {width > 34 && (
        <>
          <text data-tag="" x={6} y={18}>
            {step.of.tagNumber}
          </text>
          <path
            data-blade=""
            transform="translate(6 26)"
            d={outlineIn(step.of.measures, width - 12, 22)}
          />
          <text x={6} y={LANE_PX - 24}>
            {fitting(step.stoneName, width - 10)}
          </text>
        </>
      )}
    </g>
  </Link>
);

interface LanesProps {
  readonly facts: DayFacts;
  readonly steps: readonly ShownStep[];
  readonly people: readonly string[];
  readonly pxAMinute: number;
  readonly showMinutes: number;
}

export const Lanes = ({ facts, steps, people, pxAMinute, showMinutes }: LanesProps) => {
  const every = pxAMinute >= 12 ? 10 : pxAMinute >= 5 ? 15 : 60;
  const x = (minutes: number): number => NAME_PX + minutes * pxAMinute;
  const shown = steps.filter(({ startMinutes }) => startMinutes < showMinutes);
  const used = new Set(shown.map(({ stone }) => stone));
  const soaking = facts.stones.filter(
    ({ stoneId, soakMinutes }) => soakMinutes > 0 && used.has(String(stoneId)),
  );
  const leaving = departures(facts).filter(({ dueMinutes }) => dueMinutes <= showMinutes);
  const soaksTop = HEAD_PX + (leaving.length > 0 ? SOAK_PX : 0);
  const lanesTop = soaksTop + soaking.length * SOAK_PX;
  const width = x(showMinutes) + MARGIN_PX;
  const height = lanesTop + people.length * LANE_PX + 6;
  const lines = axisTimes(facts.days, facts.now, showMinutes, every);
  const times = timesAt(facts.now.day, lines, x, width);
  return (
    <Scroll tabIndex={0} role="group" aria-label={STRINGS.picture}>
      <svg width={width} height={height}>
        {lines.map(({ afterMinutes, day: on }, index) => (
          <g key={`${on} ${afterMinutes}`}>
            <line
              data-line=""
              x1={x(afterMinutes)}
              x2={x(afterMinutes)}
              y1={HEAD_PX - 4}
              y2={height}
            />
            <text data-soft="" x={x(afterMinutes) + 3} y={15}>
              {times[index]}
            </text>
          </g>
        ))}
        {soaking.map((stone, index) => (
          <g key={stone.stoneId} transform={`translate(0 ${soaksTop + index * SOAK_PX})`}>
            <text data-soft="" x={4} y={17}>
              {fitting(STRINGS.soaking, NAME_PX - 8)}
            </text>
            <rect
              data-soak=""
              x={x(0)}
              y={3}
              width={Math.max(2, stone.soakMinutes * pxAMinute)}
              height={SOAK_PX - 8}
              rx={2}
            />
            <text x={x(stone.soakMinutes) + 6} y={17}>
              {stone.name}
            </text>
          </g>
        ))}
        {leaving.map(({ place, dueMinutes }) => (
          <g key={`${place} ${dueMinutes}`}>
            <line data-due="" x1={x(dueMinutes)} x2={x(dueMinutes)} y1={HEAD_PX} y2={height} />
            <text x={x(dueMinutes) - 5} y={HEAD_PX + 17} textAnchor="end">
              {whole(
                STRINGS.promisedBy(place, timeAfter(facts, dueMinutes)),
                x(dueMinutes) - NAME_PX,
              )}
            </text>
          </g>
        ))}
        {people.map((person, lane) => (
          <g key={person} transform={`translate(0 ${lanesTop + lane * LANE_PX})`}>
            <line data-line="" x1={0} x2={width} y1={0} y2={0} />
            <text x={4} y={LANE_PX / 2 + 4}>
              {fitting(person, NAME_PX - 10)}
            </text>
            {shown
              .filter((step) => step.person === lane + 1)
              .map((step) => (
                <g key={step.key}>
                  {step.flattened && (
                    <rect
                      data-flatten=""
                      x={x(step.startMinutes) - 4 * pxAMinute}
                      y={14}
                      width={4 * pxAMinute}
                      height={LANE_PX - 28}
                    >
                      <title>{STRINGS.flatten}</title>
                    </rect>
                  )}
                  <Block
                    step={step}
                    x={x(step.startMinutes)}
                    width={(step.endMinutes - step.startMinutes) * pxAMinute}
                  />
                </g>
              ))}
          </g>
        ))}
      </svg>
    </Scroll>
  );
};
