import { useQuery } from '@tanstack/react-query';
import { api, unwrap } from '../api/client';

/** A probe that falls silent sends no news of it. */
const REFRESH_MS = 5000;

/** Thermometers on a wire that feed a bake, and what is wrong with them; the news ask for it again while they speak. */
export const useProbes = (bakeId: string) =>
  useQuery({
    queryKey: ['probes', bakeId],
    queryFn: () => unwrap(api.GET('/api/bakes/{id}/probes', { params: { path: { id: bakeId } } })),
    refetchInterval: (asked) => (asked.state.data?.probes.length ? REFRESH_MS : false),
  }).data?.probes ?? [];
