import { Button, Dropdown } from 'antd';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { Body, Lens } from '../../api/client';
import type { Listed } from '../../api/kit';
import { t } from '../../lang/kit';
import { dotted } from '../../lang/lists';
import { say, useUnits } from '../../lang/units';
import { FrameSketch } from './FrameSketch';
import { bodyFacts, guessedOf, openingOf } from './facts';
import { ReachBar } from './ReachBar';
import { type KitThing, useKitMenu } from './useKitMenu';

type Props = { item: KitThing; usual: boolean; onPutUp: () => void; picture: ReactNode; children: ReactNode };

function Row({ item, usual, onPutUp, picture, children }: Props) {
  const items = useKitMenu(item, onPutUp);
  return (
    <li className="kit-row">
      <Link
        to={`/kit/${item.type}/${item.id}`}
        className={item.type === 'lenses' ? 'kit-link lens' : 'kit-link'}
      >
        {picture}
        <span>
          <b>{item.name}</b>
          {usual && <em>{t('kit.usual')}</em>}
          {children}
        </span>
      </Link>
      <Dropdown trigger={['click']} menu={{ items }}>
        <Button type="text" aria-label={t('kit.more-for', { name: item.name })}>
          •••
        </Button>
      </Dropdown>
    </li>
  );
}

type OneProps<T> = { item: T; usual: boolean; onPutUp: () => void };

export function BodyRow({ item, usual, onPutUp }: OneProps<Listed<'bodies'>>) {
  const outline = item.outline as Partial<Body>;
  const named = item.outline.own_words?.length ?? 0;
  const guessed = guessedOf(outline);
  return (
    <Row item={item} usual={usual} onPutUp={onPutUp} picture={<FrameSketch body={item.outline as Body} />}>
      <small>{bodyFacts(outline)}</small>
      {!item.sample && (
        <small>
          {dotted(
            named === 0 ? t('kit.no-words-of-your') : t('kit.of-your-cameras-own', { item: named }),
            item.standing && t('kit.knows-how-it-was'),
            guessed,
          )}
        </small>
      )}
    </Row>
  );
}

export function LensRow({ item, usual, onPutUp }: OneProps<Listed<'lenses'>>) {
  const units = useUnits();
  const { outline } = item;
  return (
    <Row item={item} usual={usual} onPutUp={onPutUp} picture={<ReachBar lens={outline as Lens} small />}>
      <small>
        {t('kit.from-sweeps-in-s', {
          outline: openingOf(outline as Partial<Lens>),
          nearestM: say(outline.nearest_m, 'length', units),
          sweepS: outline.sweep_s,
          isExtenders: (outline.extenders?.length ?? 0) > 0 ? 'yes' : 'no',
          extenders: outline.extenders?.join('×, '),
        })}
      </small>
    </Row>
  );
}
