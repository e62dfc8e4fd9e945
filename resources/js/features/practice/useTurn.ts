import { useCallback, useEffect, useRef, useState } from 'react';
import { useLocation } from 'react-router';
import { Refusal } from '../../api/client';
import {
  askCourse,
  type DrillCourse,
  type DrillDocument,
  type KeptDrill,
  practiceActions,
  taskActions,
  usePracticeAction,
} from '../../api/practice';
import { t } from '../../lang/practice';

export type Stage = 'ready' | 'loading' | 'running' | 'scoring' | 'done';

type Asked = Parameters<typeof askCourse>[0];

/**
 * One turn of a drill: its course is asked for, played, and sent back with what was done. What was done is kept until the
 * server has it, so that a lost connection loses nothing.
 */
export function useTurn() {
  const [stage, setStage] = useState<Stage>('ready');
  const [course, setCourse] = useState<DrillCourse | null>(null);
  const [kept, setKept] = useState<KeptDrill | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const waiting = useRef<{ document: DrillDocument; body?: string | null } | null>(null);
  // A turn that a teacher gave is done once it is kept.
  const task = (useLocation().state as { task?: string } | null)?.task;
  const keep = usePracticeAction(practiceActions.keep);
  const done = usePracticeAction(taskActions.done);
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
      const kept = await keep.mutateAsync(waiting.current);
      setKept(kept);
      waiting.current = null;
      setStage('done');
      if (task) done.mutate({ id: task, drill: kept.id });
    } catch (error) {
      // What is refused as it is will be refused again.
      if (error instanceof Refusal && error.status === 422) waiting.current = null;
      setProblem((error as Error).message);
      setStage('ready');
    }
  }, [keep.mutateAsync, done.mutate, task]);

  const finish = useCallback(
    (document: DrillDocument, body?: string | null) => {
      waiting.current = { document, ...(body === undefined ? {} : { body }) };
      void send();
    },
    [send],
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
