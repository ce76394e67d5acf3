import { useMutation } from '@tanstack/react-query';

interface StillRequest {
  /** Set-up file as text. */
  readonly file: string;
  /** Number of the take: another one meets another posture. */
  readonly take: number;
}

async function film(path: string, { file, take }: StillRequest): Promise<Blob> {
  const answer = await fetch(`/api/stand-in/${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ file, take }),
  });
  if (!answer.ok) {
    const { problem } = (await answer.json().catch(() => ({ problem: answer.statusText }))) as { problem: string };
    throw new Error(problem);
  }
  return answer.blob();
}

/** The stand-in camera that ships with the program: a still with a rider who leans otherwise than predicted. */
export const useStandInStill = () =>
  useMutation({ mutationFn: (request: StillRequest) => film('still', request), networkMode: 'always' });

/** The same camera, moving: a ZIP of pictures that shake more or less than the model says. */
export const useStandInClip = () =>
  useMutation({ mutationFn: (request: StillRequest) => film('clip', request), networkMode: 'always' });
