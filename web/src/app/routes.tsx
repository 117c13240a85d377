import type { RouteObject } from 'react-router';
import { useRouteError } from 'react-router';
import { Bench } from '../places/bench/bench.tsx';
import { Shell } from './shell.tsx';

/** The questions of the Line lab, each loaded when it is asked. */
const labRoutes: RouteObject[] = [
  { index: true, lazy: async () => ({ Component: (await import('../places/lab/lab.tsx')).LabStart }) },
  {
    path: 'line',
    lazy: async () => ({ Component: (await import('../places/lab/line-page.tsx')).LinePage }),
  },
  {
    path: 'chain',
    lazy: async () => ({ Component: (await import('../places/lab/chain-page.tsx')).ChainPage }),
  },
  {
    path: 'budget',
    lazy: async () => ({ Component: (await import('../places/lab/budget-page.tsx')).BudgetPage }),
  },
  {
    path: 'power',
    lazy: async () => ({ Component: (await import('../places/lab/power-page.tsx')).PowerPage }),
  },
  {
    path: 'choke',
    lazy: async () => ({ Component: (await import('../places/lab/choke-page.tsx')).ChokePage }),
  },
  {
    path: 'set',
    lazy: async () => ({ Component: (await import('../places/lab/set-page.tsx')).SetPage }),
  },
  {
    path: 'audio',
    lazy: async () => ({ Component: (await import('../places/lab/audio-page.tsx')).AudioPage }),
  },
  {
    path: 'speaker',
    lazy: async () => ({ Component: (await import('../places/lab/speaker-page.tsx')).SpeakerPage }),
  },
  {
    path: 'bus',
    lazy: async () => ({ Component: (await import('../places/lab/bus-page.tsx')).BusPage }),
  },
  {
    path: 'ends',
    lazy: async () => ({ Component: (await import('../places/lab/ends-page.tsx')).EndsPage }),
  },
  {
    path: 'cables',
    lazy: async () => ({ Component: (await import('../places/lab/cables-page.tsx')).CablesPage }),
  },
  {
    path: 'cables/:cableId',
    lazy: async () => ({ Component: (await import('../places/lab/cable-page.tsx')).CablePage }),
  },
];

/** Every place has its address; all but the first are loaded when they are opened. */
export const routes: RouteObject[] = [
  {
    element: <Shell />,
    hydrateFallbackElement: <></>,
    errorElement: <Failed />,
    children: [
      { index: true, element: <Bench /> },
      {
        path: 'leads',
        lazy: async () => ({ Component: (await import('../places/leads/leads.tsx')).Leads }),
      },
      {
        path: 'leads/:leadId/:stage?',
        lazy: async () => ({ Component: (await import('../places/lead/lead-page.tsx')).LeadPage }),
      },
      {
        path: 'lab',
        lazy: async () => ({ Component: (await import('../places/lab/lab.tsx')).Lab }),
        children: labRoutes,
      },
      { path: 'log', lazy: async () => ({ Component: (await import('../places/log/log.tsx')).Log }) },
      {
        path: 'log/check',
        lazy: async () => ({ Component: (await import('../places/log/check-page.tsx')).CheckPage }),
      },
      {
        path: 'prove/:orderId',
        lazy: async () => ({ Component: (await import('../places/prove/order-page.tsx')).ProveOrderPage }),
      },
      {
        path: 'log/:unitId',
        lazy: async () => ({ Component: (await import('../places/log/unit-page.tsx')).UnitPage }),
      },
      {
        path: 'house',
        lazy: async () => ({ Component: (await import('../places/house/house-page.tsx')).HousePage }),
      },
      {
        path: 'build/batch/:orderId/:lineId',
        lazy: async () => ({ Component: (await import('../places/build/batch-page.tsx')).BatchPage }),
      },
      {
        path: 'build/first/:unitId',
        lazy: async () => ({
          Component: (await import('../places/build/first-article-page.tsx')).FirstArticlePage,
        }),
      },
      { path: '*', element: <NotFound /> },
    ],
  },
  {
    path: 'build/:unitId',
    hydrateFallbackElement: <></>,
    errorElement: <Failed />,
    lazy: async () => ({ Component: (await import('../places/build/build-page.tsx')).BuildPage }),
  },
  {
    path: 'print/traveller/:unitId',
    hydrateFallbackElement: <></>,
    errorElement: <Failed />,
    lazy: async () => ({ Component: (await import('../places/print/traveller-page.tsx')).TravellerPage }),
  },
  {
    path: 'print/label/:unitId',
    hydrateFallbackElement: <></>,
    errorElement: <Failed />,
    lazy: async () => ({ Component: (await import('../places/print/label-page.tsx')).LabelPage }),
  },
  {
    path: 'print/certificate/:unitId',
    hydrateFallbackElement: <></>,
    errorElement: <Failed />,
    lazy: async () => ({
      Component: (await import('../places/print/certificate-page.tsx')).CertificatePage,
    }),
  },
];

function NotFound() {
  return (
    <main className="place">
      <h1>There is nothing at this address</h1>
      <p>
        Take up the work at the <a href="/">Bench</a>.
      </p>
    </main>
  );
}

/** A defect of the program: what it was, and that nothing is lost. */
function Failed() {
  const error = useRouteError();
  return (
    <main className="place">
      <h1>This page could not be shown</h1>
      <p>{error instanceof Error ? error.message : String(error)}</p>
      <p>
        Everything saved is still there. Load the page again or go to the <a href="/">Bench</a>.
      </p>
    </main>
  );
}
