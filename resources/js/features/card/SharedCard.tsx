import './card.css';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { client, take } from '../../api/client';
import { t } from '../../lang/card';
import { usePreferences } from '../../ui/bar/preferences';
import { useTitle } from '../../ui/useTitle';
import { CardView } from './CardView';
import { rushAt } from './when';

/** Somebody else’s card, as its address shows it: that and nothing more. */
export default function SharedCard() {
  const { secret = '' } = useParams();
  const { units } = usePreferences();
  const card = useQuery({
    queryKey: ['shared', secret, units],
    queryFn: () =>
      take(client.GET('/api/shared/{secret}', { params: { path: { secret }, query: { units } } })),
    retry: false,
    staleTime: 300_000,
  });
  useTitle(card.data?.name || t('shared-card.card'));
  const [at, setAt] = useState<number | null>(null);
  const back = (
    <Link to="/sign-in" className="card-back">
      <span>{t('shared-card.rush-hold')}</span>
    </Link>
  );
  if (!card.data) {
    return (
      <div className="card-page">
        <header className="card-head">{back}</header>
        <main className="card-body">
          <article className="card-face">
            <h1>{card.isError ? t('shared-card.no-card') : t('shared-card.card')}</h1>
            <p role={card.isError ? 'alert' : 'status'}>
              {card.error?.message ?? t('shared-card.fetching-the-card')}
            </p>
          </article>
        </main>
      </div>
    );
  }
  return (
    <CardView
      card={card.data}
      at={at ?? rushAt(card.data, Date.now())}
      onTurn={setAt}
      back={back}
      state={t('shared-card.shown-to-you-by')}
    />
  );
}
