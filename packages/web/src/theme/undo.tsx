/** Undo instead of "are you sure": what was just done stands at the foot of the page with a way back. */
import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { messageOf } from '../api/client';
import { QuietButton } from './buttons';
import { STRINGS } from './strings';

interface Done {
  readonly text: string;
  readonly undo: () => Promise<unknown>;
}

type Offer = (text: string, undo: () => Promise<unknown>) => void;

const OfferContext = createContext<Offer>(() => undefined);

/** Says what was done and how it is taken back. */
export const useUndo = (): Offer => useContext(OfferContext);

const Foot = styled.div`
  position: fixed;
  left: 50%;
  bottom: 18px;
  transform: translateX(-50%);
  z-index: 30;
  display: flex;
  gap: 16px;
  align-items: center;
  padding: 10px 12px 10px 20px;
  background: var(--ink);
  color: var(--page);
  max-width: min(720px, 94vw);
  /* At the bench the foot of the page is Done. */
  :root[data-full-screen] & {
    bottom: auto;
    top: 8px;
  }
  & button {
    background: var(--page);
    color: var(--ink);
    border-color: var(--page);
  }
`;

export const UndoProvider = ({ children }: { children: ReactNode }) => {
  const [done, setDone] = useState<Done | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  const offer = useCallback<Offer>((text, undo) => {
    setSaid(null);
    setDone({ text, undo });
  }, []);
  const undo = async (): Promise<void> => {
    if (!done) return;
    setDone(null);
    try {
      await done.undo();
      setSaid(STRINGS.undone);
    } catch (error) {
      setSaid(messageOf(error));
    }
  };
  const context = useMemo(() => offer, [offer]);
  const text = done?.text ?? said;
  return (
    <OfferContext.Provider value={context}>
      {children}
      <div role="status" className="no-print">
        {text !== null && (
          <Foot>
            <span>{text}</span>
            {done && <QuietButton onPress={() => void undo()}>{STRINGS.undo}</QuietButton>}
            <QuietButton
              aria-label={STRINGS.dismiss}
              onPress={() => {
                setDone(null);
                setSaid(null);
              }}
            >
              ×
            </QuietButton>
          </Foot>
        )}
      </div>
    </OfferContext.Provider>
  );
};
