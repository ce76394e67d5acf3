let asked = false;

/** Asks the browser, once something of the person's own lies in it, not to clear it away when the disk runs short. */
export function askToKeep(): void {
  if (asked) return;
  asked = true;
  // Older browsers and plain http lack it; a refusal changes nothing.
  void navigator.storage?.persist?.().catch(() => undefined);
}
