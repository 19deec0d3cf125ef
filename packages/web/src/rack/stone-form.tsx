/** Adding or correcting a stone. */
import type { Stone } from '@patient-edge/contract';
import { abrasiveKind, type AbrasiveKindId } from '@patient-edge/core';
import { useSession } from '../api/session';
import { ActionButton, QuietButton } from '../theme/buttons';
import { Fold } from '../theme/fold';
import { MutedText, Panel, Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { HowItIsUsed, WhatItIs } from './stone-fields';
import { useStoneForm } from './use-stone-form';
import { STRINGS } from './strings';

/** Fields in sight from the start. */
const SHORT: readonly string[] = ['name', 'kind', 'gritScale', 'gritNumber', 'um'];

interface StoneFormProps {
  readonly stone: Stone | null;
  readonly rack: readonly Stone[];
  readonly onClose: () => void;
}

export const StoneForm = ({ stone, rack, onClose }: StoneFormProps) => {
  const state = useStoneForm(stone, onClose);
  const { form, busy, problem, send, close } = state;
  const { data: session } = useSession();
  const theRest = (
    <HowItIsUsed state={state} stone={stone} rack={rack} currency={session?.currency ?? ''} />
  );
  const isRefused = Object.keys(form.formState.errors).some((field) => !SHORT.includes(field));
  return (
    <Panel aria-label={stone ? STRINGS.edit(stone.name) : STRINGS.addAnAbrasive}>
      <form onSubmit={(event) => void form.handleSubmit(send)(event)} noValidate>
        <Stack $gap={18}>
          <h2>{stone ? STRINGS.edit(stone.name) : STRINGS.addAnAbrasive}</h2>
          <WhatItIs state={state} />
          <MutedText>{abrasiveKind(state.values.kind as AbrasiveKindId).reason}</MutedText>
          {/* What is usual of its kind can wait; what was refused in there must be seen. */}
          {stone || isRefused ? (
            theRest
          ) : (
            <Fold title={STRINGS.everythingElse} says={STRINGS.usualForItsKindItCan}>
              {theRest}
            </Fold>
          )}
          {problem !== null && (
            <Notice tone="cut" alert>
              {problem}
            </Notice>
          )}
          <Row>
            <ActionButton type="submit" isDisabled={busy}>
              {stone ? STRINGS.save : STRINGS.addToRack}
            </ActionButton>
            <QuietButton onPress={close}>{STRINGS.cancel}</QuietButton>
          </Row>
        </Stack>
      </form>
    </Panel>
  );
};
