import './card.css';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { field, type KeptCard, lastPerson } from '../../field/db';
import { t } from '../../lang/card';
import { useTitle } from '../../ui/useTitle';
import { useNow } from './useNow';
import { ago, clockOf, dayOf } from './when';

/** The cards that are on this device: what the installed page opens with. */
export default function CardList() {
  useTitle(t('card-list.cards'));
  const now = useNow();
  const [cards, setCards] = useState<KeptCard[] | null>(null);
  useEffect(() => {
    const person = lastPerson();
    void field()
      .then((db) => db.getAll('cards'))
      .then((all) =>
        setCards(
          all
            .filter((card) => card.person === person)
            .sort((a, b) => Date.parse(a.card.from) - Date.parse(b.card.from)),
        ),
      );
  }, []);
  return (
    <div className="card-page">
      <header className="card-head">
        <Link to="/" className="card-back">
          <span aria-hidden="true">‹</span>
          <span>{t('card-list.today')}</span>
        </Link>
      </header>
      <main className="card-body">
        <article className="card-face">
          <h1>{t('card-list.cards-on-this-device')}</h1>
          {cards?.length === 0 && <p className="card-quiet">{t('card-list.none-yet-open-an')}</p>}
          <ul className="card-list">
            {cards?.map((kept) => (
              <li key={kept.id}>
                <Link to={`/card/${kept.id}`}>
                  <b>{kept.card.name || t('card-list.outing')}</b>
                  <span>
                    {dayOf(kept.card.from)}, {clockOf(kept.card.from)}–{clockOf(kept.card.to)}
                  </span>
                  <small>{t('card-list.brought-along', { fetched: ago(kept.fetched, now) })}</small>
                </Link>
              </li>
            ))}
          </ul>
        </article>
      </main>
    </div>
  );
}
