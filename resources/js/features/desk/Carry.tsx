import { App, Button, Dropdown } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { Plan } from '../../api/client';
import { hasPlace } from '../../api/day';
import { saveFile, useOuting, useOutings, useSaveOuting } from '../../api/outings';
import type { Place } from '../../api/places';
import { t } from '../../lang/desk';
import { useUnits } from '../../lang/units';
import { carriedOuting, ShareCard } from '../outing/door';

type Props = {
  name: string;
  plan: Plan | undefined;
  /** Saves the rush where that is needed; its id. */
  onKept: () => Promise<string | undefined>;
};

/** From the hold into the hand: the card at once, in the light that stands on the desk; its buttons, paper, or an address for others. */
export function Carry({ name, plan, onKept }: Props) {
  const navigate = useNavigate();
  const units = useUnits();
  const { message } = App.useApp();
  const [busy, setBusy] = useState(false);
  const [shared, setShared] = useState<string | null>(null);
  const save = useSaveOuting();
  const last = useOuting(useOutings().data?.[0]?.id).data?.document;
  const place = last && hasPlace(last) ? (last.place as Place) : null;

  async function carried(then: (outing: string) => unknown) {
    setBusy(true);
    try {
      const rush = await onKept();
      if (rush === undefined) return;
      const document = carriedOuting(rush, name, plan?.light.ev100 ?? 13, place);
      await then((await save.mutateAsync({ document })).id);
    } catch (error) {
      message.error((error as Error).message);
    } finally {
      setBusy(false);
    }
  }
  return (
    <>
      <Dropdown
        trigger={['click']}
        menu={{
          items: [
            {
              key: 'card',
              label: t('carry.card-on-this-device'),
              onClick: () => void carried((outing) => navigate(`/card/${outing}`)),
            },
            {
              key: 'buttons',
              label: t('carry.buttons-for-it'),
              onClick: () => void onKept().then((rush) => rush && navigate(`/kit/layouts?rushes=${rush}`)),
            },
            {
              key: 'print',
              label: t('carry.card-on-paper-a6'),
              onClick: () => void carried((outing) => saveFile(outing, 'a6', units)),
            },
            {
              key: 'share',
              label: t('carry.link-for-somebody-else'),
              onClick: () => void carried(setShared),
            },
            {
              key: 'outing',
              label: t('carry.plan-an-outing-with'),
              onClick: () => void onKept().then((rush) => rush && navigate(`/outings/new?rush=${rush}`)),
            },
          ],
        }}
      >
        <Button loading={busy} disabled={!plan}>
          {t('carry.carry')}
        </Button>
      </Dropdown>
      {shared && <ShareCard outing={shared} open onClose={() => setShared(null)} />}
    </>
  );
}
