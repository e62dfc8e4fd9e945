import { useEffect } from 'react';
import { t } from '../lang/ui';

/** Says in the window’s title where one is. */
export function useTitle(where: string | null | undefined) {
  useEffect(() => {
    document.title = where ? t('use-title.rush-hold', { where }) : t('use-title.rush-hold-2');
  }, [where]);
}
