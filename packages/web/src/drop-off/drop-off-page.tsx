/** Taking blades in at the counter, one or a crateful: customer once, then a line for each blade. */
import type { BladeRecord } from '@patient-edge/contract';
import { useSearchParams } from 'react-router';
import styled from 'styled-components';
import { useBlade } from '../api/hooks';
import { WhenReady } from '../intake/when-ready';
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
import { promiseIn } from './promise-in';
import { STRINGS } from './strings';

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
  if (bladeId !== null && !record) return <Waiting error={error} text={STRINGS.loadingBlade} />;
  const tag = record ? hangsOn(record) : null;
  return (
    <DropOff
      key={bladeId}
      inHand={tag === null ? (record ?? null) : null}
      hint={tag === null ? null : STRINGS.thatBladeIsInTheShop(tag)}
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
        <PageHeading title={STRINGS.takeIn} />
        {wasKept && (
          <Row $gap={8}>
            <MutedText>{STRINGS.continuingTheDraftSavedOnThis}</MutedText>
            <QuietButton onPress={dropOff.discard}>{STRINGS.discardTheDraft}</QuietButton>
          </Row>
        )}
      </Row>
      {isWaiting && <Notice tone="cut">{STRINGS.theseBladesWereSentAndNo}</Notice>}
      <Held inert={isHeld}>
        <CustomerSheet
          form={dropOff.customerForm}
          values={dropOff.customerValues}
          known={dropOff.known}
          finder={<FindBlade onChoose={dropOff.chooseFound} />}
        />
        {!isWaiting && <InHand dropOff={dropOff} />}
        {blades.length > 0 && (
          <Panel aria-label={STRINGS.toTakeIn}>
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
      <MutedText>{STRINGS.localLawAndTheShopsOwn}</MutedText>
    </Stack>
  );
};

/** The blade that is being written down, and those of its customer it may be. */
const InHand = ({ dropOff }: { dropOff: DropOffState }) => {
  const { blades, customerValues, known, nextValues } = dropOff;
  return (
    <Panel aria-label={STRINGS.bladeInHand}>
      <Stack $gap={10}>
        {/* As high before the days are known as after: nothing moves under a finger. */}
        <Row $gap={24} $align="baseline" style={{ minHeight: 36 }}>
          <h2>{blades.length === 0 ? STRINGS.theBlade : STRINGS.blade(blades.length + 1)}</h2>
          <WhenReady
            kindId={nextValues.kindId}
            promisedOn={nextValues.promisedOn}
            onChoose={(next) => promiseIn(dropOff.next, next)}
          />
        </Row>
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
          ? STRINGS.sendAgain
          : count === 0
            ? STRINGS.takeInOnTag(dropOff.nextValues.tagNumber || '…')
            : STRINGS.takeInBlades(count === 1 ? STRINGS.thisBlade : STRINGS.theseBlades(count))}
      </ActionButton>
      <Checkbox value={dropOff.prints} onChange={dropOff.setPrints}>
        {STRINGS.printTagsAndTickets}
      </Checkbox>
    </Row>
  );
};

export default DropOffPage;
