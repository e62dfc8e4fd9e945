import { client, take } from '../api/client';
import type { Outing } from '../api/day';
import { locale } from '../lang/language';
import { field, type KeptCard } from './db';

/** Outings that begin within so many days are brought along without being asked for. */
const AHEAD = 14 * 86_400_000;

/** After so long a card is fetched anew: the rushes in it may have been changed. */
const FRESH = 6 * 3_600_000;

const at = (id: string, units: KeptCard['units']) => ({ params: { path: { id }, query: { units } } });

/** Fetches a card with its pocket table, and keeps it. */
export async function bring(id: string, person: string, units: KeptCard['units']): Promise<KeptCard> {
  const kept = await take(client.GET('/api/outings/{id}', { params: { path: { id } } }));
  const outing = kept.document as unknown as Outing;
  const card = await take(client.GET('/api/outings/{id}/card', at(id, units)));
  const before = await (await field()).get('cards', [person, id]);
  const brought: KeptCard = {
    id,
    person,
    card,
    pocket: before?.units === units && before.language === locale ? before.pocket : null,
    rushes: outing.rushes.map((entry) => entry.rush),
    version: kept.version,
    units,
    language: locale,
    fetched: Date.now(),
  };
  await (await field()).put('cards', brought);
  if (outing.rushes.length > 0) {
    // The table takes longer; without it the card is as good.
    const pocket = await take(client.GET('/api/outings/{id}/pocket', at(id, units))).catch(() => null);
    if (pocket) {
      brought.pocket = pocket;
      await (await field()).put('cards', brought);
    }
  }
  return brought;
}

/**
 * Brings the cards of the next two weeks along, and leaves those behind that were long ago or are gone. False where
 * something did not come, such as from a server that is busy: then it is worth asking again.
 */
export async function bringAll(person: string, units: KeptCard['units']): Promise<boolean> {
  const outings = await take(client.GET('/api/outings'));
  const db = await field();
  const now = Date.now();
  for (const card of await db.getAll('cards')) {
    const outing = outings.find((o) => o.id === card.id);
    if (card.person === person && (!outing || Date.parse(outing.ends_at) < now - AHEAD)) {
      await db.delete('cards', [person, card.id]);
    }
  }
  let whole = true;
  for (const outing of outings) {
    const near = Date.parse(outing.ends_at) > now - AHEAD && Date.parse(outing.starts_at) < now + AHEAD;
    const kept = await db.get('cards', [person, outing.id]);
    const fresh =
      kept?.version === outing.version &&
      kept.units === units &&
      kept.language === locale &&
      kept.fetched > now - FRESH &&
      (kept.pocket !== null || kept.rushes.length === 0);
    if (fresh || !(near || kept)) continue;
    const brought = await bring(outing.id, person, units).catch(() => null);
    whole &&= brought !== null && (brought.pocket !== null || brought.rushes.length === 0);
  }
  return whole;
}
