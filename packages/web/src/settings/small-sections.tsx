/** Sections that are one sheet: made of what stands beside this file. */
import { useSession } from '../api/session';
import { useAppearance } from '../theme/appearance';
import { MutedText, Panel, Stack } from '../theme/layout';
import { QuietLink } from '../theme/links';
import { PageHeading } from '../theme/page-heading';
import { SegmentedControl } from '../theme/segmented-control';
import { useMay } from '../api/may';
import { AccountSheet } from './account-sheet';
import { BenchSheet } from './bench-sheet';
import { OwnFaultsSheet } from './own-faults';
import { TestsSheet } from './tests-sheet';

export const AccountSection = () => {
  const { data: session } = useSession();
  return session?.staff ? <AccountSheet staff={session.staff} /> : null;
};

export const BenchSection = () => <BenchSheet />;

export const TestsSection = () => (
  <Stack $gap={16}>
    <TestsSheet />
    <OwnFaultsSheet />
  </Stack>
);

const APPEARANCES = [
  { id: 'light', label: 'Light, for the counter' },
  { id: 'dark', label: 'Dark, for the bench' },
] as const;

export const AppearanceSection = () => {
  const [appearance, setAppearance] = useAppearance();
  return (
    <Panel aria-label="Appearance">
      <Stack>
        <PageHeading title="Appearance" />
        <SegmentedControl
          label="On this device"
          options={APPEARANCES}
          value={appearance}
          onChange={setAppearance}
        />
      </Stack>
    </Panel>
  );
};

const EXPORTS = [
  { file: 'customers.csv', text: 'Customers' },
  { file: 'jobs.csv', text: 'Jobs' },
  { file: 'history.csv', text: 'History' },
  { file: 'stones.csv', text: 'Stones' },
] as const;

export const BackupSection = () => {
  const mayExport = useMay('export records');
  return (
    <Panel aria-label="Backup and export">
      <Stack>
        <PageHeading title="Backup and export" />
        <p>
          On the machine the shop runs on, <code>./patient-edge backup</code> writes everything into
          one file; <code>./patient-edge restore</code> brings it back. Keep a copy on another
          machine, and try a restore once before you need one.
        </p>
        <h2>Export</h2>
        {mayExport ? (
          <>
            <MutedText>As CSV, with a heading that names each unit.</MutedText>
            <ul>
              {EXPORTS.map(({ file, text }) => (
                <li key={file}>
                  <a href={`/api/${file}`}>{text} (CSV)</a>
                </li>
              ))}
            </ul>
          </>
        ) : (
          <MutedText>The owner and the counter can export the records.</MutedText>
        )}
        <div>
          <QuietLink to="/history">Who did what, when</QuietLink>
        </div>
      </Stack>
    </Panel>
  );
};
