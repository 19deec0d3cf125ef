/** Machines the shop owns, and the test cuts that say what their settings are worth. */
import { named } from '@patient-edge/core';
import { useState } from 'react';
import styled from 'styled-components';
import { useMachines } from '../api/hooks';
import { useMay } from '../api/may';
import { ShelfNav } from '../rack/shelf-nav';
import { ActionButton, QuietButton } from '../theme/buttons';
import { Row, Panel, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { Waiting } from '../theme/waiting';
import { CalibrationSheet } from './calibration-sheet';
import { MachineForm } from './machine-form';
import { PageHeading } from '../theme/page-heading';
import { useAdding } from '../theme/use-adding';
import { STRINGS } from './strings';

const Each = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(480px, 100%), 1fr));
  gap: 16px;
  align-items: start;
`;

const MachinesPage = () => {
  const { data: machines, error } = useMachines();
  const [isAdding, setAdding] = useAdding();
  const [editedId, setEditedId] = useState<number | null>(null);
  const editing = isAdding ? 'new' : editedId;
  const edit = (id: number | null): void => {
    setEditedId(id);
    if (isAdding) setAdding(false);
  };
  const mayEdit = useMay('change machines');
  if (!machines) return <Waiting error={error} text={STRINGS.loadingMachines} />;
  return (
    <>
      <ShelfNav />
      <Stack $gap={16}>
        <Row $gap={18}>
          <PageHeading title={STRINGS.machines} />
          {mayEdit && (
            <ActionButton onPress={() => setAdding(true)}>{STRINGS.addAMachine}</ActionButton>
          )}
        </Row>
        <MutedText>{STRINGS.aSettingIsNotTheAngle}</MutedText>
        {editing !== null && (
          <MachineForm
            key={editing}
            machine={machines.find(({ id }) => id === editing) ?? null}
            onClose={() => edit(null)}
          />
        )}
        {machines.length === 0 && <Notice>{STRINGS.noMachineEveryAngleIsHeld}</Notice>}
        <Each>
          {machines.map((machine) => (
            <Panel key={machine.id} aria-label={machine.name}>
              <Stack>
                <Row>
                  <h2>{machine.name}</h2>
                  <MutedText>
                    {named(machine.kind)}
                    {machine.retired && STRINGS.retired}
                  </MutedText>
                  {mayEdit && (
                    <QuietButton
                      aria-label={STRINGS.edit(machine.name)}
                      onPress={() => edit(machine.id)}
                    >
                      {STRINGS.editAlone}
                    </QuietButton>
                  )}
                </Row>
                <CalibrationSheet machine={machine} mayEdit={mayEdit} />
              </Stack>
            </Panel>
          ))}
        </Each>
      </Stack>
    </>
  );
};

export default MachinesPage;
