import { useCallback, useEffect, useRef, useState } from 'react';
import { useLocation } from 'react-router';
import {
  askCourse,
  type DrillCourse,
  type DrillDocument,
  type KeptDrill,
  today,
  usePracticeAction,
} from '../../api/practice';
import { lastPerson } from '../../field/db';
import { isRefused, keepTurn, sendTurn } from '../../field/outbox';
import { t } from '../../lang/practice';

export type Stage = 'ready' | 'loading' | 'running' | 'scoring' | 'done';

type Asked = Parameters<typeof askCourse>[0];

/**
 * One turn of a drill: its course is asked for, played, and sent back with what was done. What was done is kept on this
 * device until the server has it, so that neither a lost connection nor a page loaded anew loses it.
 */
export function useTurn() {
  const [stage, setStage] = useState<Stage>('ready');
  const [course, setCourse] = useState<DrillCourse | null>(null);
  const [kept, setKept] = useState<KeptDrill | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const waiting = useRef<string | null>(null);
  // A turn that a teacher gave is done once it is kept.
  const task = (useLocation().state as { task?: string } | null)?.task;
  const { mutateAsync } = usePracticeAction((id: string) => sendTurn(id));
  const gone = useRef(false);
  useEffect(() => {
    gone.current = false;
    return () => {
      gone.current = true;
    };
  }, []);

  const begin = useCallback(async (asked: Asked): Promise<DrillCourse | null> => {
    setProblem(null);
    setKept(null);
    setStage('loading');
    try {
      const found = await askCourse(asked);
      if (gone.current) return null;
      setCourse(found);
      return found;
    } catch (error) {
      setProblem((error as Error).message);
      setStage('ready');
      return null;
    }
  }, []);

  const send = useCallback(async () => {
    if (!waiting.current) return;
    setStage('scoring');
    setProblem(null);
    try {
      setKept(await mutateAsync(waiting.current));
      waiting.current = null;
      setStage('done');
    } catch (error) {
      // What is refused as it is will be refused again.
      if (isRefused(error)) waiting.current = null;
      setProblem(isRefused(error) ? error.message : t('use-turn.the-turn-is-kept-here'));
      setStage('ready');
    }
  }, [mutateAsync]);

  const finish = useCallback(
    async (document: DrillDocument, body?: string | null) => {
      setStage('scoring');
      waiting.current = await keepTurn(lastPerson() ?? '', {
        day: today(),
        document,
        ...(body === undefined ? {} : { body }),
        ...(task === undefined ? {} : { task }),
      });
      await send();
    },
    [send, task],
  );

  const interrupted = useCallback(() => {
    setProblem(t('use-turn.the-window-was-hidden'));
    setStage('ready');
  }, []);

  return {
    stage,
    setStage,
    course,
    kept,
    problem,
    /** Nobody saw what came. */
    interrupted,
    begin,
    finish,
    /** Sends once more what could not be sent; null where nothing waits. */
    again: waiting.current ? () => void send() : null,
  };
}
