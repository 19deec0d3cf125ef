/** Keeping a flattening: the grid is gone, on what, how long, and how much of the stone it took. */
import type { Flattening, Stone } from '@patient-edge/contract';
import { useState } from 'react';
import { mutate } from 'swr';
import { ApiFailure, messageOf, request } from '../api/client';
import { updateStoneCache } from '../api/hooks';
import { Columns } from '../theme/columns';
import { fixed, numberOrTyped, parseNumber } from '../theme/format';
import { ActionButton } from '../theme/buttons';
import { Checkbox } from '../theme/checkbox';
import { Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { TextEntry } from '../theme/text-fields';
import { NumberEntry } from '../theme/number-entry';
import { useUndo } from '../theme/undo';
import { useStored } from '../api/stored';
import { STRINGS } from './strings';

/** Both forms of the body, so that what is no number is refused beside its field by the server. */
const numberOf = (text: string): number | string | undefined => numberOrTyped(text) ?? undefined;

export const takeBack = async (stone: Stone, flattening: Pick<Flattening, 'id'>): Promise<void> => {
  await updateStoneCache(
    await request<Stone>('DELETE', `/stones/${stone.id}/flattenings/${flattening.id}`),
  );
  await mutate(`/stones/${stone.id}/flattenings`);
};

const NOTHING_TYPED = { minutes: '', lost: '', left: '' };

export const FlattenForm = ({ stone, lastPlate }: { stone: Stone; lastPlate: string }) => {
  const offerUndo = useUndo();
  // Until somebody types another: the plate of last time, whenever it is known.
  const [typedPlate, setPlate] = useState<string | null>(null);
  const plate = typedPlate ?? lastPlate;
  const [typed, setTyped] = useStored(`flattening ${stone.id}`, NOTHING_TYPED);
  const { minutes, lost, left } = typed;
  const set = (part: Partial<typeof NOTHING_TYPED>): void => setTyped({ ...typed, ...part });
  const [gone, setGone] = useState(false);
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const { thicknessMm } = stone;

  const keep = async (): Promise<void> => {
    setBusy(true);
    setProblems({});
    setProblem(null);
    try {
      const path = `/stones/${stone.id}/flattenings`;
      const kept = await request<Stone>('POST', path, {
        plate,
        gridGone: gone,
        minutes: numberOf(minutes),
        lostMm: numberOf(lost),
      });
      await updateStoneCache(kept);
      const record = await mutate<Flattening[]>(path, request<Flattening[]>('GET', path), {
        revalidate: false,
      });
      const added = record?.at(-1);
      if (added) offerUndo(STRINGS.isFlat(stone.name), () => takeBack(kept, added));
      setTyped(NOTHING_TYPED);
      setGone(false);
    } catch (error) {
      const fields = error instanceof ApiFailure ? error.fields : [];
      setProblems(Object.fromEntries(fields.map(({ field, message }) => [field, message])));
      if (fields.length === 0) setProblem(messageOf(error));
    } finally {
      setBusy(false);
    }
  };

  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <Stack>
        <Columns $columns={thicknessMm === null ? 3 : 4}>
          <TextEntry
            label={STRINGS.plateUsed}
            value={plate}
            onChange={setPlate}
            error={problems['plate']}
            hint={STRINGS.flatPlateOrPaperOnGlass}
          />
          <NumberEntry
            label={STRINGS.minutes}
            value={minutes}
            onChange={(next) => set({ minutes: next })}
            error={problems['minutes']}
          />
          {thicknessMm !== null && (
            <NumberEntry
              label={STRINGS.thicknessNowMm}
              hint={STRINGS.byCaliperTheLossFollows}
              value={left}
              onChange={(next) => {
                const now = parseNumber(next);
                set({
                  left: next,
                  ...(now === null ? {} : { lost: fixed(thicknessMm - now, 2) }),
                });
              }}
            />
          )}
          <NumberEntry
            label={STRINGS.thicknessLostMm}
            value={lost}
            onChange={(next) => set({ lost: next })}
            error={problems['lostMm']}
          />
        </Columns>
        <Checkbox value={gone} onChange={setGone} error={problems['gridGone']}>
          {STRINGS.thePencilGridIsGoneEverywhere}
        </Checkbox>
        {problem !== null && (
          <Notice tone="cut" alert>
            {problem}
          </Notice>
        )}
        <Row>
          <ActionButton type="submit" isDisabled={busy}>
            {STRINGS.saveFlattening}
          </ActionButton>
        </Row>
      </Stack>
    </form>
  );
};
