/** What a stand-in device answers, or what it says is wrong. */
export async function answerOf<T>(answer: Response): Promise<T> {
  if (answer.ok) return (await answer.json()) as T;
  const { problem } = (await answer.json().catch(() => ({ problem: answer.statusText }))) as { problem: string };
  throw new Error(problem);
}
