import { App, Button } from 'antd';
import { pictureActions, usePictureAction } from '../../api/pictures';
import { t } from '../../lang/pictures';
import { forget, type Sent, tryAgain } from './sending';
import type { State } from './UnderWay';

/** Files that were not taken in, each with the reason; those that may be are tried again. */
export function NotTaken({ refused, state }: { refused: Sent[]; state: State | undefined }) {
  const { message } = App.useApp();
  const cancel = usePictureAction(pictureActions.cancel);
  const retry = usePictureAction(pictureActions.retry);
  const fail = { onError: (error: Error) => void message.error(error.message) };
  const list = [
    ...refused.map((one) => ({
      key: one.key,
      name: one.name,
      problem: one.problem ?? '',
      again: () => tryAgain(one.key),
    })),
    ...(state?.refused ?? []).map((one) => ({
      key: one.id,
      name: one.name,
      problem: one.problem,
      again: one.again ? () => retry.mutate(one.id, fail) : null,
    })),
  ];
  if (list.length === 0) return null;
  const again = list.filter((one) => one.again !== null);
  return (
    <section className="refused" aria-label={t('not-taken.not-imported')}>
      <details open={list.length < 4}>
        <summary>{t('not-taken.files-were-not-imported', { list: list.length })}</summary>
        <ul>
          {list.map((one) => (
            <li key={one.key}>
              <b>{one.name}</b> <span className="quiet">{one.problem}</span>{' '}
              {one.again && (
                <Button size="small" type="text" onClick={one.again}>
                  {t('not-taken.try-again')}
                </Button>
              )}
            </li>
          ))}
        </ul>
      </details>
      <div className="refused-all">
        {again.length > 1 && (
          <Button
            type="text"
            size="small"
            onClick={() => {
              for (const one of again) one.again?.();
            }}
          >
            {t('not-taken.try-all-again')}
          </Button>
        )}
        <Button
          type="text"
          size="small"
          onClick={() => {
            forget();
            cancel.mutate(undefined, fail);
          }}
        >
          {t('not-taken.clear-the-list')}
        </Button>
      </div>
    </section>
  );
}
