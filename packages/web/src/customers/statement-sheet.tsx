/** A month of this customer on one sheet. */
import { format } from 'date-fns';
import { useState } from 'react';
import { TextEntry } from '../theme/text-fields';
import { Fold } from '../theme/fold';
import { MutedText, Panel, Row } from '../theme/layout';

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
    <Panel $slim aria-label="Statement">
      <Fold
        title="Statement of a month"
        level={2}
        says={onAccount ? 'pays by the month' : 'what was done and what is open'}
      >
        <Row $align="end" $gap={18}>
          <div style={{ width: 170 }}>
            <TextEntry
              label="Month"
              value={month}
              error={isMonth(month) ? undefined : `A month is YYYY-MM; "${month}" was given`}
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
            <MutedText>Type a month first.</MutedText>
          )}
        </Row>
      </Fold>
    </Panel>
  );
};
