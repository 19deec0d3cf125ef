/** The sums of all blades that went home in the time shown. */
import { money, type FigureSums } from '@patient-edge/contract';
import { fixed } from '../theme/format';
import { Figures, Panel, Row } from '../theme/layout';
import { STRINGS } from './strings';

const share = (part: number, whole: number): number => Math.round((100 * part) / whole);

export const InAll = ({ total, currency }: { total: FigureSums; currency: string }) => {
  const hours = total.workedSeconds / 3600;
  return (
    <Panel aria-label={STRINGS.inAll}>
      <Row $gap={28} $align="baseline">
        <b style={{ fontSize: 26 }}>
          <Figures>{STRINGS.bladesHome(total.blades)}</Figures>
        </b>
        <b style={{ fontSize: 26 }}>
          <Figures>{money(total.earnedMinor, currency)}</Figures>
        </b>
        <Figures>{STRINGS.hoursWorked(fixed(hours, 0))}</Figures>
        {hours > 0 && (
          <Figures>{STRINGS.anHour(money(total.earnedMinor / hours, currency))}</Figures>
        )}
        <Figures>{STRINGS.lateOf(total.late, share(total.late, total.blades))}</Figures>
        <Figures>{STRINGS.sentBackOf(total.sentBack, share(total.sentBack, total.blades))}</Figures>
        {total.declined > 0 && <Figures>{STRINGS.declinedOf(total.declined)}</Figures>}
      </Row>
    </Panel>
  );
};
