import type { BatteryReading } from '@strut-spot/core';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answerOf } from './answerOf';

const POLL_MS = 500;

/** The stand-in power meter: a camera that records, and what it shows of its battery, asked for twice a second until it is stopped. */
export function useStandInBattery() {
  const [readings, setReadings] = useState<readonly BatteryReading[]>([]);
  const start = useMutation({
    mutationFn: async (file: string) =>
      answerOf<{ id: string }>(
        await fetch('/api/stand-in/battery', {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({ file }),
        }),
      ),
    networkMode: 'always',
    onMutate: () => setReadings([]),
  });
  const id = start.data?.id;
  const shown = useQuery({
    queryKey: ['stand-in-battery', id],
    enabled: id !== undefined,
    networkMode: 'always',
    retry: false,
    gcTime: 0,
    queryFn: async () => {
      const reading = await answerOf<BatteryReading>(await fetch(`/api/stand-in/battery/${id}`));
      setReadings((all) => [...all, reading]);
      return reading;
    },
    refetchInterval: ({ state }) => (state.error || state.data?.percent === 0 ? false : POLL_MS),
  });
  return {
    start: start.mutate,
    stop: () => {
      start.reset();
      setReadings([]);
    },
    running: id !== undefined,
    readings,
    problem: start.error ?? shown.error,
  };
}
