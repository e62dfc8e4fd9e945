import { useCallback, useEffect, useMemo, useReducer, useState } from 'react';
import type { Hold, Rush, SavedRush } from '../../api/client';
import { useDraftStore } from '../../ui/useDraft';

/** What is being worked on: the rush and what is pinned of its hold. */
export type Draft = { document: Rush; pins: Hold };

export type State = { past: Draft[]; now: Draft | null; future: Draft[]; merging: string | null };

type Action =
  | { type: 'open'; draft: Draft }
  | { type: 'change'; to: (now: Draft) => Draft; merge: string | null }
  | { type: 'settle' }
  | { type: 'undo' }
  | { type: 'redo' };

const depth = 200;

export function reduce(state: State, action: Action): State {
  switch (action.type) {
    case 'open':
      return { past: [], now: action.draft, future: [], merging: null };
    case 'change': {
      if (!state.now) return state;
      // Dragging and typing in one field make one step to undo.
      const continues = action.merge !== null && action.merge === state.merging;
      const past = continues ? state.past : [...state.past, state.now].slice(-depth);
      return { past, now: action.to(state.now), future: [], merging: action.merge };
    }
    case 'settle':
      return { ...state, merging: null };
    case 'undo': {
      const last = state.past.at(-1);
      return last && state.now
        ? { past: state.past.slice(0, -1), now: last, future: [state.now, ...state.future], merging: null }
        : state;
    }
    case 'redo': {
      const next = state.future[0];
      return next && state.now
        ? { past: [...state.past, state.now], now: next, future: state.future.slice(1), merging: null }
        : state;
    }
  }
}

/** The state of the desk: changes with undo, whether they are saved, and a copy in the browser in case of mishap. */
export function useDesk(id: string | undefined, saved: SavedRush | undefined, fresh: Draft | undefined) {
  const store = useDraftStore<Draft>(`rush.${id ?? 'new'}`);
  const [state, dispatch] = useReducer(reduce, { past: [], now: null, future: [], merging: null });
  const [restored, setRestored] = useState(false);
  const base = useMemo<Draft | null>(
    () =>
      id === undefined ? (fresh ?? null) : saved ? { document: saved.document, pins: saved.pins } : null,
    [id, saved, fresh],
  );
  // A draft left behind counts while the rush is as it was then.
  // A new one counts for what it started from: another line, another rush.
  const version = id === undefined ? JSON.stringify(fresh ?? null) : String(saved?.version ?? 0);

  // Open once for each rush; a save keeps the history, so that undo reaches across it.
  const openId = id ?? 'new';
  const loaded = base !== null;
  // biome-ignore lint/correctness/useExhaustiveDependencies: opens when the rush arrives, not at each save
  useEffect(() => {
    if (!base) return;
    const left = store.left(version);
    dispatch({ type: 'open', draft: left ?? base });
    setRestored(left !== null && JSON.stringify(left) !== JSON.stringify(base));
  }, [openId, loaded]);

  const now = state.now;
  const dirty = now !== null && base !== null && JSON.stringify(now) !== JSON.stringify(base);

  useEffect(() => {
    if (!now) return;
    if (dirty) store.keep(version, now);
    else store.drop();
  }, [now, dirty, store, version]);

  const change = useCallback(
    (next: Partial<Draft> | ((now: Draft) => Partial<Draft>), merge: string | null = null) =>
      dispatch({
        type: 'change',
        to: (now) => ({ ...now, ...(typeof next === 'function' ? next(now) : next) }),
        merge,
      }),
    [],
  );

  return {
    draft: now,
    dirty,
    /** Whether it is what was left behind, unsaved, the last time. */
    restored: restored && dirty,
    change,
    settle: useCallback(() => dispatch({ type: 'settle' }), []),
    undo: useCallback(() => dispatch({ type: 'undo' }), []),
    redo: useCallback(() => dispatch({ type: 'redo' }), []),
    /** Back to what is saved; by the answer it is again as it was, whatever was done meanwhile. */
    revert: useCallback(() => {
      if (!base || !now) return undefined;
      dispatch({ type: 'change', to: () => base, merge: null });
      return () => dispatch({ type: 'change', to: () => now, merge: null });
    }, [base, now]),
    forget: store.drop,
    canUndo: state.past.length > 0,
    canRedo: state.future.length > 0,
  };
}
