/** How the angle is held, in the terms of what the shop owns: what to set, and the angle it gives along the edge. */
import type { ShopMachine } from '@patient-edge/contract';
import { type BladePlan, type HeldAt, type HeldCurve, ofSide, named } from '@patient-edge/core';
import styled from 'styled-components';
import { EdgeLifts } from '../instruments/edge-lifts';
import { fixed, mm } from '../theme/format';
import { textOf } from '../theme/text';
import { MutedText, Stack } from '../theme/layout';
import { Select } from '../theme/select';
import { WithinLimits } from '../theme/within-limits';
import { DrawingSheet } from '../theme/drawing';
import { STRINGS } from './strings';

const Svg = styled.svg`
  display: block;
  width: 100%;
  max-width: 640px;
  height: auto;
  & text {
    fill: var(--ink);
    font: 400 14px var(--figures);
  }
`;
/** Side by side where the sides are held differently. */
const Curves = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(420px, 100%), 1fr));
  gap: 12px 24px;
  & figure {
    margin: 0;
  }
  & figcaption {
    color: var(--ink-soft);
  }
`;
const Table = styled.table`
  border-collapse: collapse;
  font-size: 15.5px;
  & th,
  & td {
    text-align: left;
    padding: 4px 18px 4px 0;
    border-top: 1px solid var(--line-soft);
    font-weight: 400;
  }
`;

const WIDTH = 640;
const HEIGHT = 130;
const PAD = { left: 46, right: 12, top: 14, bottom: 26 };
/** A curve within a degree is drawn on an axis of four, so that small things look small. */
const LEAST_SPAN_DEG = 4;

/** The angle along the edge, heel to tip: with the best place full, elsewhere dashed. */
const AlongChart = ({ side, along, elsewhere, wantedDeg }: HeldCurve) => {
  const angles = [...along, ...elsewhere].flatMap(({ angleDeg }) => angleDeg ?? []);
  const to = Math.max(...along.map(({ sMm }) => sMm));
  const low = Math.min(wantedDeg - LEAST_SPAN_DEG / 2, ...angles);
  const high = Math.max(wantedDeg + LEAST_SPAN_DEG / 2, ...angles);
  const x = (mm: number): number => PAD.left + ((WIDTH - PAD.left - PAD.right) * mm) / to;
  const y = (deg: number): number =>
    HEIGHT - PAD.bottom - ((HEIGHT - PAD.top - PAD.bottom) * (deg - low)) / (high - low);
  const path = (points: readonly HeldAt[]): string => {
    let down = false;
    return points
      .map(({ sMm, angleDeg }) => {
        const piece =
          angleDeg === null
            ? ''
            : `${down ? 'L' : 'M'}${x(sMm).toFixed(1)} ${y(angleDeg).toFixed(1)}`;
        down = angleDeg !== null;
        return piece;
      })
      .join('');
  };
  return (
    <DrawingSheet leastPx={520}>
      <Svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        aria-label={STRINGS.angleAlongTheEdgeFromTo(
          side === null ? '' : ` ${ofSide(side)}`,
          fixed(Math.min(...angles), 1),
          fixed(Math.max(...angles), 1),
          fixed(wantedDeg, 1),
        )}
      >
        <path
          d={`M${PAD.left} ${y(wantedDeg)}H${WIDTH - PAD.right}`}
          stroke="var(--steel-deep)"
          strokeDasharray="2 4"
        />
        <path d={path(elsewhere)} stroke="var(--ink-soft)" strokeDasharray="7 5" fill="none" />
        <path d={path(along)} stroke="var(--accent)" strokeWidth={3} fill="none" />
        <text x={4} y={y(wantedDeg) + 5}>
          {fixed(wantedDeg, 1)}°
        </text>
        <text x={PAD.left} y={HEIGHT - 6}>
          {STRINGS.heel}
        </text>
        <text x={WIDTH - PAD.right} y={HEIGHT - 6} textAnchor="end">
          {mm(to, 0)}
        </text>
      </Svg>
    </DrawingSheet>
  );
};

interface HoldingFieldsProps {
  readonly plan: BladePlan;
  readonly machines: readonly ShopMachine[];
  readonly machineId: string | null;
  readonly onMachine: (machineId: string | null) => void;
  readonly handFromUm: number | null;
  readonly onHandFrom: (um: number | null) => void;
}

const HoldingFields = ({
  plan,
  machines,
  machineId,
  onMachine,
  handFromUm,
  onHandFrom,
}: HoldingFieldsProps) => {
  const machine = machines.find(({ id }) => String(id) === machineId);
  const moves = machine?.kind === 'belt' || machine?.kind === 'wheel';
  const inUse = machines.filter(({ retired, id }) => !retired || String(id) === machineId);
  const { holding } = plan.report;
  const edge = plan.work.steps.find(
    ({ operation, lifts: held }) => operation === 'edge' && held.length > 0,
  );
  return (
    <Stack>
      <div style={{ maxWidth: 340 }}>
        <Select
          label={STRINGS.theAngleIsHeld}
          options={[
            { id: 'hand', label: STRINGS.byHand },
            ...inUse.map(({ id, name, kind }) => ({
              id: String(id),
              label: name,
              detail: named(kind),
            })),
          ]}
          value={machineId ?? 'hand'}
          onChange={(next) => onMachine(next === 'hand' ? null : next)}
        />
      </div>
      {moves && (
        <div style={{ maxWidth: 340 }}>
          <WithinLimits
            label={STRINGS.byHandFrom}
            least={0.1}
            most={800}
            whole={false}
            value={handFromUm}
            onValue={onHandFrom}
            onOpen={() => onHandFrom(null)}
            hint={STRINGS.beltsDownToThisGrainStones}
          />
        </div>
      )}
      {plan.angle.isGuided ? (
        <p>{STRINGS.spineAndEdgeLieOnThe}</p>
      ) : !plan.work.isLifted && machineId === null ? (
        <p>{STRINGS.noSpineIsLiftedHereEach}</p>
      ) : (
        holding.lines.map((line) => <p key={textOf(line)}>{textOf(line)}</p>)
      )}
      {holding.curves.length > 0 && (
        <Curves>
          {holding.curves.map((curve) => (
            <figure key={curve.side}>
              {curve.side !== null && (
                <figcaption>{STRINGS.alongTheEdgeOfSide(ofSide(curve.side))}</figcaption>
              )}
              <AlongChart {...curve} />
            </figure>
          ))}
        </Curves>
      )}
      {holding.curves.some(({ elsewhere }) => elsewhere.length > 0) && (
        <MutedText>{STRINGS.fullAtTheBestPlaceOf}</MutedText>
      )}
      {holding.perStone.length > 0 && (
        <Table>
          <tbody>
            {holding.perStone.map(({ stoneId, stone, text }) => (
              <tr key={`${stoneId} ${stone}`}>
                <th scope="row">{stone}</th>
                <td>{textOf(text)}</td>
              </tr>
            ))}
          </tbody>
        </Table>
      )}
      {edge && <EdgeLifts step={edge} />}
    </Stack>
  );
};

export default HoldingFields;
