import { useMutation } from '@tanstack/react-query';

async function takeLog(file: string): Promise<string> {
  const answer = await fetch('/api/stand-in/log', {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ file }),
  });
  if (!answer.ok) {
    const { problem } = (await answer.json().catch(() => ({ problem: answer.statusText }))) as { problem: string };
    throw new Error(problem);
  }
  return answer.text();
}

/** The stand-in logger that ships with the program: a minute at the spot, with a resonance that the page is not told. */
export const useStandInLog = () => useMutation({ mutationFn: takeLog, networkMode: 'always' });
