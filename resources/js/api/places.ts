import { useQuery } from '@tanstack/react-query';
import { client, take } from './client';

export type Place = { name: string; latitude_deg: number; longitude_deg: number; zone: string };

/** The places of one's own outings, the latest first. */
export function useOwnPlaces() {
  return useQuery<Place[]>({
    queryKey: ['places'],
    queryFn: () => take(client.GET('/api/places')),
    staleTime: 60_000,
  });
}

/** When the sun rises and sets there, by the clock there. */
export const daylight = ({ latitude_deg, longitude_deg, zone }: Place, date: string) =>
  take(
    client.GET('/api/places/daylight', { params: { query: { latitude_deg, longitude_deg, zone, date } } }),
  );
