import type { News } from '@lone-heron/contract';
import { useEffect, useRef } from 'react';
import { useDispatch } from 'react-redux';
import { everything, heronApi, ownHeaders, useSessionQuery } from '../api/heronApi.js';
import { openNewsLine } from './newsLine.js';
import { tellNewsOpen } from './newsOpen.js';
import { newsTags } from './newsTags.js';

/** Without a screen of its own: asks anew for what another bench, or another tab, has changed, as soon as it did. */
export function NewsListener() {
  const dispatch = useDispatch();
  const { data: session } = useSessionQuery(undefined);
  // Where nobody may read, nothing is told.
  const mayListen = session !== undefined && !(session.isReadingClosed && session.person === null);
  const saves = useRef<number | null>(null);
  useEffect(() => {
    if (!mayListen) return undefined;
    const hear = (news: News) => {
      const missed = news.kinds.length === 0 && saves.current !== null && saves.current !== news.saves;
      saves.current = news.saves;
      const tags = missed ? everything : tagsOf(news);
      if (tags.length > 0) dispatch(heronApi.util.invalidateTags([...tags]));
    };
    const end = openNewsLine({ hear, tellOpen: tellNewsOpen });
    return () => {
      end();
      tellNewsOpen(false);
    };
  }, [mayListen, dispatch]);
  return null;
}

/** What a page changed itself it has asked for already. */
function tagsOf({ kinds, page }: News) {
  if (page === ownHeaders['X-Lone-Heron']) return [];
  return [...new Set(kinds.flatMap((kind) => newsTags[kind]))];
}
