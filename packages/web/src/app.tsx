/** The doors: set-up first, then signing in, then the shop. */
import { Suspense } from 'react';
import { lazyPart } from './theme/lazy-part';
import { SWRConfig } from 'swr';
import { SWR_SETTINGS, useSession } from './api/session';
import { Skeleton } from './theme/skeleton';
import { Waiting } from './theme/waiting';
import { noteKnownDevice, Pages, warmUp } from './warm-up';
import { setFormats } from './theme/formats';
import { useAppearance } from './theme/appearance';
import { STRINGS } from './strings';

/** The door loads little: what is behind it comes once somebody is in. */
const SignInPage = lazyPart(async () => ({
  default: (await import('./sign-in/sign-in-page')).SignInPage,
}));
const SetUpPage = lazyPart(async () => ({
  default: (await import('./sign-in/sign-in-page')).SetUpPage,
}));
/** A customer's page has no sign-in: whoever has its address sees it, and nothing else. */
const CustomersVisitPage = lazyPart(async () => ({
  default: (await import('./visit/visit-page')).CustomersVisitPage,
}));
const VISIT = /^\/v\/([^/]+)\/?$/;

const visitToken = VISIT.exec(window.location.pathname)?.[1];

export const App = () => (
  <SWRConfig value={SWR_SETTINGS}>
    <Suspense fallback={<Skeleton text={STRINGS.openingTheShop} />}>
      {visitToken === undefined ? <Doors /> : <CustomersVisitPage token={visitToken} />}
    </Suspense>
  </SWRConfig>
);

const Doors = () => {
  const [appearance, setAppearance] = useAppearance();
  const { data: session, error } = useSession();
  if (!session) {
    return (
      <main>
        {error ? <Waiting error={error} text="" /> : <Skeleton text={STRINGS.openingTheShop} />}
      </main>
    );
  }
  noteKnownDevice(session.staff !== null);
  if (session.needsSetUp) return <SetUpPage />;
  if (!session.staff) return <SignInPage session={session} />;
  warmUp();
  setFormats(session.formats);
  // What is drawn already said it the old way.
  return (
    <Pages
      key={JSON.stringify(session.formats)}
      session={session}
      appearance={appearance}
      onAppearance={setAppearance}
    />
  );
};
