/** A tag, typed or scanned: leads to its blade, or says why not. */
import type { ReadyBlade, VisitPage } from '@patient-edge/contract';
import { ScanLine } from 'lucide-react';
import { Suspense, useState, type SyntheticEvent } from 'react';
import { lazyPart } from '../theme/lazy-part';
import { messageOf, request } from '../api/client';
import { useBoard } from '../api/hooks';
import { ActionButton, QuietButton } from '../theme/buttons';
import { Row, Stack } from '../theme/layout';
import { NumberEntry } from '../theme/number-entry';
import { findTag, readCode } from './find-tag';
import { STRINGS } from './strings';

const Scanner = lazyPart(() => import('./scanner'));

interface TagFinderProps {
  readonly ready: readonly ReadyBlade[];
  readonly onFound: (blade: ReadyBlade) => void;
}

export const TagFinder = ({ ready, onFound }: TagFinderProps) => {
  const { data: board } = useBoard();
  const [typed, setTyped] = useState('');
  const [scans, setScans] = useState(false);
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const find = async (text: string): Promise<void> => {
    const code = readCode(text);
    if (!code) {
      setProblem(STRINGS.aTagIsANumberFrom(text.trim().slice(0, 40)));
      return;
    }
    try {
      const wanted =
        code.is === 'page'
          ? {
              tagNumber: (await request<VisitPage>('GET', `/visits/${code.token}`)).tagNumber,
            }
          : code;
      const found = findTag(wanted, ready, board?.jobs ?? []);
      if (found.ok) {
        setProblem(undefined);
        setTyped('');
        onFound(found.blade);
      } else setProblem(found.says);
    } catch (error) {
      setProblem(messageOf(error));
    }
  };
  const submit = (event: SyntheticEvent): void => {
    event.preventDefault();
    void find(typed);
  };
  return (
    <Stack $gap={10}>
      <form onSubmit={submit} noValidate>
        <Row $align="start">
          <div style={{ width: 260 }}>
            <NumberEntry
              label={STRINGS.tagInTheCustomersHand}
              value={typed}
              error={problem}
              onChange={(next) => {
                setTyped(next);
                setProblem(undefined);
              }}
            />
          </div>
          <Row style={{ paddingTop: 26 }}>
            <ActionButton type="submit">{STRINGS.find}</ActionButton>
            <QuietButton onPress={() => setScans(!scans)} aria-pressed={scans}>
              <ScanLine size={19} aria-hidden /> {scans ? STRINGS.closeTheCamera : STRINGS.scan}
            </QuietButton>
          </Row>
        </Row>
      </form>
      {scans && (
        <Suspense fallback={<p role="status">{STRINGS.openingTheCamera}</p>}>
          <Scanner onCode={(text) => void find(text)} />
        </Suspense>
      )}
    </Stack>
  );
};
