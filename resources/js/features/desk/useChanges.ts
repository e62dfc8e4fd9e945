import { useCallback, useEffect, useRef } from 'react';
import { useLocation, useNavigate } from 'react-router';
import type { Hold, Rush } from '../../api/client';
import { withPin, withPins } from './pins';
import type { useDesk } from './useDesk';

type Desk = ReturnType<typeof useDesk>;

/** What can be changed at the desk, each as a step that can be undone; the functions stay the same. */
export function useChanges(desk: Desk) {
  const changeRush = useCallback(
    (part: keyof Rush, fields: Record<string, unknown>, merge?: string) =>
      desk.change(
        ({ document }) => ({
          document: { ...document, [part]: { ...(document[part] as object), ...fields } } as Rush,
        }),
        merge ?? `${part}.${Object.keys(fields).join()}`,
      ),
    [desk.change],
  );
  const setRush = useCallback(
    (document: Rush, merge: string) => desk.change({ document }, merge),
    [desk.change],
  );
  const pin = useCallback(
    (setting: string, value: unknown) => desk.change(({ pins }) => ({ pins: withPin(pins, setting, value) })),
    [desk.change],
  );
  const adopt = useCallback((hold: Hold) => desk.change({ pins: hold }), [desk.change]);
  const unpinAll = useCallback(() => desk.change({ pins: {} as Hold }), [desk.change]);
  return { changeRush, setRush, pin, adopt, unpinAll };
}

/** A fix brought along from elsewhere is pinned once, when the rush is there. */
export function useBroughtPins(desk: Desk) {
  const location = useLocation();
  const navigate = useNavigate();
  const brought = (location.state as { pins?: Hold } | null)?.pins;
  const taken = useRef(false);
  const ready = desk.draft !== null && desk.draft !== undefined;
  useEffect(() => {
    if (!brought || !ready || taken.current) return;
    taken.current = true;
    desk.change(({ pins }) => ({ pins: withPins(pins, brought) }));
    navigate({ pathname: location.pathname, search: location.search }, { replace: true, state: null });
  }, [brought, ready, desk.change, navigate, location.pathname, location.search]);
}
