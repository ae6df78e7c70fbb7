import { type ComponentType } from 'react';
import { type RouteObject, createBrowserRouter } from 'react-router';
import { SignedIn } from './people/SignedIn';
import { Broken } from './shell/Broken';
import { FirstLine } from './shell/FirstLine';
import { LineFrame } from './shell/LineFrame';
import { NotFound } from './shell/NotFound';
import { Shell } from './shell/Shell';

/** A screen that is fetched when it is first opened. */
const screen = (path: string, load: () => Promise<ComponentType>): RouteObject => ({
  path,
  lazy: async () => ({ Component: await load() }),
});

/** Every screen has an address of its own, so that it can be sent to somebody. */
export const router = createBrowserRouter([
  {
    errorElement: <Broken />,
    HydrateFallback: () => null,
    children: [
      screen('/water', async () => (await import('./water/WaterPage')).WaterPage),
      screen('/join', async () => (await import('./people/JoinPage')).JoinPage),
      {
        element: <SignedIn />,
        children: [
          {
            element: <Shell />,
            children: [
              screen('/', async () => (await import('./jobs/JobsPage')).JobsPage),
              screen('/people', async () => (await import('./people/PeoplePage')).PeoplePage),
              screen(
                '/house-rules',
                async () => (await import('./house-rules/HouseRulesPage')).HouseRulesPage,
              ),
              screen('/catalogue', async () => (await import('./catalogue/CataloguePage')).CataloguePage),
              screen('/catalogue/new', async () => (await import('./catalogue/ModelPage')).ModelPage),
              screen(
                '/catalogue/models/:modelId',
                async () => (await import('./catalogue/ModelPage')).ModelPage,
              ),
              screen(
                '/catalogue/types/:type?',
                async () => (await import('./catalogue/TypesPage')).TypesPage,
              ),
              screen('/counter', async () => (await import('./counter/CounterPage')).CounterPage),
              screen('/account', async () => (await import('./people/AccountPage')).AccountPage),
              { path: '/jobs/:jobId', element: <FirstLine /> },
              screen('/jobs/:jobId/takeoff', async () => (await import('./takeoff/TakeoffPage')).TakeoffPage),
              screen('/jobs/:jobId/orders', async () => (await import('./orders/OrdersPage')).OrdersPage),
              screen('/jobs/:jobId/walk', async () => (await import('./walk/WalkListPage')).WalkListPage),
              {
                path: '/jobs/:jobId/lines/:lineId',
                element: <LineFrame />,
                children: [
                  screen('walk/:tag?', async () => (await import('./walk/WalkPage')).WalkPage),
                  screen('line-up/:tag?', async () => (await import('./line-up/LineUpPage')).LineUpPage),
                  screen('compare/:tag?', async () => (await import('./compare/ComparePage')).ComparePage),
                  screen('matrix/:tag?', async () => (await import('./matrix/MatrixPage')).MatrixPage),
                  screen('bench/:tag?', async () => (await import('./bench/BenchPage')).BenchPage),
                  screen('hook-up/:tag?', async () => (await import('./hook-up/HookUpPage')).HookUpPage),
                  screen(
                    'install/:tag?',
                    async () => (await import('./hook-up/InstallCardPage')).InstallCardPage,
                  ),
                  screen('order/:tag?', async () => (await import('./order/OrderPage')).OrderPage),
                  screen('log/:tag?', async () => (await import('./log/LogPage')).LogPage),
                  screen(
                    'schedule/:tag?',
                    async () => (await import('./schedule/SchedulePage')).SchedulePage,
                  ),
                ],
              },
              { path: '*', element: <NotFound /> },
            ],
          },
        ],
      },
    ],
  },
]);
