import { createBrowserRouter } from 'react-router';
import { JobsPage } from './jobs/JobsPage';
import { LineUpPage } from './line-up/LineUpPage';
import { SchedulePage } from './schedule/SchedulePage';
import { Broken } from './shell/Broken';
import { FirstLine } from './shell/FirstLine';
import { LineFrame } from './shell/LineFrame';
import { NotFound } from './shell/NotFound';
import { Shell } from './shell/Shell';
import { WalkListPage } from './walk/WalkListPage';

/** Every screen has an address of its own, so that it can be sent to somebody. */
export const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <Broken />,
    children: [
      { path: '/', element: <JobsPage /> },
      { path: '/jobs/:jobId', element: <FirstLine /> },
      { path: '/jobs/:jobId/walk', element: <WalkListPage /> },
      {
        path: '/jobs/:jobId/lines/:lineId',
        element: <LineFrame />,
        children: [
          { path: 'line-up/:tag?', element: <LineUpPage /> },
          { path: 'schedule/:tag?', element: <SchedulePage /> },
        ],
      },
      { path: '*', element: <NotFound /> },
    ],
  },
]);
