import type { ComponentType } from 'react';
import { Bench } from '../places/bench/bench.tsx';

/** One page of the application: what routes, place bar and finder know of it. Adding a place is adding its entry. */
export interface Place {
  /** Its address; `:name` is filled in by what it shows. */
  readonly path: string;
  /** What the finder and the place bar call it; absent where something is always shown on it. */
  readonly title?: string;
  /** What the finder says it is for. */
  readonly words?: string;
  /** It stands in the place bar. */
  readonly inBar?: boolean;
  /** The page that frames it, by its path. */
  readonly within?: string;
  /** It fills the screen: no place bar beside it. */
  readonly whole?: boolean;
  readonly load: () => Promise<ComponentType>;
}

const lab = (path: string, title: string, words: string, load: Place['load']): Place => ({
  path: `/lab/${path}`,
  title,
  words: `Line lab: ${words}`,
  within: '/lab',
  load,
});

/** The bench is the first screen and comes with it; all others are loaded when they are opened. */
export const places: readonly Place[] = [
  {
    path: '/',
    title: 'Bench',
    inBar: true,
    load: async () => Bench,
  },
  {
    path: '/leads',
    title: 'Leads',
    inBar: true,
    load: async () => (await import('../places/leads/leads.tsx')).Leads,
  },
  {
    path: '/leads/:leadId/:stage?',
    load: async () => (await import('../places/lead/lead-page.tsx')).LeadPage,
  },
  {
    path: '/lab',
    title: 'Line lab',
    inBar: true,
    load: async () => (await import('../places/lab/lab.tsx')).Lab,
  },
  {
    path: '/lab/',
    within: '/lab',
    load: async () => (await import('../places/lab/lab.tsx')).LabStart,
  },
  lab(
    'line',
    'One line',
    'loss, match, power of one cable',
    async () => (await import('../places/lab/line-page.tsx')).LinePage,
  ),
  lab(
    'chain',
    'Chain',
    'cables, connectors, defects in a row, Touchstone',
    async () => (await import('../places/lab/chain-page.tsx')).ChainPage,
  ),
  lab(
    'budget',
    'Budget',
    'which cable keeps the loss',
    async () => (await import('../places/lab/budget-page.tsx')).BudgetPage,
  ),
  lab(
    'power',
    'Power',
    'rating and what limits it',
    async () => (await import('../places/lab/power-page.tsx')).PowerPage,
  ),
  lab(
    'ends',
    'Ends',
    'which connector mates and fits, what else to order',
    async () => (await import('../places/lab/ends-page.tsx')).EndsPage,
  ),
  lab(
    'choke',
    'Choke',
    'beads on a feeder',
    async () => (await import('../places/lab/choke-page.tsx')).ChokePage,
  ),
  lab('set', 'Set', 'phase-matched leads', async () => (await import('../places/lab/set-page.tsx')).SetPage),
  lab(
    'audio',
    'Audio',
    'run length, pickup resonance',
    async () => (await import('../places/lab/audio-page.tsx')).AudioPage,
  ),
  lab(
    'speaker',
    'Speaker',
    'gauge, 70 and 100 V lines',
    async () => (await import('../places/lab/speaker-page.tsx')).SpeakerPage,
  ),
  lab(
    'bus',
    'Lighting bus',
    'receivers, terminator, branch',
    async () => (await import('../places/lab/bus-page.tsx')).BusPage,
  ),
  lab(
    'cables',
    'Cables',
    'catalogue, data sheets',
    async () => (await import('../places/lab/cables-page.tsx')).CablesPage,
  ),
  {
    path: '/lab/cables/:cableId',
    within: '/lab',
    load: async () => (await import('../places/lab/cable-page.tsx')).CablePage,
  },
  {
    path: '/stores',
    title: 'Stores',
    inBar: true,
    load: async () => (await import('../places/stores/stores.tsx')).Stores,
  },
  {
    path: '/stores/bags/:bagId',
    load: async () => (await import('../places/stores/bag-page.tsx')).BagPage,
  },
  { path: '/log', title: 'Log', inBar: true, load: async () => (await import('../places/log/log.tsx')).Log },
  {
    path: '/log/check',
    title: 'Check a data package',
    words: 'Log: whether it is whole and how it stands against this database',
    load: async () => (await import('../places/log/check-page.tsx')).CheckPage,
  },
  { path: '/log/:unitId', load: async () => (await import('../places/log/unit-page.tsx')).UnitPage },
  {
    path: '/prove/:orderId',
    load: async () => (await import('../places/prove/order-page.tsx')).ProveOrderPage,
  },
  {
    path: '/house',
    title: 'House',
    inBar: true,
    load: async () => (await import('../places/house/house-page.tsx')).HousePage,
  },
  {
    path: '/build/batch/:orderId/:lineId',
    load: async () => (await import('../places/make/batch-page.tsx')).BatchPage,
  },
  {
    path: '/build/first/:unitId',
    load: async () => (await import('../places/make/first-article-page.tsx')).FirstArticlePage,
  },
  {
    path: '/build/:unitId',
    whole: true,
    load: async () => (await import('../places/make/build-page.tsx')).BuildPage,
  },
  {
    path: '/print/traveller/:unitId',
    whole: true,
    load: async () => (await import('../places/print/traveller-page.tsx')).TravellerPage,
  },
  {
    path: '/print/wires/:unitId',
    whole: true,
    load: async () => (await import('../places/print/wires-page.tsx')).UnitWiresPage,
  },
  {
    path: '/print/wires/lead/:leadId',
    whole: true,
    load: async () => (await import('../places/print/wires-page.tsx')).LeadWiresPage,
  },
  {
    path: '/print/order/:orderId',
    whole: true,
    load: async () => (await import('../places/print/order-sheet.tsx')).OrderSheetPage,
  },
  {
    path: '/print/label/:unitId',
    whole: true,
    load: async () => (await import('../places/print/label-page.tsx')).LabelPage,
  },
  {
    path: '/print/labels/:orderId',
    whole: true,
    load: async () => (await import('../places/print/label-page.tsx')).OrderLabelsPage,
  },
  {
    path: '/print/certificate/:unitId',
    whole: true,
    load: async () => (await import('../places/print/certificate-page.tsx')).CertificatePage,
  },
];

/** Things to do that the finder offers beside places. */
export const actions = [
  { to: '/#new', title: 'Start a new lead' },
  { to: '/house#data', title: 'Export everything to a file' },
  { to: '/house#data', title: 'Import a file' },
] as const;
