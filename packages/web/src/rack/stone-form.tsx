/** Adding or correcting a stone. */
import type { Stone } from '@patient-edge/contract';
import { abrasiveKind, type AbrasiveKindId } from '@patient-edge/core';
import { useSession } from '../api/session';
import { ActionButton, QuietButton } from '../theme/buttons';
import { MutedText, Panel, Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { HowItIsUsed, WhatItIs } from './stone-fields';
import { useStoneForm } from './use-stone-form';

interface StoneFormProps {
  readonly stone: Stone | null;
  readonly rack: readonly Stone[];
  readonly onClose: () => void;
}

export const StoneForm = ({ stone, rack, onClose }: StoneFormProps) => {
  const state = useStoneForm(stone, onClose);
  const { form, busy, problem, send } = state;
  const { data: session } = useSession();
  return (
    <Panel aria-label={stone ? `Edit ${stone.name}` : 'Add an abrasive'}>
      <form onSubmit={(event) => void form.handleSubmit(send)(event)} noValidate>
        <Stack $gap={18}>
          <h2>{stone ? `Edit ${stone.name}` : 'Add an abrasive'}</h2>
          <WhatItIs state={state} />
          <MutedText>{abrasiveKind(state.values.kind as AbrasiveKindId).reason}</MutedText>
          <HowItIsUsed state={state} stone={stone} rack={rack} currency={session?.currency ?? ''} />
          {problem !== null && (
            <Notice tone="cut" alert>
              {problem}
            </Notice>
          )}
          <Row>
            <ActionButton type="submit" isDisabled={busy}>
              {stone ? 'Save' : 'Add to rack'}
            </ActionButton>
            <QuietButton onPress={onClose}>Cancel</QuietButton>
          </Row>
        </Stack>
      </form>
    </Panel>
  );
};
