import { type MutationOptions, useMutation } from '@tanstack/react-query';
import { useRef } from 'react';
import { newCommandId } from './commandId';
import { Problem } from './problem';

/** The headers of a change: its id, and the version it was made to. */
export interface CommandHead {
  'Command-Id': string;
  'If-Match'?: string;
}

/** @param version What the change was made to; left out for whatever is there. */
export const commandHead = (commandId: string, version?: number): CommandHead => ({
  'Command-Id': commandId,
  ...(version === undefined ? {} : { 'If-Match': `"${version}"` }),
});

const RETRY_MS = 700;

export const isUnanswered = (error: unknown): boolean => error instanceof Problem && error.status === 0;

export interface CommandOptions<I, A> {
  /** How often an unanswered command is sent again by itself; after that a second tap sends it again. */
  tries?: number;
  /** Commands of one scope go one after another. */
  scope?: string;
  mutationKey?: MutationOptions['mutationKey'];
  onSuccess?: (answer: A, input: I) => unknown;
}

/**
 * Sends changes. A command keeps its id until it was answered: sent again by itself or by a second tap, the server carries it
 * out once. Events of a bake carry ids of their own, see `told`.
 */
export function useCommand<I, A>(
  send: (input: I, commandId: string) => Promise<A>,
  options: CommandOptions<I, A> = {},
) {
  const open = useRef<{ id: string; of: string } | null>(null);
  return useMutation({
    ...(options.mutationKey ? { mutationKey: options.mutationKey } : {}),
    ...(options.scope ? { scope: { id: options.scope } } : {}),
    mutationFn: async (input: I) => {
      const of = JSON.stringify(input) ?? '';
      if (open.current?.of !== of) open.current = { id: newCommandId(), of };
      const { id } = open.current;
      try {
        const answer = await send(input, id);
        open.current = null;
        return answer;
      } catch (error) {
        // Refused is answered, too: what is sent next is another command.
        if (!isUnanswered(error)) open.current = null;
        throw error;
      }
    },
    retry: (failures, error) => failures < (options.tries ?? 4) && isUnanswered(error),
    retryDelay: RETRY_MS,
    ...(options.onSuccess ? { onSuccess: options.onSuccess } : {}),
  });
}
