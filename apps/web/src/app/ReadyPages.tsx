import { useRoutes } from 'react-router';
import { Lost } from './Lost.js';
import { page } from './page.js';

const routes = [
  { index: true, element: page(async () => (await import('../ready/ReadyScreen.js')).ReadyScreen) },
  { path: 'day/:id', element: page(async () => (await import('../ready/record/DayRecord.js')).DayRecord) },
  { path: 'record/:id', element: page(async () => (await import('../ready/record/DaysList.js')).DaysList) },
  {
    path: 'template/:id',
    element: page(async () => (await import('../ready/template/TemplateScreen.js')).TemplateScreen),
  },
  {
    path: 'scrap/:id',
    element: page(async () => (await import('../ready/scrap/ScrapScreen.js')).ScrapScreen),
  },
  {
    path: 'switch/:id/:to?',
    element: page(async () => (await import('../ready/changeover/ChangeoverScreen.js')).ChangeoverScreen),
  },
  { path: '*', element: <Lost /> },
];

/** The pages of Ready, each fetched when asked for. */
export default function ReadyPages() {
  return useRoutes(routes);
}
