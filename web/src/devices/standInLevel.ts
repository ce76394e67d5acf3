import type { DeviceAngles } from '@strut-spot/core';
import { useMutation, useQuery } from '@tanstack/react-query';
import { answerOf } from './answerOf';

const POLL_MS = 120;

/** The stand-in level that ships with the program: a hand that turns the camera to what was asked; read until it is stopped. */
export function useStandInLevel(told: (angles: DeviceAngles) => void) {
  const start = useMutation({
    mutationFn: async (file: string) =>
      answerOf<{ id: string }>(
        await fetch('/api/stand-in/level', {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({ file }),
        }),
      ),
    networkMode: 'always',
  });
  const id = start.data?.id;
  const shown = useQuery({
    queryKey: ['stand-in-level', id],
    enabled: id !== undefined,
    networkMode: 'always',
    retry: false,
    gcTime: 0,
    queryFn: async () => {
      const angles = await answerOf<DeviceAngles>(await fetch(`/api/stand-in/level/${id}`));
      told(angles);
      return angles;
    },
    refetchInterval: ({ state }) => (state.error ? false : POLL_MS),
  });
  return { start: start.mutate, stop: start.reset, running: id !== undefined, problem: start.error ?? shown.error };
}
