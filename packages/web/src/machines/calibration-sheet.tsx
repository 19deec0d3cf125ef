/** Set against measured: the test cuts of a machine, the line through them, and what to set. */
import {
  MACHINE_SIZE_LABELS,
  toMachine,
  type MachineTestCut,
  type ShopMachine,
} from '@patient-edge/contract';
import { calibrate, effectiveDeg, hasDial, SIZES_OF, settingOn } from '@patient-edge/core';
import { Suspense, useState } from 'react';
import { lazyPart } from '../theme/lazy-part';
import { mutate } from 'swr';
import { ApiFailure, messageOf, request } from '../api/client';
import { dayAndYear, fixed, parseNumber } from '../theme/format';
import { textOf } from '../theme/text';
import { QuietButton } from '../theme/buttons';
import { Figures, Row, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { NumberEntry } from '../theme/number-entry';
import { useUndo } from '../theme/undo';
import { useStored } from '../api/stored';
import { STRINGS } from './strings';

const FitChart = lazyPart(async () => ({ default: (await import('./fit-chart')).FitChart }));

const USUAL_BEVEL_MM = 0.7;

const keep = (machine: ShopMachine): Promise<unknown> =>
  mutate<ShopMachine[]>('/machines', (held) =>
    held?.map((each) => (each.id === machine.id ? machine : each)),
  );

export const CalibrationSheet = ({
  machine,
  mayEdit,
}: {
  machine: ShopMachine;
  mayEdit: boolean;
}) => {
  const [wanted, setWanted] = useState('16');
  const offerUndo = useUndo();
  const fit = calibrate(machine.cuts);
  const dial = hasDial(machine.kind);
  const angle = parseNumber(wanted);
  const inRange = angle !== null && angle >= 1 && angle <= 60;
  const remove = async (cut: MachineTestCut): Promise<void> => {
    await keep(await request<ShopMachine>('DELETE', `/machines/${machine.id}/cuts/${cut.id}`));
    offerUndo(STRINGS.theCutAtIsRemoved(cut.setDeg), async () =>
      keep(
        await request<ShopMachine>('POST', `/machines/${machine.id}/cuts`, {
          setDeg: cut.setDeg,
          measuredDeg: cut.measuredDeg,
        }),
      ),
    );
  };
  return (
    <Stack>
      <MutedText>
        {SIZES_OF[machine.kind]
          .map((size) => `${MACHINE_SIZE_LABELS[size]}: ${machine[size] ?? '–'}`)
          .concat(machine.note || [])
          .join(' · ')}
      </MutedText>
      {machine.cuts.length > 1 && (
        <Suspense fallback={<p role="status">{STRINGS.drawing}</p>}>
          <FitChart machine={machine} fit={fit} />
        </Suspense>
      )}
      {dial && (
        <p>
          {fit.cuts === 0
            ? STRINGS.notCalibratedTheSettingIsTaken
            : STRINGS.comesOutAtTheSettingFrom(
                fixed(fit.offsetDeg, 2),
                fixed(fit.slope, 3),
                fit.cuts,
                fit.cuts === 1 ? STRINGS.cut : STRINGS.cuts,
                fit.sdDeg === null ? '' : `, ± ${fixed(fit.sdDeg, 2)}°`,
              )}
        </p>
      )}
      <Row $align="end">
        <div style={{ width: 170 }}>
          <NumberEntry
            label={STRINGS.wantedPerSide}
            value={wanted}
            onChange={setWanted}
            error={inRange ? undefined : STRINGS.from1To60WasGiven(wanted)}
          />
        </div>
        {inRange && (
          <p style={{ flex: 1, minWidth: 220 }}>
            {textOf(settingOn(toMachine(machine), angle, USUAL_BEVEL_MM).text)}
          </p>
        )}
      </Row>
      {machine.cuts.length > 0 && (
        <table>
          <thead>
            <tr>
              <th scope="col">{STRINGS.day}</th>
              <th scope="col">{STRINGS.set}</th>
              <th scope="col">{STRINGS.measured}</th>
              <th scope="col">{STRINGS.offTheLine}</th>
              {mayEdit && (
                <th scope="col">
                  <span className="unseen">{STRINGS.takeOut}</span>
                </th>
              )}
            </tr>
          </thead>
          <tbody>
            {machine.cuts.map((cut) => (
              <tr key={cut.id}>
                <td>{dayAndYear(cut.at)}</td>
                <td>
                  <Figures>{fixed(cut.setDeg, 1)}°</Figures>
                </td>
                <td>
                  <Figures>{fixed(cut.measuredDeg, 1)}°</Figures>
                </td>
                <td>
                  <Figures>{fixed(cut.measuredDeg - effectiveDeg(fit, cut.setDeg), 2)}°</Figures>
                </td>
                {mayEdit && (
                  <td>
                    <QuietButton
                      aria-label={STRINGS.takeOutTheCutAt(cut.setDeg)}
                      onPress={() => void remove(cut)}
                    >
                      {STRINGS.takeOut}
                    </QuietButton>
                  </td>
                )}
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {mayEdit && dial && <NewCut machine={machine} />}
    </Stack>
  );
};

const NewCut = ({ machine }: { machine: ShopMachine }) => {
  const [set, setSet] = useStored(`cut set ${machine.id}`, '');
  const [measured, setMeasured] = useStored(`cut measured ${machine.id}`, '');
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const [problem, setProblem] = useState<string | null>(null);
  const add = async (): Promise<void> => {
    setProblems({});
    setProblem(null);
    try {
      await keep(
        await request<ShopMachine>('POST', `/machines/${machine.id}/cuts`, {
          setDeg: parseNumber(set) ?? (set || undefined),
          measuredDeg: parseNumber(measured) ?? (measured || undefined),
        }),
      );
      setSet('');
      setMeasured('');
    } catch (error) {
      const fields = error instanceof ApiFailure ? error.fields : [];
      setProblems(Object.fromEntries(fields.map(({ field, message }) => [field, message])));
      if (fields.length === 0) setProblem(messageOf(error));
    }
  };
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
    >
      <Row $align="end">
        <div style={{ width: 170 }}>
          <NumberEntry
            label={STRINGS.setPerSideAlone}
            value={set}
            onChange={setSet}
            error={problems['setDeg']}
          />
        </div>
        <div style={{ width: 190 }}>
          <NumberEntry
            label={STRINGS.measuredPerSide}
            value={measured}
            onChange={setMeasured}
            error={problems['measuredDeg']}
          />
        </div>
        <QuietButton type="submit">{STRINGS.addTestCut}</QuietButton>
      </Row>
      {problem !== null && (
        <Notice tone="cut" alert>
          {problem}
        </Notice>
      )}
    </form>
  );
};
