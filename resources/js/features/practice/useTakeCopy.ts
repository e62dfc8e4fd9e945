import { App } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { client, take } from '../../api/client';
import { placeOf } from '../../api/drills';
import { outingActions } from '../../api/outings';
import type { OfferedCopy } from '../../api/practice';
import { t } from '../../lang/practice';

export const copied: Record<OfferedCopy['kind'], string> = {
  drill: t('use-take-copy.a-turn-of-a'),
  rush: t('use-take-copy.a-rush'),
  hold: t('use-take-copy.a-rush-with-its'),
  layout: t('use-take-copy.a-body-with-its'),
  card: t('use-take-copy.an-outing-with-its'),
};

const asFile = (document: unknown) =>
  new File([JSON.stringify(document)], 'outing.json', { type: 'application/json' });

type Taken = { kind: OfferedCopy['kind']; document: OfferedCopy['document'] };

/** Takes a copy of something into one’s own account, and goes there. */
export function useTakeCopy() {
  const navigate = useNavigate();
  const { message } = App.useApp();
  const [busy, setBusy] = useState(false);

  /** Where it is then, and what rush it became. */
  async function kept(of: Taken): Promise<{ to: string; rush?: string }> {
    // What it is was checked when it was offered, and is checked again as it is kept.
    const document = of.document as never;
    if (of.kind === 'layout') {
      const made = await take(
        client.POST('/api/kit/{type}', { params: { path: { type: 'bodies' } }, body: { document } }),
      );
      return { to: `/kit/bodies/${made.id}` };
    }
    if (of.kind === 'card') return { to: `/outings/${(await outingActions.upload(asFile(document))).id}` };
    const body =
      of.kind === 'hold'
        ? {
            document: (of.document as { rush: never }).rush,
            pins: (of.document as { pins: never }).pins,
          }
        : { document };
    const made = await take(client.POST('/api/rushes', { body }));
    return { to: `/rushes/${made.id}`, rush: made.id };
  }

  async function takeIt(of: Taken, task?: string, after?: (made: { rush?: string }) => Promise<unknown>) {
    setBusy(true);
    try {
      if (of.kind === 'drill') {
        const drill = (of.document as { drill?: string }).drill ?? 'still';
        navigate(placeOf(drill, true), { state: { document: of.document, task } });
        return;
      }
      const made = await kept(of);
      await after?.(made);
      navigate(made.to);
    } catch (error) {
      message.error((error as Error).message);
    } finally {
      setBusy(false);
    }
  }

  return { busy, takeIt };
}
