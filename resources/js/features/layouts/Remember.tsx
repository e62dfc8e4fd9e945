import { App, Button } from 'antd';
import type { Hold } from '../../api/client';
import { kitActions, useKit, useKitAction } from '../../api/kit';
import type { Layout } from '../../api/layout';
import { t } from '../../lang/layouts';

/** Tells the body that it is set up so: what its buttons hold, and how it stands at rest. */
export function Remember({ layout, body }: { layout: Layout; body: string | null }) {
  const own = useKit('bodies').data?.find((b) => b.id === body && !b.sample);
  const { message } = App.useApp();
  const remember = useKitAction(kitActions.layOut);
  if (!own) return null;
  const sets = Object.fromEntries(layout.controls.flatMap((c) => (c.set ? [[c.place, c.set as Hold]] : [])));
  return (
    <p>
      <Button
        loading={remember.isPending}
        onClick={() =>
          remember.mutate(
            { id: own.id, rest: layout.rest as Hold, sets },
            {
              onError: (error) => message.error(error.message),
              onSuccess: () => message.success(t('remember.is-remembered-so-its', { name: own.name })),
            },
          )
        }
      >
        {t('remember.it-is-set-up')}
      </Button>
    </p>
  );
}
