import type { Lens } from '../../api/client';
import { useRush } from '../../api/hooks';
import { useKitItem } from '../../api/kit';

export type LensRing = {
  ring: Lens['ring'];
  name: string;
  /** Where it is described; null where the lens is not the person’s own. */
  place: string | null;
};

/** How the ring of a rush’s lens turns: as the kit has it by now, or as it was copied into the rush. */
export function useLensRing(rush: string | undefined): LensRing | null {
  const kit = useRush(rush).data?.document.kit;
  const id = kit?.lens_id ?? undefined;
  const kept = useKitItem('lenses', id).data;
  const lens = kept?.document ?? kit?.lens;
  if (!lens) return null;
  return {
    ring: lens.ring ?? null,
    name: lens.name,
    place: kept && !kept.sample ? `/kit/lenses/${kept.id}` : null,
  };
}
