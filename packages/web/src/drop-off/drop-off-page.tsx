/** Taking blades in at the counter, one or a crateful: customer once, then a line for each blade. */
import type { BladeRecord } from '@patient-edge/contract';
import { useSearchParams } from 'react-router';
import styled from 'styled-components';
import { useBlade } from '../api/hooks';
import { ActionButton, QuietButton } from '../theme/buttons';
import { Checkbox } from '../theme/checkbox';
import { parseNumber } from '../theme/format';
import { MutedText, Panel, Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { PageHeading } from '../theme/page-heading';
import { Waiting } from '../theme/waiting';
import { BladeList } from './blade-list';
import { CustomerSheet } from './customer-sheet';
import { hangsOn } from './draft';
import { NextBlade } from './next-blade';
import { FindBlade, SeenBefore } from './seen-before';
import { TakenIn } from './taken-in';
import { useDropOff, type DropOffState } from './use-drop-off';

/** As it was sent, until it is answered. */
const Held = styled.div`
  display: grid;
  gap: 14px;
  &[inert] {
    opacity: 0.55;
  }
`;

/** The record of a blade may send its reader here with that blade in hand. */
const DropOffPage = () => {
  const [search] = useSearchParams();
  const bladeId = search.get('blade');
  const { data: record, error } = useBlade(bladeId);
  if (bladeId !== null && !record) return <Waiting error={error} text="Loading blade…" />;
  const tag = record ? hangsOn(record) : null;
  return (
    <DropOff
      key={bladeId}
      inHand={tag === null ? (record ?? null) : null}
      hint={tag === null ? null : `That blade is in the shop already, on tag ${tag}.`}
    />
  );
};

interface DropOffProps {
  readonly inHand: BladeRecord | null;
  /** What speaks against the blade one came here with. */
  readonly hint: string | null;
}

const DropOff = ({ inHand, hint }: DropOffProps) => {
  const dropOff = useDropOff(inHand, hint);
  const { done, wasKept, isWaiting, isHeld, problem, blades, rowProblems } = dropOff;
  if (done) return <TakenIn {...done} onNext={dropOff.onNext} />;
  return (
    <Stack $gap={14}>
      <Row>
        <PageHeading title="Take in" />
        {wasKept && (
          <Row $gap={8}>
            <MutedText>Continuing the draft saved on this device.</MutedText>
            <QuietButton onPress={dropOff.discard}>Discard the draft</QuietButton>
          </Row>
        )}
      </Row>
      {isWaiting && (
        <Notice tone="cut">
          These blades were sent, and no answer has come yet. They can be changed once it is here.
        </Notice>
      )}
      <Held inert={isHeld}>
        <CustomerSheet
          form={dropOff.customerForm}
          values={dropOff.customerValues}
          known={dropOff.known}
          finder={<FindBlade onChoose={dropOff.chooseFound} />}
        />
        {!isWaiting && <InHand dropOff={dropOff} />}
        {blades.length > 0 && (
          <Panel aria-label="To take in">
            <BladeList
              blades={blades}
              problems={rowProblems}
              onEdit={dropOff.edit}
              onRemove={dropOff.remove}
            />
          </Panel>
        )}
      </Held>
      {problem !== null && (
        <Notice tone="cut" alert>
          {problem}
        </Notice>
      )}
      <Send dropOff={dropOff} />
      <MutedText>
        Local law and the shop’s own rules come first: refuse what is not lawful to hold, and ask
        the customer’s age where it matters.
      </MutedText>
    </Stack>
  );
};

/** The blade that is being written down, and those of its customer it may be. */
const InHand = ({ dropOff }: { dropOff: DropOffState }) => {
  const { blades, customerValues, known, nextValues } = dropOff;
  return (
    <Panel aria-label="Blade in hand">
      <Stack $gap={10}>
        <h2>{blades.length === 0 ? 'The blade' : `Blade ${blades.length + 1}`}</h2>
        {!customerValues.customerIsNew && known && known.blades.length > 0 && (
          <SeenBefore
            known={known.blades.filter(
              ({ id }) => !blades.some(({ bladeId }) => bladeId === String(id)),
            )}
            seen={{
              kindId: nextValues.kindId,
              edgeLengthMm: parseNumber(nextValues.edgeLengthMm),
              heightHeelMm: parseNumber(nextValues.heightHeelMm),
            }}
            onChoose={(id) => void dropOff.choose(id)}
          />
        )}
        <NextBlade
          form={dropOff.next}
          kindId={nextValues.kindId}
          brought={dropOff.brought}
          onAdd={() => void dropOff.add()}
        />
      </Stack>
    </Panel>
  );
};

const Send = ({ dropOff }: { dropOff: DropOffState }) => {
  const count = dropOff.blades.length;
  return (
    <Row $gap={20}>
      <ActionButton onPress={() => void dropOff.takeIn()} isDisabled={dropOff.busy}>
        {dropOff.isWaiting
          ? 'Send again'
          : count === 0
            ? `Take in on tag ${dropOff.nextValues.tagNumber || '…'}`
            : `Take in ${count === 1 ? 'this blade' : `these ${count} blades`}`}
      </ActionButton>
      <Checkbox value={dropOff.prints} onChange={dropOff.setPrints}>
        Print tags and tickets
      </Checkbox>
    </Row>
  );
};

export default DropOffPage;
