/** Behind the door: the frame, and a page for every address. */
import type { SessionInfo } from '@patient-edge/contract';
import { Suspense } from 'react';
import { lazyPart } from './theme/lazy-part';
import { BrowserRouter, Navigate, Route, Routes } from 'react-router';
import type { Appearance } from './theme/appearance';
import { Frame } from './theme/frame';
import { PageBoundary } from './theme/page-boundary';
import { Skeleton } from './theme/skeleton';
import { shopPage } from './shop/load-shop';
import { OnlyFor } from './theme/only-for';
import { NothingHere } from './theme/waiting';
import { STRINGS } from './strings';

const DropOffPage = lazyPart(() => import('./drop-off/drop-off-page'));
const IntakePage = lazyPart(() => import('./intake/intake-page'));
const JudgePage = lazyPart(() => import('./judge/judge-page'));
const PhotographPage = lazyPart(() => import('./photographs/photograph-page'));
const PricesPage = lazyPart(() => import('./prices/prices-page'));
const LabelsPage = lazyPart(() => import('./labels/labels-page'));
const JobPage = lazyPart(() => import('./jobs/job-page'));
const PlanPage = lazyPart(() => import('./plan/plan-page'));
const BenchPage = lazyPart(() => import('./bench/bench-page'));
const TrayPage = lazyPart(() => import('./bench/tray-page'));
const EdgeTestPage = lazyPart(() => import('./edge-tests/edge-test-page'));
const HandOverPage = lazyPart(() => import('./hand-over/hand-over-page'));
const BladePage = lazyPart(() => import('./blades/blade-page'));
const CustomersPage = lazyPart(() => import('./customers/customers-page'));
const CustomerPage = lazyPart(() => import('./customers/customer-page'));
const RackPage = lazyPart(() => import('./rack/rack-page'));
const StonePage = lazyPart(() => import('./rack/stone-page'));
const ProgressionPage = lazyPart(() => import('./progression/progression-page'));
const SteelsPage = lazyPart(() => import('./steels/steels-page'));
const MachinesPage = lazyPart(() => import('./machines/machines-page'));
const HabitsPage = lazyPart(() => import('./rack/habits-page'));
const ComparePage = lazyPart(() => import('./compare/compare-page'));
const PressurePage = lazyPart(() => import('./pressure/pressure-page'));
const TouchUpPage = lazyPart(() => import('./touch-up/touch-up-page'));
const CalculatorPage = lazyPart(() => import('./calculator/calculator-page'));
const ReadyPage = lazyPart(() => import('./collect/ready-page'));
const TakingsPage = lazyPart(() => import('./money/takings-page'));
const MessagesPage = lazyPart(() => import('./messages/messages-page'));
const ComplaintPage = lazyPart(() => import('./complaints/complaint-page'));
const HistoryPage = lazyPart(() => import('./history/history-page'));
const StoneFiguresPage = lazyPart(() => import('./rack/stone-figures-page'));
const DayPage = lazyPart(() => import('./day/day-page'));
const TrialsPage = lazyPart(() => import('./trials/trials-page'));
const FiguresPage = lazyPart(() => import('./figures/figures-page'));
const RatesPage = lazyPart(() => import('./record/rates-page'));
const LivesPage = lazyPart(() => import('./record/lives-page'));
const ForecastsPage = lazyPart(() => import('./record/forecasts-page'));
const HelpPage = lazyPart(() => import('./help/help-page'));
const SettingsPage = lazyPart(() => import('./settings/settings-page'));
const ShopSection = lazyPart(() => import('./settings/shop-sheet'));
const PlacesSection = lazyPart(() => import('./settings/places-sheet'));
const MessagesSection = lazyPart(() => import('./settings/message-templates'));
const UnitsSection = lazyPart(() => import('./settings/units-sheet'));
const PeopleSection = lazyPart(() => import('./settings/people-sheet'));
const RolesSection = lazyPart(() => import('./settings/roles-sheet'));
const InstrumentsSection = lazyPart(() => import('./settings/instruments-sheet'));
const AccountSection = lazyPart(async () => ({
  default: (await import('./settings/small-sections')).AccountSection,
}));
const AppearanceSection = lazyPart(async () => ({
  default: (await import('./settings/small-sections')).AppearanceSection,
}));
const BenchSection = lazyPart(async () => ({
  default: (await import('./settings/small-sections')).BenchSection,
}));
const TestsSection = lazyPart(async () => ({
  default: (await import('./settings/small-sections')).TestsSection,
}));
const BackupSection = lazyPart(async () => ({
  default: (await import('./settings/small-sections')).BackupSection,
}));

