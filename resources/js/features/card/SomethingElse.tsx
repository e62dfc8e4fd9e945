import { useState } from 'react';
import type { Card, PassedBy, Pocket } from '../../field/db';
import { ulid } from '../../field/ulid';
import { t } from '../../lang/card';
import { answerOf, nearestLight } from './pocket';
import { Sheet } from './Sheet';
import { quarterAt } from './when';

type Props = {
  pocket: Pocket;
  card: Card;
  outing: string;
  now: number;
  onKeep: (rush: PassedBy) => void;
  onClose: () => void;
};

/** What nobody planned: who, how near, which way and through what; the nearest of the answers brought along. */
export function SomethingElse({ pocket, card, outing, now, onKeep, onClose }: Props) {
  const [who, setWho] = useState<number | null>(null);
  const [near, setNear] = useState<number | null>(null);
  const [course, setCourse] = useState<[number, number] | null>(null);
  const [kept, setKept] = useState(false);
  const light = nearestLight(pocket, quarterAt(card.light, now)?.ev100 ?? null);
  const subject = who === null ? undefined : pocket.who[who];
  const distance = near === null ? undefined : pocket.near[near];
  const title =
    subject === undefined
      ? t('something-else.what-comes')
      : distance === undefined
        ? t('something-else.how-near')
        : course === null
          ? t('something-else.which-way-and-through')
          : `${subject.name}, ${distance.label}`;
  const answer =
    who !== null && near !== null && course !== null
      ? answerOf(pocket, who, near, course[0], course[1], light)
      : null;
  return (
    <Sheet title={title} onClose={onClose}>
      {who === null && (
        <div className="sheet-choices">
          {pocket.who.map((one, i) => (
            <button key={one.name} type="button" onClick={() => setWho(i)}>
              {one.name}
            </button>
          ))}
        </div>
      )}
      {who !== null && near === null && (
        <div className="sheet-choices many">
          {pocket.near.map((one, i) => (
            <button key={one.metres} type="button" onClick={() => setNear(i)}>
              {one.label}
            </button>
          ))}
        </div>
      )}
      {near !== null && course === null && (
        <div className="sheet-grid">
          {pocket.way.map((way, w) =>
            pocket.through.map((through, t) => (
              <button key={`${way.value} ${through.value}`} type="button" onClick={() => setCourse([w, t])}>
                {way.label}
                <small>{through.label}</small>
              </button>
            )),
          )}
        </div>
      )}
      {answer && subject && distance && course && (
        <div className="sheet-answer">
          <p className="card-press">
            <span>{answer.control ? t('something-else.hold') : t('something-else.press')}</span>
            <b>
              {answer.control
                ? (answer.control.own?.label ?? answer.control.name)
                : t('something-else.as-usual')}
            </b>
          </p>
          <p className="card-exposure">
            {answer.exposure.map((value) => (
              <b key={value}>{value}</b>
            ))}
          </p>
          <dl className="card-lines">
            {answer.lines.map((line) => (
              <div key={line.setting} className={line.change ? 'card-line change' : 'card-line'}>
                <dt>{line.name}</dt>
                <dd>
                  {line.label}
                  {line.change && <small>{t('something-else.change-it')}</small>}
                </dd>
              </div>
            ))}
          </dl>
          <p className="card-quiet">
            {t('something-else.the-nearest-of-answers', {
              cells: pocket.cells.length,
              lens: pocket.lens,
              light: pocket.light[light],
            })}
          </p>
          <button
            type="button"
            className="sheet-keep"
            disabled={kept}
            onClick={() => {
              onKeep({
                id: ulid(),
                outing_id: outing,
                who: subject.name,
                metres: distance.metres,
                way: pocket.way[course[0]]?.value ?? 'towards',
                through: pocket.through[course[1]]?.value ?? 'open',
                ev100: pocket.light[light] ?? 12,
              });
              setKept(true);
            }}
          >
            {kept ? t('something-else.kept-it-will-be') : t('something-else.keep-it-as-a')}
          </button>
        </div>
      )}
    </Sheet>
  );
}
