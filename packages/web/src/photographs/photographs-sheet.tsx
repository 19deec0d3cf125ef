/** The photographs of this visit, and the way to add one. */
import type { Job } from '@patient-edge/contract';
import { PHOTOGRAPH_TYPES } from '@patient-edge/contract';
import { useState } from 'react';
import { FileTrigger } from 'react-aria-components/FileTrigger';
import { Link } from 'react-router';
import styled from 'styled-components';
import { isOffline, messageOf, uploadPhotograph } from '../api/client';
import { mustNotWait } from '../api/job-writes';
import { queue } from '../api/outbox';
import { updateJobCache } from '../api/hooks';
import { FromMicroscope } from '../close-up/from-microscope';
import { QuietButton } from '../theme/buttons';
import { Row, Panel, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { STRINGS } from './strings';

const Pictures = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  & img {
    height: 150px;
    display: block;
    border: 1px solid var(--line);
  }
  & small {
    color: var(--ink-soft);
  }
`;

export const PhotographsSheet = ({ job }: { job: Job }) => {
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const addOne = async (file: File): Promise<void> => {
    try {
      await mustNotWait(job.id);
      await updateJobCache(await uploadPhotograph<Job>(job.id, file));
    } catch (error) {
      if (!isOffline(error)) throw error;
      await queue({ kind: 'photograph', jobId: job.id, name: file.name, picture: file });
    }
  };
  const add = async (files: FileList | null): Promise<void> => {
    if (!files || files.length === 0) return;
    setBusy(true);
    setProblem(null);
    try {
      for (const file of files) await addOne(file);
    } catch (error) {
      setProblem(messageOf(error));
    } finally {
      setBusy(false);
    }
  };
  return (
    <Panel aria-label={STRINGS.photographs} id="photographs">
      <Stack>
        <Row>
          <h2>{STRINGS.photographs}</h2>
          <FileTrigger
            acceptedFileTypes={PHOTOGRAPH_TYPES}
            allowsMultiple
            onSelect={(files) => void add(files)}
          >
            <QuietButton isDisabled={busy}>
              {busy ? STRINGS.adding : STRINGS.addAPhotograph}
            </QuietButton>
          </FileTrigger>
        </Row>
        <FromMicroscope job={job} />
        {problem !== null && (
          <Notice tone="cut" alert>
            {problem}
          </Notice>
        )}
        {job.photographs.length === 0 ? (
          <MutedText>{STRINGS.noneYetLayTheBladeOn}</MutedText>
        ) : (
          <Pictures>
            {job.photographs.map(({ id, note, marks, closeUp }, index) => (
              <li key={id}>
                <Link to={`/jobs/${job.id}/photographs/${id}`}>
                  <img
                    src={`/api/photographs/${id}/small.jpg`}
                    alt={note || STRINGS.photographOfTheBlade(index + 1)}
                  />
                </Link>
                <small>
                  {[note, closeUp?.spot ?? '', marks.length > 0 ? STRINGS.marks(marks.length) : '']
                    .filter(Boolean)
                    .join(' · ')}
                </small>
              </li>
            ))}
          </Pictures>
        )}
      </Stack>
    </Panel>
  );
};
