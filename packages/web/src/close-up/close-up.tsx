/**
 * A close picture: its scale, what is measured on it, glints along a traced edge, and how the scratches run. What a picture
 * shows is confirmed by whoever looks; nothing is decided by it alone.
 */
import { named } from '@patient-edge/core';
import {
  canDo,
  MEASURED_ON_PICTURE,
  type CloseUp,
  type Job,
  type MeasuredOnPicture,
  type Photograph,
} from '@patient-edge/contract';
import type { PicturePoint } from '@patient-edge/core';
import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { request } from '../api/client';
import { updateJobCache } from '../api/hooks';
import { readStored, writeStored } from '../api/stored';
import { ActionButton, QuietButton } from '../theme/buttons';
import { fixed, parseNumber } from '../theme/format';
import { MutedText, Panel, Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { options } from '../theme/options';
import { SegmentedControl } from '../theme/segmented-control';
import { Select } from '../theme/select';
import { NumberEntry } from '../theme/number-entry';
import { BesidePicture } from '../trace/beside-picture';
import { PictureCanvas } from '../trace/picture-canvas';
import { PointsLayer } from '../trace/points-layer';
import { BesideEachOther } from './beside-each-other';
import { GlintsFound } from './glints-found';
import { clickedPx, NO_CLOSE_UP, openReadings, withLight, zonesOfGlints } from './measures';
import { ScratchesFound } from './scratches-found';
import { Taken } from './taken';
import { usePictureReader } from './use-picture-reader';
import { STRINGS } from './strings';

const TOOLS = [
  { id: 'scale', label: STRINGS.scale },
  { id: 'measure', label: STRINGS.measure },
  { id: 'light', label: STRINGS.light },
  { id: 'scratches', label: STRINGS.scratches },
] as const;
type Tool = (typeof TOOLS)[number]['id'];

const HINTS: Readonly<Record<Tool, string>> = {
  scale: STRINGS.clickBothEndsOfAKnown,
  measure: STRINGS.clickFromOneSideToThe,
  light: STRINGS.clickAlongTheEdgeFromHeel,
  scratches: STRINGS.clickTwoCornersOfTheBevel,
};
const TWO_CLICKS = 2;

interface CloseUpProps {
  readonly job: Job;
  readonly photograph: Photograph;
}

export const CloseUpPicture = ({ job, photograph }: CloseUpProps) => {
  const { id, widthPx, heightPx } = photograph;
  const src = `/api/photographs/${id}/full.jpg`;
  const [closeUp, setCloseUp] = useState<CloseUp>(photograph.closeUp ?? NO_CLOSE_UP);
  const [tool, setTool] = useState<Tool>('scale');
  const [points, setPoints] = useState<readonly PicturePoint[]>([]);
  const reader = usePictureReader(src);
  const { busy, problem, glints, scratches, run } = reader;
  const set = (part: Partial<CloseUp>): void => setCloseUp({ ...closeUp, ...part });
  const choose = (next: Tool): void => {
    setTool(next);
    setPoints([]);
  };
  const keep = (): Promise<void> =>
    run(async () => {
      await updateJobCache(
        await request<Job>('PUT', `/photographs/${id}`, {
          version: photograph.version,
          note: photograph.note,
          marks: photograph.marks,
          closeUp,
        }),
      );
    });
  const phase = canDo(job, 'test before') ? 'before' : canDo(job, 'test after') ? 'after' : null;
  const confirm = (): void => {
    if (phase === null || glints === null) return;
    const { draft, kept } = openReadings(job, phase);
    const zones = zonesOfGlints(glints, job.measures.edgeLengthMm);
    writeStored(draft, withLight(readStored(draft) ?? kept, zones));
  };
  return (
    <Stack $gap={14}>
      <BesidePicture>
        <PictureCanvas
          src={src}
          widthPx={widthPx}
          heightPx={heightPx}
          label={STRINGS.closePictureClickToSetPoints}
          onPoint={(point) =>
            setPoints(tool === 'light' || points.length < TWO_CLICKS ? [...points, point] : [point])
          }
        >
          {(view) => (
            <PointsLayer
              name={STRINGS.point}
              colour="var(--accent)"
              view={view}
              points={points}
              onMove={(index, to) =>
                setPoints(points.map((each, at) => (at === index ? to : each)))
              }
              onRemove={(index) => setPoints(points.filter((_, at) => at !== index))}
            />
          )}
        </PictureCanvas>
        <Panel>
          <Stack $gap={12}>
            <SegmentedControl
              label={STRINGS.whatToDo}
              options={TOOLS}
              value={tool}
              onChange={choose}
            />
            <MutedText>{HINTS[tool]}</MutedText>
            {tool === 'scale' && (
              <SetScale
                px={clickedPx(points)}
                umPerPx={closeUp.umPerPx}
                onScale={(umPerPx) => {
                  set({ umPerPx });
                  choose('measure');
                }}
              />
            )}
            {tool === 'measure' && (
              <Measure
                px={clickedPx(points)}
                closeUp={closeUp}
                onMeasured={(measured) => {
                  set({ measured });
                  setPoints([]);
                }}
              />
            )}
            {tool === 'light' && (
              <Row>
                <QuietButton
                  isDisabled={busy || points.length < TWO_CLICKS}
                  onPress={() => void reader.findGlints(points, job.measures.edgeLengthMm)}
                >
                  {STRINGS.findGlints}
                </QuietButton>
                <MutedText>{STRINGS.points(points.length)}</MutedText>
              </Row>
            )}
            {tool === 'scratches' && (
              <Row>
                <QuietButton isDisabled={busy} onPress={() => void reader.lookAtScratches(points)}>
                  {STRINGS.lookAtTheScratches}
                </QuietButton>
              </Row>
            )}
            <Taken job={job} closeUp={closeUp} onChange={set} />
            {problem !== null && (
              <Notice tone="cut" alert>
                {problem}
              </Notice>
            )}
            <Row>
              <ActionButton
                isDisabled={
                  busy ||
                  JSON.stringify(closeUp) === JSON.stringify(photograph.closeUp ?? NO_CLOSE_UP)
                }
                onPress={() => void keep()}
              >
                {STRINGS.saveTheClosePicture}
              </ActionButton>
            </Row>
          </Stack>
        </Panel>
      </BesidePicture>
      {glints && (
        <GlintsFound job={job} glints={glints} onConfirm={phase === null ? null : confirm} />
      )}
      {scratches && <ScratchesFound {...scratches} umPerPx={closeUp.umPerPx} />}
      <BesideEachOther job={job} photograph={photograph} spot={closeUp.spot} />
    </Stack>
  );
};

/** A known length between two clicks sets how large a pixel is. */
const SetScale = ({
  px,
  umPerPx,
  onScale,
}: {
  px: number | null;
  umPerPx: number | null;
  onScale: (umPerPx: number) => void;
}) => {
  const [typed, setTyped] = useState('200');
  const um = parseNumber(typed);
  const isLength = um !== null && um > 0 && um <= 100_000;
  return (
    <Stack $gap={8}>
      <NumberEntry
        label={STRINGS.knownLength}
        value={typed}
        error={isLength ? undefined : STRINGS.from0To100000WasGiven(typed)}
        onChange={setTyped}
      />
      <Row>
        <QuietButton
          isDisabled={px === null || px === 0 || !isLength}
          onPress={() => onScale((um ?? 0) / (px ?? 1))}
        >
          {STRINGS.setTheScale}
        </QuietButton>
        <MutedText>
          {umPerPx === null ? STRINGS.noScaleYet : STRINGS.aPixel(fixed(umPerPx, 3))}
        </MutedText>
      </Row>
    </Stack>
  );
};

const Measure = ({
  px,
  closeUp: { umPerPx, measured },
  onMeasured,
}: {
  px: number | null;
  closeUp: CloseUp;
  onMeasured: (measured: readonly MeasuredOnPicture[]) => void;
}) => {
  const [what, setWhat] = useState<MeasuredOnPicture['what']>('burr width');
  const um = px === null || umPerPx === null ? null : px * umPerPx;
  return (
    <Stack $gap={8}>
      <Select
        label={STRINGS.whatItIs}
        options={options(MEASURED_ON_PICTURE)}
        value={what}
        onChange={setWhat}
      />
      <Row>
        <QuietButton
          isDisabled={um === null || um === 0}
          onPress={() =>
            um !== null && onMeasured([...measured, { what, um: Number(um.toFixed(2)) }])
          }
        >
          {um === null ? STRINGS.add : STRINGS.addFigure(fixed(um, 1))}
        </QuietButton>
        {umPerPx === null && <MutedText>{STRINGS.setTheScaleFirst}</MutedText>}
      </Row>
      <ul aria-label={STRINGS.measured}>
        {measured.map((each, index) => (
          <li key={index}>
            <Row>
              <span>
                {named(each.what)} {fixed(each.um, 1)} µm
              </span>
              <QuietButton
                aria-label={STRINGS.remove(named(each.what), fixed(each.um, 1))}
                onPress={() => onMeasured(measured.filter((_, at) => at !== index))}
              >
                <Trash2 size={17} aria-hidden />
              </QuietButton>
            </Row>
          </li>
        ))}
      </ul>
    </Stack>
  );
};
