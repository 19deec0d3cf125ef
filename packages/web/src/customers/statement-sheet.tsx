/** A month of this customer on one sheet. */
import { format } from 'date-fns';
import { useState } from 'react';
import { TextEntry } from '../theme/text-fields';
import { Fold } from '../theme/fold';
import { MutedText, Panel, Row } from '../theme/layout';
import { STRINGS } from './strings';

const isMonth = (typed: string): boolean => /^\d{4}-(0[1-9]|1[0-2])$/.test(typed);

export const StatementSheet = ({
  customerId,
  onAccount,
}: {
  customerId: number;
  onAccount: boolean;
}) => {
  const [month, setMonth] = useState(() => format(new Date(), 'yyyy-MM'));
  const at = `/api/customers/${customerId}/statement`;
  return (
    <Panel $slim aria-label={STRINGS.statement}>
      <Fold
        title={STRINGS.statementOfAMonth}
        level={2}
        says={onAccount ? STRINGS.paysByTheMonth : STRINGS.whatWasDoneAndWhatIs}
      >
        <Row $align="end" $gap={18}>
          <div style={{ width: 170 }}>
            <TextEntry
              label={STRINGS.month}
              value={month}
              error={isMonth(month) ? undefined : STRINGS.aMonthIsYyyyMmWas(month)}
              onChange={setMonth}
            />
          </div>
          {isMonth(month) ? (
            <>
              <a href={`${at}.pdf?month=${month}`} target="_blank" rel="noreferrer">
                PDF
              </a>
              <a href={`${at}.csv?month=${month}`}>CSV</a>
            </>
          ) : (
            <MutedText>{STRINGS.typeAMonthFirst}</MutedText>
          )}
        </Row>
      </Fold>
    </Panel>
  );
};
