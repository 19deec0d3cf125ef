/** The sheet of this visit for its customer, with whose it is. */
import type { Job } from '@patient-edge/contract';
import { useSheet } from '../api/hooks';
import { useSession } from '../api/session';
import { dayAndYear } from '../theme/format';
import { Waiting } from '../theme/waiting';
import { SheetView, type SheetPictures } from './sheet-view';
import { STRINGS } from './strings';

/** The first picture before the work began and the last after it. */
const picturesOf = (job: Job): SheetPictures => {
  const beganAt = job.events.find(({ kind }) => kind === 'bench')?.at ?? null;
  return {
    came: job.photographs.find(({ at }) => beganAt === null || at < beganAt) ?? null,
    leaves: beganAt === null ? null : (job.photographs.findLast(({ at }) => at >= beganAt) ?? null),
  };
};

export const ReturnSheet = ({ job }: { job: Job }) => {
  const { data: session } = useSession();
  const { data: sheet, error } = useSheet(job.id, job.version);
  if (!sheet || !session) return <Waiting error={error} text={STRINGS.writingTheSheet} />;
  return (
    <SheetView
      sheet={sheet}
      measures={job.measures}
      bill={job.bill}
      currency={session.currency}
      pictures={picturesOf(job)}
      right={
        <>
          {session.shopName}
          <br />
          {STRINGS.tag(job.customer.name, job.tagNumber)}
          <br />
          {dayAndYear(job.returnedAt ?? new Date().toISOString())}
        </>
      }
    />
  );
};
