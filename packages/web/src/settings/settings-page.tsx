/** Settings: one's own account, and for the owner the people of the shop. */
import { useSession } from '../api/hooks';
import { Soft, Stack } from '../theme/parts';
import { AccountSheet } from './account-sheet';
import { AddPersonSheet, PeopleSheet } from './people-sheet';

const SettingsPage = () => {
  const { data: session } = useSession();
  const staff = session?.staff;
  if (!staff) return null;
  return (
    <Stack $gap={16}>
      <h1>Settings</h1>
      <AccountSheet staff={staff} />
      {staff.role === 'owner' && (
        <>
          <PeopleSheet me={staff.id} />
          <AddPersonSheet />
        </>
      )}
      <Soft>
        Patient Edge is free software under the MIT licence. <a href="/licences.txt">Licences</a> of
        what ships with it.
      </Soft>
    </Stack>
  );
};

export default SettingsPage;
