/** Of a visit's end, what its job carries. */
import type { BillAmounts } from '@patient-edge/core';
import type { ComplaintBody } from './return-schemas';

/** What a blade costs; paid so far, what was undone left out. */
export interface Bill extends BillAmounts {
  readonly discountReason: string;
}

export interface Complaint extends ComplaintBody {
  readonly jobId: number;
  readonly openedAt: string;
  readonly settledAt: string | null;
  readonly newJobId: number | null;
}
