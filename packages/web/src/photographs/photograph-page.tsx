/** One photograph: marks with notes on it, or the blade's outline traced from it. */
import type { Job, Photograph } from '@patient-edge/contract';
import { Suspense, useState } from 'react';
import { lazyPart } from '../theme/lazy-part';
import { Link, useParams, useSearchParams } from 'react-router';
import { NothingHere } from '../theme/waiting';
import { useCurrentJob } from '../jobs/current-job';
import { Row, Stack } from '../theme/layout';
import { SegmentedControl } from '../theme/segmented-control';
import { MarkPhotograph } from './mark-photograph';
import { TraceOutline } from '../trace/trace-outline';
import { STRINGS } from './strings';

const CloseUpPicture = lazyPart(async () => ({
  default: (await import('../close-up/close-up')).CloseUpPicture,
}));

const MODES = [
  { id: 'marks', label: STRINGS.marksAndNotes },
  { id: 'trace', label: STRINGS.traceTheOutline },
  { id: 'close', label: STRINGS.lookClosely },
] as const;

const PhotographPage = () => {
  const job = useCurrentJob();
  const { photographId = '' } = useParams();
  const photograph = job.photographs.find(({ id }) => String(id) === photographId);
  if (!photograph) return <NothingHere />;
  return <OnePhotograph key={photograph.id} job={job} photograph={photograph} />;
};

const OnePhotograph = ({ job, photograph }: { job: Job; photograph: Photograph }) => {
  const [search] = useSearchParams();
  const [mode, setMode] = useState<(typeof MODES)[number]['id']>(
    MODES.find(({ id }) => search.has(id))?.id ?? 'marks',
  );
  return (
    <Stack $gap={12}>
      <Row $gap={18} $align="end">
        <h2>{STRINGS.photograph}</h2>
        <SegmentedControl
          label={STRINGS.whatToDo}
          hideLabel
          options={MODES}
          value={mode}
          onChange={setMode}
        />
        <Link to={`/jobs/${job.id}/intake#photographs`}>{STRINGS.backToTheIntake}</Link>
      </Row>
      {mode === 'marks' ? (
        <MarkPhotograph job={job} photograph={photograph} />
      ) : mode === 'trace' ? (
        <TraceOutline job={job} photograph={photograph} />
      ) : (
        <Suspense fallback={<p role="status">{STRINGS.opening}</p>}>
          <CloseUpPicture job={job} photograph={photograph} />
        </Suspense>
      )}
    </Stack>
  );
};

export default PhotographPage;
