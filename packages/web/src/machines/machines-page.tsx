/** Machines the shop owns, and the test cuts that say what their settings are worth. */
import { useState } from 'react';
import styled from 'styled-components';
import { useMachines, useSession } from '../api/hooks';
import { ShelfNav } from '../rack/shelf-nav';
import { ActionButton, Notice, QuietButton, Row, Sheet, Soft, Stack } from '../theme/parts';
import { Waiting } from '../theme/waiting';
import { CalibrationSheet } from './calibration-sheet';
import { MachineForm } from './machine-form';

const Each = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(480px, 1fr));
  gap: 16px;
  align-items: start;
`;

const MachinesPage = () => {
  const { data: machines, error } = useMachines();
  const { data: session } = useSession();
  const [editing, setEditing] = useState<number | 'new' | null>(null);
  if (!machines) return <Waiting error={error} words="Looking at the machines…" />;
  const mayEdit = session?.staff?.role !== 'counter';
  return (
    <>
      <ShelfNav />
      <Stack $gap={16}>
        <Row $gap={18}>
          <h1>Machines</h1>
          {mayEdit && <ActionButton onPress={() => setEditing('new')}>Add a machine</ActionButton>}
        </Row>
        <Soft>
          A setting is not the angle that comes out. Grind a test cut, measure its bevel, and the
          plan says what to set.
        </Soft>
        {editing !== null && (
          <MachineForm
            key={editing}
            machine={machines.find(({ id }) => id === editing) ?? null}
            onClose={() => setEditing(null)}
          />
        )}
        {machines.length === 0 && <Notice>No machine: every angle is held by hand.</Notice>}
        <Each>
          {machines.map((machine) => (
            <Sheet key={machine.id} aria-label={machine.name}>
              <Stack>
                <Row>
                  <h2>{machine.name}</h2>
                  <Soft>
                    {machine.kind}
                    {machine.retired && ', retired'}
                  </Soft>
                  {mayEdit && (
                    <QuietButton
                      aria-label={`Correct ${machine.name}`}
                      onPress={() => setEditing(machine.id)}
                    >
                      Correct
                    </QuietButton>
                  )}
                </Row>
                <CalibrationSheet machine={machine} mayEdit={mayEdit} />
              </Stack>
            </Sheet>
          ))}
        </Each>
      </Stack>
    </>
  );
};

export default MachinesPage;
