/** The keys of this page, and the way to its help. */
import { Dialog } from 'react-aria-components/Dialog';
import { Modal, ModalOverlay } from 'react-aria-components/Modal';
import { useLocation } from 'react-router';
import styled from 'styled-components';
import { BENCH_KEYS, BURR_KEYS } from '../bench/use-bench-keys';
import { QuietButton } from '../theme/buttons';
import { Row, Stack } from '../theme/layout';
import { QuietLink } from '../theme/links';
import { areaAt } from './areas';
import { STRINGS } from './strings';

const Overlay = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  z-index: 60;
  background: rgb(8 20 26 / 45%);
  display: grid;
  place-items: center;
  padding: 12px;
`;
const Box = styled(Modal)`
  width: min(620px, 100%);
  max-height: 90vh;
  overflow: auto;
  background: var(--sheet);
  border: 1px solid var(--steel-deep);
  padding: 20px 24px;
  & > section {
    outline: none;
  }
`;
const Keys = styled.dl`
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 8px 16px;
  margin: 0;
  & dt {
    font: 600 15px/1.2 var(--figures);
    border: 1px solid var(--line);
    border-radius: 3px;
    padding: 4px 8px;
    justify-self: start;
  }
  & dd {
    margin: 0;
  }
`;

type Key = readonly [shown: string, does: string];

const EVERYWHERE: readonly Key[] = [
  ['/', STRINGS.findAnything],
  ['?', STRINGS.theseKeys],
  [STRINGS.tab, STRINGS.nextControl],
  [STRINGS.enter, STRINGS.pressItOrSaveTheForm],
  [STRINGS.esc, STRINGS.closeWhatIsOpen],
];
const BY_PAGE: readonly { readonly at: RegExp; readonly keys: readonly Key[] }[] = [
  { at: /^\/take-in/, keys: [[STRINGS.enter, STRINGS.addTheBladeToTheList]] },
  {
    at: /\/bench$/,
    keys: [
      ...BENCH_KEYS.map(([, shown, does]): Key => [shown, does]),
      ...BURR_KEYS.map(([shown, does]): Key => [shown, does]),
    ],
  },
  { at: /^\/day/, keys: [['+ −', STRINGS.nearerAndWider]] },
  { at: /^\/ready/, keys: [[STRINGS.zero9Enter, STRINGS.theTagInTheCustomersHand]] },
];

export const KeySheet = ({ onClose }: { onClose: () => void }) => {
  const { pathname } = useLocation();
  const ofPage = BY_PAGE.find(({ at }) => at.test(pathname))?.keys ?? [];
  const area = areaAt(pathname);
  return (
    <Overlay isOpen isDismissable onOpenChange={(isOpen) => !isOpen && onClose()}>
      <Box>
        <Dialog aria-label={STRINGS.keysOfThisPage}>
          <Stack>
            <h2>{STRINGS.keysOfThisPage}</h2>
            <Keys>
              {[...ofPage, ...EVERYWHERE].map(([shown, does]) => (
                <Pair key={shown + does} shown={shown} does={does} />
              ))}
            </Keys>
            <Row>
              <QuietLink to={`/help/${area.id}`} onClick={onClose}>
                {STRINGS.help(area.title)}
              </QuietLink>
              <QuietButton onPress={onClose}>{STRINGS.close}</QuietButton>
            </Row>
          </Stack>
        </Dialog>
      </Box>
    </Overlay>
  );
};

const Pair = ({ shown, does }: { shown: string; does: string }) => (
  <>
    <dt>{shown}</dt>
    <dd>{does}</dd>
  </>
);
