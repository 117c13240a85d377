import type { RouteObject } from 'react-router';
import { useRouteError } from 'react-router';
import type { Place } from './places.ts';
import { places } from './places.ts';
import { Shell } from './shell.tsx';

/** A place as the router takes it, with the places that stand within it; each is loaded when it is opened. */
function routeOf({ path, load }: Place): RouteObject {
  const lazy = async () => ({ Component: await load() });
  const inner = places.filter(({ within }) => within === path);
  if (inner.length === 0) return { path, lazy };
  return {
    path,
    lazy,
    children: inner.map((place) =>
      place.path === `${path}/`
        ? { index: true, lazy: async () => ({ Component: await place.load() }) }
        : routeOf(place),
    ),
  };
}

const around = { hydrateFallbackElement: <></>, errorElement: <Failed /> };
const outer = places.filter(({ within }) => within === undefined);

/** Every place has its address. */
export const routes: RouteObject[] = [
  {
    element: <Shell />,
    ...around,
    children: [...outer.filter(({ whole }) => !whole).map(routeOf), { path: '*', element: <NotFound /> }],
  },
  ...outer.filter(({ whole }) => whole).map((place) => ({ ...routeOf(place), ...around })),
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
