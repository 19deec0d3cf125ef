/** A blade somebody else has in hand: who, and the press that takes it over. Counts of both are kept all the same. */
import type { Job } from '@patient-edge/contract';
import { useSession } from '../api/session';
import { useSend } from '../judge/use-send';
import { QuietButton } from '../theme/buttons';
import { Row } from '../theme/layout';
import { Notice } from '../theme/notice';

export const InHand = ({ job }: { job: Job }) => {
  const { data: session } = useSession();
  const { busy, problem, send } = useSend(job);
  const me = session?.staff?.id;
  if (!job.inHand || me === undefined || job.inHand.staffId === me) return null;
  return (
    <Notice tone="cut">
      <Row $gap={14}>
        <span>
          {job.inHand.name} has this blade in hand. Strokes of both are counted, none twice.
        </span>
        <QuietButton isDisabled={busy} onPress={() => void send('POST', '/take-over', {})}>
          Take over
        </QuietButton>
        {problem !== null && <span role="alert">{problem}</span>}
      </Row>
    </Notice>
  );
};
