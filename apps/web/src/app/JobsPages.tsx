import { useRoutes } from 'react-router';
import { Lost } from './Lost.js';
import { page } from './page.js';

const routes = [
  { index: true, element: page(async () => (await import('../jobs/list/JobsScreen.js')).JobsScreen) },
  { path: 'new', element: page(async () => (await import('../jobs/head/NewJob.js')).NewJob) },
  { path: ':id', element: page(async () => (await import('../jobs/plan/JobScreen.js')).JobScreen) },
  { path: ':id/head', element: page(async () => (await import('../jobs/head/ChangeHead.js')).ChangeHead) },
  {
    path: ':id/welds',
    element: page(async () => (await import('../jobs/welds/WeldsScreen.js')).WeldsScreen),
  },
  {
    path: ':id/bench',
    element: page(async () => (await import('../jobs/bench/BenchScreen.js')).BenchScreen),
  },
  {
    path: ':id/judge',
    element: page(async () => (await import('../jobs/judge/JudgeScreen.js')).JudgeScreen),
  },
  {
    path: ':id/pictures',
    element: page(async () => (await import('../jobs/pictures/PicturesScreen.js')).PicturesScreen),
  },
  {
    path: ':id/papers',
    element: page(async () => (await import('../jobs/papers/PapersScreen.js')).PapersScreen),
  },
  { path: '*', element: <Lost /> },
];

/** The pages of Jobs, each fetched when asked for. */
export default function JobsPages() {
  return useRoutes(routes);
}
