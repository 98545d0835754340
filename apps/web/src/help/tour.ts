import { driver } from 'driver.js';
import 'driver.js/dist/driver.css';
import { tourSteps } from './tourSteps.js';

/** How long a page may take until what a step points at is there, ms; a step whose place never comes stands in the middle. */
const patience = 5000;

/** Shows the stations in the order of a piece of work. @param go opens a page */
export function startTour(go: (path: string) => void): void {
  const open = async (index: number) => {
    const step = tourSteps[index];
    if (step === undefined) {
      tour.destroy();
      return;
    }
    go(step.path);
    await shown(step.at);
    tour.moveTo(index);
  };
  const tour = driver({
    showProgress: true,
    progressText: '{{current}} of {{total}}',
    nextBtnText: 'Next',
    prevBtnText: 'Back',
    doneBtnText: 'Done',
    steps: tourSteps.map(({ at, title, words }) => ({
      element: at,
      popover: { title, description: words },
    })),
    onNextClick: (_element, _step, { driver: running }) => void open((running.getActiveIndex() ?? 0) + 1),
    onPrevClick: (_element, _step, { driver: running }) => void open((running.getActiveIndex() ?? 0) - 1),
  });
  go(tourSteps[0].path);
  void shown(tourSteps[0].at).then(() => tour.drive());
}

function shown(selector: string): Promise<void> {
  return new Promise((resolve) => {
    const end = () => {
      looking.disconnect();
      clearTimeout(late);
      resolve();
    };
    const look = () => {
      if (document.querySelector(selector) !== null) end();
    };
    const looking = new MutationObserver(look);
    const late = setTimeout(end, patience);
    looking.observe(document.body, { childList: true, subtree: true });
    look();
  });
}
