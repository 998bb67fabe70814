import { useQueries, useQuery } from '@tanstack/react-query';
import { api, unwrap } from '../api/client';
import type { TextbookCase } from '../api/types';

export const useTextbook = () =>
  useQuery({ queryKey: ['textbook'], queryFn: () => unwrap(api.GET('/api/heat/textbook')) }).data;

export const useHeatParameters = () =>
  useQuery({ queryKey: ['heat-parameters'], queryFn: () => unwrap(api.GET('/api/heat/parameters')) }).data;

/** The bare engine's own answers to textbook cases, in their order. */
export const useSolves = (cases: readonly TextbookCase[]) =>
  useQueries({
    queries: cases.map((item) => ({
      queryKey: ['solve', item.name, item.setting],
      queryFn: () => unwrap(api.POST('/api/heat/solve', { body: item.request })),
    })),
  });