export interface PagesProps {
  readonly session: SessionInfo;
  readonly appearance: Appearance;
  readonly onAppearance: (next: Appearance) => void;
}

const Pages = ({ session, appearance, onAppearance }: PagesProps) => (
  <BrowserRouter>
    <Frame session={session} appearance={appearance} onAppearance={onAppearance}>
      <PageBoundary>
        <Suspense fallback={<Skeleton text={STRINGS.opening} />}>
          <Routes>
            <Route index element={<shopPage.Part />} />
            <Route path="take-in" element={<DropOffPage />} />
            <Route path="jobs/:jobId" element={<JobPage />}>
              <Route path="intake" element={<IntakePage />} />
              <Route path="photographs/:photographId" element={<PhotographPage />} />
              <Route path="judge" element={<JudgePage />} />
              <Route path="touch-up" element={<TouchUpPage />} />
              <Route path="plan" element={<PlanPage />} />
              <Route path="compare" element={<ComparePage />} />
              <Route
                path="bench"
                element={
                  <OnlyFor action="work step" title={STRINGS.bench}>
                    <BenchPage />
                  </OnlyFor>
                }
              />
              <Route path="test" element={<EdgeTestPage />} />
              <Route path="return" element={<HandOverPage />} />
              <Route path="complaint" element={<ComplaintPage />} />
            </Route>
            <Route path="blades/:bladeId" element={<BladePage />} />
            <Route path="customers" element={<CustomersPage />} />
            <Route path="customers/:customerId" element={<CustomerPage />} />
            <Route path="rack" element={<RackPage />} />
            <Route path="rack/stones/:stoneId" element={<StonePage />} />
            <Route path="rack/wear" element={<StoneFiguresPage />} />
            <Route path="rack/progression" element={<ProgressionPage />} />
            <Route path="rack/steels" element={<SteelsPage />} />
            <Route path="rack/machines" element={<MachinesPage />} />
            <Route path="rack/pressure" element={<PressurePage />} />
            <Route path="calculator" element={<CalculatorPage />} />
            <Route path="calculator/:questionId" element={<CalculatorPage />} />
            <Route
              path="tray"
              element={
                <OnlyFor action="work step" title={STRINGS.bench}>
                  <TrayPage />
                </OnlyFor>
              }
            />
            <Route path="day" element={<DayPage />} />
            <Route path="ready" element={<ReadyPage />} />
            <Route
              path="takings"
              element={
                <OnlyFor action="see money" title={STRINGS.takings}>
                  <TakingsPage />
                </OnlyFor>
              }
            />
            <Route
              path="figures"
              element={
                <OnlyFor action="see money" title={STRINGS.figures}>
                  <FiguresPage />
                </OnlyFor>
              }
            />
            <Route path="messages" element={<MessagesPage />} />
            <Route path="history" element={<HistoryPage />} />
            <Route path="rates" element={<RatesPage />} />
            <Route path="lives" element={<LivesPage />} />
            <Route path="trials" element={<TrialsPage />} />
            <Route path="forecasts" element={<ForecastsPage />} />
            <Route path="help" element={<HelpPage />} />
            <Route path="help/:areaId" element={<HelpPage />} />
            <Route path="settings" element={<SettingsPage />}>
              <Route path="shop" element={<ShopSection />} />
              <Route path="places" element={<PlacesSection />} />
              <Route path="prices" element={<PricesPage />} />
              <Route path="messages" element={<MessagesSection />} />
              <Route path="units" element={<UnitsSection />} />
              <Route path="people" element={<PeopleSection />} />
              <Route path="roles" element={<RolesSection />} />
              <Route path="habits" element={<HabitsPage />} />
              <Route path="tests" element={<TestsSection />} />
              <Route path="instruments" element={<InstrumentsSection />} />
              <Route path="account" element={<AccountSection />} />
              <Route path="appearance" element={<AppearanceSection />} />
              <Route path="bench" element={<BenchSection />} />
              <Route path="labels" element={<LabelsPage />} />
              <Route path="backup" element={<BackupSection />} />
              <Route path="*" element={<NothingHere />} />
            </Route>
            <Route path="prices" element={<Navigate to="/settings/prices" replace />} />
            <Route path="labels" element={<Navigate to="/settings/labels" replace />} />
            <Route path="rack/habits" element={<Navigate to="/settings/habits" replace />} />
            <Route path="owners" element={<Navigate to="/customers" replace />} />
            <Route path="people" element={<Navigate to="/settings/people" replace />} />
            <Route path="*" element={<NothingHere />} />
          </Routes>
        </Suspense>
      </PageBoundary>
    </Frame>
  </BrowserRouter>
);

export default Pages;
