/** Settings: one's own account, and for the owner the people of the shop. */
import { useSession } from '../api/session';
import { MutedText, Stack } from '../theme/layout';
import { AccountSheet } from './account-sheet';
import { BenchSheet } from './bench-sheet';
import { OwnFaultsSheet } from './own-faults';
import { AddPersonSheet, PeopleSheet } from './people-sheet';
import { ShopSheet } from './shop-sheet';
import { TestsSheet } from './tests-sheet';
import { PageHeading } from '../theme/page-heading';

const SettingsPage = () => {
  const { data: session } = useSession();
  const staff = session?.staff;
  if (!staff) return null;
  return (
    <Stack $gap={16}>
      <PageHeading title="Settings" />
      <AccountSheet staff={staff} />
      {staff.role === 'owner' && <ShopSheet />}
      {staff.role !== 'counter' && (
        <>
          <BenchSheet />
          <TestsSheet />
          <OwnFaultsSheet />
        </>
      )}
      {staff.role === 'owner' && (
        <>
          <PeopleSheet me={staff.id} />
          <AddPersonSheet />
        </>
      )}
      <MutedText>
        Patient Edge is free software under the MIT licence. <a href="/licences.txt">Licences</a> of
        what ships with it.
      </MutedText>
    </Stack>
  );
};

export default SettingsPage;
