/** A blade somebody else has in hand: who, and the press that takes it over. Counts of both are kept all the same. */
import type { Job } from '@patient-edge/contract';
import { useSession } from '../api/session';
import { useSend } from '../judge/use-send';
import { QuietButton } from '../theme/buttons';
import { Row } from '../theme/layout';
import { Notice } from '../theme/notice';
import { STRINGS } from './strings';

export const InHand = ({ job }: { job: Job }) => {
  const { data: session } = useSession();
  const { busy, problem, send } = useSend(job);
  const me = session?.staff?.id;
  if (!job.inHand || me === undefined || job.inHand.staffId === me) return null;
  return (
    <Notice tone="cut">
      <Row $gap={14}>
        <span>{STRINGS.hasThisBladeInHandStrokes(job.inHand.name)}</span>
        <QuietButton isDisabled={busy} onPress={() => void send('POST', '/take-over', {})}>
          {STRINGS.takeOver}
        </QuietButton>
        {problem !== null && <span role="alert">{problem}</span>}
      </Row>
    </Notice>
  );
};
