/** The rack out to a CSV file and in from one: every line is read and judged before anything is kept. */
import { rackFromCsv, type CsvRead, type Stone } from '@patient-edge/contract';
import { useRef, useState } from 'react';
import { mutate } from 'swr';
import { messageOf, request } from '../api/client';
import { ActionButton, QuietButton } from '../theme/buttons';
import { Figures, Row, Panel, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { useUndo } from '../theme/undo';
import { STRINGS } from './strings';

const LARGEST_BYTES = 1_000_000;

export const useRackFile = (rack: readonly Stone[]) => {
  const input = useRef<HTMLInputElement>(null);
  const [name, setName] = useState('');
  const [read, setRead] = useState<CsvRead | null>(null);
  const open = async (file: File): Promise<void> => {
    setName(file.name);
    setRead(
      file.size > LARGEST_BYTES
        ? { ok: false, message: STRINGS.theFileMustBeAtMost(file.size) }
        : rackFromCsv(await file.text()),
    );
  };
  const buttons = (
    <>
      <QuietButton onPress={() => input.current?.click()}>{STRINGS.importCsv}</QuietButton>
      <input
        ref={input}
        type="file"
        accept=".csv,text/csv"
        aria-label={STRINGS.csvFileOfARack}
        hidden
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) void open(file);
        }}
      />
      <a href="/api/stones.csv" download="rack.csv">
        {STRINGS.exportCsv}
      </a>
    </>
  );
  return {
    buttons,
    preview: read && <Preview name={name} read={read} rack={rack} onClose={() => setRead(null)} />,
  };
};

interface PreviewProps {
  readonly name: string;
  readonly read: CsvRead;
  readonly rack: readonly Stone[];
  readonly onClose: () => void;
}

const Preview = ({ name, read, rack, onClose }: PreviewProps) => {
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const offerUndo = useUndo();
  const known = new Set(rack.map((stone) => stone.name.toLowerCase()));
  const stones = read.ok ? read.lines.flatMap(({ stone }) => stone ?? []) : [];
  const wrong = read.ok ? read.lines.filter(({ problems }) => problems.length > 0) : [];
  const correcting = stones.filter((stone) => known.has(stone.name.toLowerCase())).length;
  const keep = async (): Promise<void> => {
    setBusy(true);
    setProblem(null);
    try {
      const { added } = await request<{ added: number[] }>('POST', '/stones/import', { stones });
      await mutate('/stones');
      if (added.length > 0) {
        offerUndo(STRINGS.addedFrom(added.length, name), async () => {
          for (const id of added) await request('DELETE', `/stones/${id}`);
          await mutate('/stones');
        });
      }
      onClose();
    } catch (error) {
      setProblem(messageOf(error));
    } finally {
      setBusy(false);
    }
  };
  return (
    <Panel aria-label={STRINGS.whatTheFileHolds}>
      <Stack>
        <h2>{name}</h2>
        {!read.ok && (
          <Notice tone="cut" alert>
            {read.message}
          </Notice>
        )}
        {read.ok && (
          <p>
            <Figures>{stones.length - correcting}</Figures> {STRINGS.new}{' '}
            <Figures>{correcting}</Figures> {STRINGS.byTheNameOfOneOn}
            {wrong.length > 0 && (
              <>
                , <Figures>{wrong.length}</Figures> {STRINGS.thatCannotBeRead}
              </>
            )}
            .
          </p>
        )}
        {wrong.length > 0 && (
          <table>
            <thead>
              <tr>
                <th scope="col">{STRINGS.line}</th>
                <th scope="col">{STRINGS.name}</th>
                <th scope="col">{STRINGS.whatIsWrong}</th>
              </tr>
            </thead>
            <tbody>
              {wrong.slice(0, 30).map(({ line, name: stone, problems }) => (
                <tr key={line}>
                  <td>
                    <Figures>{line}</Figures>
                  </td>
                  <td>{stone}</td>
                  <td>{problems.map(({ message }) => message).join('; ')}</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
        {wrong.length > 0 && <MutedText>{STRINGS.correctTheFileAndImportIt}</MutedText>}
        {problem !== null && (
          <Notice tone="cut" alert>
            {problem}
          </Notice>
        )}
        <Row>
          <ActionButton
            isDisabled={busy || wrong.length > 0 || stones.length === 0}
            onPress={() => void keep()}
          >
            {STRINGS.importAll}
          </ActionButton>
          <QuietButton onPress={onClose}>{STRINGS.cancel}</QuietButton>
        </Row>
      </Stack>
    </Panel>
  );
};
