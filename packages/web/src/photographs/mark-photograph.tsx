/** Marks on a photograph, each with its note. */
import type { Job, Photograph, PhotographBody, PhotoMark } from '@patient-edge/contract';
import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Button } from 'react-aria-components/Button';
import styled from 'styled-components';
import { messageOf, request } from '../api/client';
import { updateJobCache } from '../api/hooks';
import { moment } from '../theme/format';
import { ActionButton, QuietButton } from '../theme/buttons';
import { Row, Panel, MutedText, Stack } from '../theme/layout';
import { NoChanges } from '../theme/no-changes';
import { Notice } from '../theme/notice';
import { useGoOn } from '../theme/use-go-on';
import { TextEntry } from '../theme/text-fields';
import { BesidePicture } from '../trace/beside-picture';
import { PictureCanvas } from '../trace/picture-canvas';
import { PointsLayer } from '../trace/points-layer';
import { useStored } from '../api/stored';
import { STRINGS } from './strings';

const Marks = styled.ol`
  display: grid;
  gap: 8px;
  & > li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 44px;
    align-items: end;
    gap: 6px;
  }
  & button {
    min-height: 44px;
    background: none;
    border: none;
    color: var(--cut);
    cursor: pointer;
  }
`;

interface MarkPhotographProps {
  readonly job: Job;
  readonly photograph: Photograph;
}

const MOST_MARKS = 40;

const share = (px: number, of: number): number => Math.min(1, Math.max(0, px / of));

export const MarkPhotograph = ({ job, photograph }: MarkPhotographProps) => {
  const { id, widthPx, heightPx, at } = photograph;
  const [note, setNote] = useStored(`note of photograph ${id}`, photograph.note);
  const [marks, setMarks] = useStored<readonly PhotoMark[]>(
    `marks of photograph ${id}`,
    photograph.marks,
  );
  const [problem, setProblem] = useState<string | null>(null);
  const goOn = useGoOn();
  const changed =
    note !== photograph.note || JSON.stringify(marks) !== JSON.stringify(photograph.marks);
  const removeMark = (index: number): void => setMarks(marks.filter((_, each) => each !== index));
  const send = async (work: () => Promise<Job>): Promise<boolean> => {
    setProblem(null);
    try {
      await updateJobCache(await work());
      return true;
    } catch (error) {
      setProblem(messageOf(error));
      return false;
    }
  };
  const keep = () => {
    const body: PhotographBody = {
      version: photograph.version,
      note,
      marks,
      closeUp: photograph.closeUp,
    };
    return send(() => request<Job>('PUT', `/photographs/${id}`, body));
  };
  const remove = async (): Promise<void> => {
    if (
      await send(() => request<Job>('DELETE', `/photographs/${id}?version=${photograph.version}`))
    )
      await goOn(`/jobs/${job.id}/intake#photographs`);
  };
  return (
    <BesidePicture>
      <PictureCanvas
        src={`/api/photographs/${id}/full.jpg`}
        widthPx={widthPx}
        heightPx={heightPx}
        label={STRINGS.photographClickToMarkAPlace}
        onPoint={({ x, y }) => {
          if (marks.length < MOST_MARKS)
            setMarks([...marks, { x: x / widthPx, y: y / heightPx, note: '' }]);
        }}
      >
        {(view) => (
          <>
            <PointsLayer
              name={STRINGS.markPoint}
              colour="var(--cut)"
              view={view}
              points={marks.map(({ x, y }) => ({ x: x * widthPx, y: y * heightPx }))}
              line={[]}
              onMove={(index, { x, y }) =>
                setMarks(
                  marks.map((each, at) =>
                    at === index ? { ...each, x: share(x, widthPx), y: share(y, heightPx) } : each,
                  ),
                )
              }
              onRemove={removeMark}
            />
            {marks.map(({ x, y }, index) => (
              <text
                key={index}
                x={x * widthPx + 11 / view.scale}
                y={y * heightPx - 9 / view.scale}
                fontSize={17 / view.scale}
                fontWeight={700}
                fill="var(--cut)"
                stroke="var(--sheet)"
                strokeWidth={4 / view.scale}
                paintOrder="stroke"
                pointerEvents="none"
              >
                {index + 1}
              </text>
            ))}
          </>
        )}
      </PictureCanvas>
      <Panel>
        <Stack $gap={12}>
          <MutedText>{STRINGS.takenInUprightAndWithoutThe(moment(at))}</MutedText>
          <TextEntry label={STRINGS.noteOnThePhotograph} value={note} onChange={setNote} />
          <h3>{STRINGS.marksAlone}</h3>
          {marks.length === 0 && <MutedText>{STRINGS.clickOnThePictureToMark}</MutedText>}
          <Marks>
            {marks.map((mark, index) => (
              <li key={index}>
                <TextEntry
                  label={STRINGS.mark(index + 1)}
                  value={mark.note}
                  onChange={(next) =>
                    setMarks(
                      marks.map((each, at) => (at === index ? { ...each, note: next } : each)),
                    )
                  }
                />
                <Button
                  aria-label={STRINGS.removeMark(index + 1)}
                  onPress={() => removeMark(index)}
                >
                  <Trash2 size={19} />
                </Button>
              </li>
            ))}
          </Marks>
          {problem !== null && (
            <Notice tone="cut" alert>
              {problem}
            </Notice>
          )}
          <Row>
            <ActionButton onPress={() => void keep()} isDisabled={!changed}>
              {STRINGS.saveMarks}
            </ActionButton>
            <QuietButton onPress={() => void remove()}>{STRINGS.removeThisPhotograph}</QuietButton>
            {!changed && <NoChanges />}
          </Row>
        </Stack>
      </Panel>
    </BesidePicture>
  );
};
