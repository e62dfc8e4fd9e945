import { useState } from 'react';
import type { BurstPictures, Picture } from '../../api/pictures';
import { type Filter, passes } from './filters';

/** Which frames of a burst are gone through, which of them is shown, and which are chosen together. */
export function useStrip(data: BurstPictures) {
  const [chosen, setChosen] = useState<string | null>(null);
  const [anchor, setAnchor] = useState<string | null>(null);
  const [filter, setFilter] = useState<Filter>('all');
  const marked = data.found_by !== null;
  const pictures = data.pictures;
  const filtered = pictures.filter((one) => passes(one, filter, marked));
  // What is shown stays, even where it has just been judged out of what is asked for.
  const strip =
    filtered.length > 0 ? pictures.filter((one) => filtered.includes(one) || one.id === chosen) : pictures;
  const at = Math.max(
    0,
    strip.findIndex((one) => one.id === chosen),
  );
  const shown = strip[at] as Picture;
  const from = anchor === null ? at : strip.findIndex((one) => one.id === anchor);
  const range = from < 0 ? [shown] : strip.slice(Math.min(from, at), Math.max(from, at) + 1);

  const go = (to: number, extend = false) => {
    const next = strip[Math.max(0, Math.min(strip.length - 1, to))];
    if (!next) return;
    setAnchor(extend ? (anchor ?? shown.id) : null);
    setChosen(next.id);
  };
  const choose = (picture: string, extend = false) => {
    setAnchor(extend ? (anchor ?? shown.id) : null);
    setChosen(picture);
  };
  return {
    pictures,
    marked,
    strip,
    at,
    shown,
    range,
    filter,
    setFilter,
    go,
    choose,
    /** One frame alone again; another is shown where it is named. */
    chooseOne: (picture?: string | null) => {
      setAnchor(null);
      if (picture !== undefined) setChosen(picture);
    },
  };
}

export type Strip = ReturnType<typeof useStrip>;
