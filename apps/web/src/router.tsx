import { type ComponentType } from 'react';
import { type RouteObject, createBrowserRouter } from 'react-router';
import { SignedIn } from './firm/people/SignedIn';
import { Broken } from './shell/Broken';
import { Opening } from './shell/Opening';
import { LineFrame } from './shell/LineFrame';
import { Moved } from './shell/Moved';
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
    HydrateFallback: Opening,
    children: [
      // Addresses of earlier versions, on labels and in bookmarks.
      { path: '/water', element: <Moved to="/emergency" /> },
      { path: '/counter', element: <Moved to="/parts-list" /> },
      screen('/emergency', async () => (await import('./emergency/EmergencyPage')).EmergencyPage),
      screen('/owner', async () => (await import('./owner/OwnerPage')).OwnerPage),
      screen('/new-password', async () => (await import('./firm/people/NewPasswordPage')).NewPasswordPage),
      screen('/join', async () => (await import('./firm/people/JoinPage')).JoinPage),
      {
        element: <SignedIn />,
        children: [
          {
            element: <Shell />,
            children: [
              screen('/', async () => (await import('./firm/jobs/JobsPage')).JobsPage),
              screen('/rounds', async () => (await import('./firm/rounds/RoundsPage')).RoundsPage),
              screen('/rounds/:roundId', async () => (await import('./firm/rounds/RoundPage')).RoundPage),
              screen(
                '/rounds/:roundId/:positionId',
                async () => (await import('./firm/rounds/VisitPage')).VisitPage,
              ),
              screen(
                '/jobs/:jobId/rounds',
                async () => (await import('./firm/rounds/RoundsPage')).RoundsPage,
              ),
              screen('/budget', async () => (await import('./firm/budget/BudgetPage')).BudgetPage),
              screen(
                '/jobs/:jobId/budget',
                async () => (await import('./firm/budget/BudgetPage')).BudgetPage,
              ),
              screen('/devices', async () => (await import('./firm/devices/DevicesPage')).DevicesPage),
              screen('/drills', async () => (await import('./firm/drills/DrillsPage')).DrillsPage),
              screen('/drills/run', async () => (await import('./firm/drills/RunPage')).RunPage),
              screen(
                '/drills/sent/:sentId',
                async () => (await import('./firm/drills/SentDrillPage')).SentDrillPage,
              ),
              screen(
                '/drills/people/:personId',
                async () => (await import('./firm/drills/PersonDrillsPage')).PersonDrillsPage,
              ),
              screen('/tasks', async () => (await import('./firm/tasks/TasksPage')).TasksPage),
              screen('/people', async () => (await import('./firm/people/PeoplePage')).PeoplePage),
              screen(
                '/house-rules',
                async () => (await import('./firm/house-rules/HouseRulesPage')).HouseRulesPage,
              ),
              screen(
                '/catalogue',
                async () => (await import('./firm/catalogue/CataloguePage')).CataloguePage,
              ),
              screen('/catalogue/new', async () => (await import('./firm/catalogue/ModelPage')).ModelPage),
              screen(
                '/catalogue/models/:modelId',
                async () => (await import('./firm/catalogue/ModelPage')).ModelPage,
              ),
              screen(
                '/catalogue/types/:type?',
                async () => (await import('./firm/catalogue/TypesPage')).TypesPage,
              ),
              screen(
                '/parts-list',
                async () => (await import('./firm/parts-list/PartsListPage')).PartsListPage,
              ),
              screen('/account', async () => (await import('./firm/people/AccountPage')).AccountPage),
              screen('/jobs/:jobId', async () => (await import('./job/board/JobBoardPage')).JobBoardPage),
              screen(
                '/jobs/:jobId/takeoff',
                async () => (await import('./job/takeoff/TakeoffPage')).TakeoffPage,
              ),
              screen('/jobs/:jobId/orders', async () => (await import('./job/orders/OrdersPage')).OrdersPage),
              screen(
                '/jobs/:jobId/walk',
                async () => (await import('./steps/walk/WalkListPage')).WalkListPage,
              ),
              {
                path: '/jobs/:jobId/lines/:lineId',
                element: <LineFrame />,
                children: [
                  screen('walk/:tag?', async () => (await import('./steps/walk/WalkPage')).WalkPage),
                  screen(
                    'line-up/:tag?',
                    async () => (await import('./steps/line-up/LineUpPage')).LineUpPage,
                  ),
                  screen(
                    'compare/:tag?',
                    async () => (await import('./steps/line-up/compare/ComparePage')).ComparePage,
                  ),
                  screen('life/:tag?', async () => (await import('./steps/line-up/life/LifePage')).LifePage),
                  screen(
                    'matrix/:tag?',
                    async () => (await import('./steps/line-up/matrix/MatrixPage')).MatrixPage,
                  ),
                  screen('bench/:tag?', async () => (await import('./steps/bench/BenchPage')).BenchPage),
                  screen(
                    'hook-up/:tag?',
                    async () => (await import('./steps/hook-up/HookUpPage')).HookUpPage,
                  ),
                  screen(
                    'install/:tag?',
                    async () => (await import('./steps/hook-up/InstallCardPage')).InstallCardPage,
                  ),
                  screen('order/:tag?', async () => (await import('./steps/order-line/OrderPage')).OrderPage),
                  screen(
                    'start-up/:tag?',
                    async () => (await import('./steps/start-up/StartUpPage')).StartUpPage,
                  ),
                  screen(
                    'chart/:tag?',
                    async () => (await import('./steps/start-up/ValveChartPage')).ValveChartPage,
                  ),
                  screen(
                    'owner/:tag?',
                    async () => (await import('./steps/owner/OwnerOfferPage')).OwnerOfferPage,
                  ),
                  screen('log/:tag?', async () => (await import('./steps/log/LogPage')).LogPage),
                  screen(
                    'schedule/:tag?',
                    async () => (await import('./steps/schedule/SchedulePage')).SchedulePage,
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
