import '@fontsource/barlow/latin-400.css';
import '@fontsource/barlow/latin-500.css';
import '@fontsource/barlow/latin-600.css';
import '@fontsource/barlow/latin-700.css';
import '@fontsource/barlow-condensed/latin-600.css';
import '@fontsource/spline-sans-mono/latin-400.css';
import '@fontsource/spline-sans-mono/latin-700.css';
import './mantine.css';
import '@mantine/notifications/styles.css';
import './styles.css';
import './forced-colours.css';
import { createRoot } from 'react-dom/client';
import { App } from './app.tsx';
import { watchUnwritten } from '../data/write-problem.ts';
import { begun } from '../data/begin.ts';
import { saveWhenLeft } from '../draft/save.ts';
import { watchInstall } from '../controls/install.ts';
import { watchUpdates } from './update.ts';
import { createStore } from './store.ts';

const store = createStore();
watchUnwritten();
watchInstall();
saveWhenLeft(store.dispatch, store.getState);
createRoot(document.getElementById('root')!).render(<App store={store} begun={begun} />);

/** What is not part of the first screen waits until it is there, ms. */
const later = 3000;
setTimeout(() => {
  void import('../data/storage-state.ts').then(({ askToPersist }) => askToPersist()).catch(() => undefined);
}, later);
// It fetches all of the application to keep it.
if (import.meta.env.PROD && 'serviceWorker' in navigator)
  setTimeout(() => void watchUpdates().catch(() => undefined), later);
