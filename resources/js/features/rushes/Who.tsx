import './who.css';
import type { Likely } from '../../api/kit';
import { t } from '../../lang/rushes';
import { Silhouette } from '../../ui/Silhouette';

/** Six that a line may mean, to be chosen with a tap; nobody is planned for who was not meant. */
export function Who({
  likely,
  chosen,
  onChoose,
}: {
  likely: Likely[];
  chosen: string | null;
  onChoose: (id: string) => void;
}) {
  return (
    <ul className="who" aria-label={t('who.who-is-coming')}>
      {likely.map((one) => (
        <li key={one.id}>
          <button type="button" aria-pressed={one.id === chosen} onClick={() => onChoose(one.id)}>
            <Silhouette figure={one.figure} />
            <span>{one.name}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}
