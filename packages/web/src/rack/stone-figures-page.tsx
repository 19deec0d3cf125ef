/** What the stones did, cost and wore: steel taken, stone lost for it, the rhythm of flattening, and what to buy next. */
import {
  money,
  toRack,
  type Stone,
  type StoneFigures,
  type StoneSheet,
} from '@patient-edge/contract';
import { bladeKind, findUse, forTask, whatToBuy } from '@patient-edge/core';
import { useCallback } from 'react';
import { Link } from 'react-router';
import { useStoneFigures, useStones } from '../api/hooks';
import { useSession } from '../api/session';
import { useMinute } from '../soaking/clock';
import { categoryAxis, Chart, numberAxis, type ChartTokens } from '../instruments/chart';
import { dayAndYear, fixed } from '../theme/format';
import { Figures, MutedText, Panel, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { PageHeading } from '../theme/page-heading';
import { textOf } from '../theme/text';
import { Waiting } from '../theme/waiting';
import { ShelfNav } from './shelf-nav';
import { Headings, WideTable } from '../theme/wide-table';
import { STRINGS } from './strings';

interface Line {
  readonly stone: Stone;
  readonly did: StoneFigures;
}

const SteelChart = ({ lines }: { lines: readonly Line[] }) => {
  const option = useCallback(
    (tokens: ChartTokens) => ({
      grid: { left: 64, right: 16, top: 14, bottom: 84 },
      xAxis: categoryAxis(
        tokens,
        lines.map(({ stone }) => stone.name),
        { axisLabel: { rotate: 40, width: 120, overflow: 'truncate', hideOverlap: false } },
      ),
      yAxis: numberAxis(tokens, 'mm³', { nameGap: 46, min: 0 }),
      series: [
        {
          type: 'bar',
          itemStyle: { color: tokens.accent },
          data: lines.map(({ did }) => Math.round(did.steelInYearMm3)),
        },
      ],
    }),
    [lines],
  );
  return <Chart label={STRINGS.steelTakenInAYear} heightPx={300} option={option} />;
};

const rhythm = ({ stone, did }: Line): string =>
  did.flattenedEveryMinutes === null
    ? ''
    : stone.minutesFlat === null
      ? STRINGS.everyMinutes(Math.round(did.flattenedEveryMinutes))
      : STRINGS.everyMinutesOf(Math.round(did.flattenedEveryMinutes), stone.minutesFlat);

const StoneTable = ({ lines, currency }: { lines: readonly Line[]; currency: string }) => (
  <WideTable label={STRINGS.steelTakenInAYear}>
    <table>
      <Headings
        names={[
          STRINGS.stone,
          STRINGS.blades,
          STRINGS.steelTaken,
          STRINGS.stoneLostForIt,
          STRINGS.costABlade,
          STRINGS.madeFlat,
          STRINGS.tooThinOn,
        ]}
      />
      <tbody>
        {lines.map((line) => (
          <tr key={line.stone.id}>
            <th scope="row">
              <Link to={`/rack/stones/${line.stone.id}`}>{line.stone.name}</Link>
            </th>
            {[
              line.did.blades,
              `${fixed(line.did.steelMm3, 0)} mm³`,
              line.did.wornPerSteel === null
                ? ''
                : STRINGS.mm3ForEach(String(Number(line.did.wornPerSteel.toPrecision(2)))),
              line.did.costPerBladeMinor === null
                ? ''
                : money(line.did.costPerBladeMinor, currency),
              rhythm(line),
              line.did.tooThinOn === null ? '' : dayAndYear(line.did.tooThinOn),
            ].map((text, index) => (
              <td key={index}>
                <Figures>{text}</Figures>
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  </WideTable>
);

const Plates = ({ plates }: Pick<StoneSheet, 'plates'>) => (
  <Panel aria-label={STRINGS.plates}>
    <Stack>
      <h2>{STRINGS.plates}</h2>
      {plates.length === 0 ? (
        <MutedText>{STRINGS.nothingMadeFlat}</MutedText>
      ) : (
        <ul>
          {plates.map(({ plate, uses, minutes, stoneMm3, slowdown }) => (
            <li key={plate}>
              {STRINGS.plateDid(plate, uses, Math.round(minutes), fixed(stoneMm3 / 1000, 1))}{' '}
              {slowdown === null
                ? STRINGS.tooFewUses
                : slowdown > 1.25
                  ? STRINGS.plateSlower(fixed(slowdown, 1))
                  : STRINGS.plateAsQuick}
            </li>
          ))}
        </ul>
      )}
    </Stack>
  </Panel>
);

const DAY_MS = 24 * 60 * 60 * 1000;
/** A stone is ordered before it is gone. */
const AHEAD_MS = 180 * DAY_MS;

const ToBuy = ({
  lines,
  stones,
  kinds,
}: {
  lines: readonly Line[];
  stones: readonly Stone[];
  kinds: readonly string[];
}) => {
  const nowMs = useMinute();
  const soon = lines.filter(
    ({ did }) => did.tooThinOn !== null && Date.parse(did.tooThinOn) < nowMs + AHEAD_MS,
  );
  const gaps = new Set(
    kinds.flatMap((kind) => {
      const { finishUm } = findUse(bladeKind(kind).usual.use);
      const missing = whatToBuy({ rack: forTask(toRack(stones), 'edge'), finishUm, maxRatio: 3 });
      return missing ? [textOf(missing.reason)] : [];
    }),
  );
  return (
    <Panel aria-label={STRINGS.whatToBuyNext}>
      <Stack>
        <h2>{STRINGS.whatToBuyNext}</h2>
        {soon.length + gaps.size === 0 ? (
          <MutedText>{STRINGS.nothingToBuy}</MutedText>
        ) : (
          <ul>
            {soon.map(({ stone, did }) => (
              <li key={stone.id}>
                {STRINGS.replaceIt(stone.name, fixed(stone.um, 1), dayAndYear(did.tooThinOn!))}
              </li>
            ))}
            {[...gaps].map((reason) => (
              <li key={reason}>{reason}</li>
            ))}
          </ul>
        )}
      </Stack>
    </Panel>
  );
};

const StoneFiguresPage = () => {
  const { data: sheet, error } = useStoneFigures();
  const { data: stones } = useStones();
  const { data: session } = useSession();
  if (!sheet || !stones || !session) return <Waiting error={error} text={STRINGS.addingUpStones} />;
  const lines = sheet.stones
    .flatMap((did): Line[] => {
      const stone = stones.find(({ id }) => id === did.stoneId);
      return stone && (did.blades > 0 || did.lostMm > 0) ? [{ stone, did }] : [];
    })
    .sort((a, b) => b.did.steelMm3 - a.did.steelMm3);
  return (
    <>
      <ShelfNav />
      <Stack $gap={16}>
        <PageHeading title={STRINGS.wearAndCost} />
        <MutedText>{STRINGS.wearAndCostAre}</MutedText>
        {lines.length === 0 ? (
          <Notice>{STRINGS.noStoneWorked}</Notice>
        ) : (
          <Panel aria-label={STRINGS.steelTakenInAYear}>
            <Stack>
              <h2>{STRINGS.steelTakenInAYear}</h2>
              <SteelChart lines={lines} />
              <StoneTable lines={lines} currency={session.currency} />
            </Stack>
          </Panel>
        )}
        <ToBuy lines={lines} stones={stones} kinds={sheet.kinds} />
        <Plates plates={sheet.plates} />
      </Stack>
    </>
  );
};

export default StoneFiguresPage;
