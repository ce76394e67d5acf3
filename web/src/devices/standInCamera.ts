import { useMutation } from '@tanstack/react-query';

interface StillRequest {
  /** Set-up file as text. */
  readonly file: string;
  /** Number of the take: another one meets another posture. */
  readonly take: number;
}

async function takeStill({ file, take }: StillRequest): Promise<Blob> {
  const answer = await fetch('/api/stand-in/still', {
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
export const useStandInStill = () => useMutation({ mutationFn: takeStill, networkMode: 'always' });
