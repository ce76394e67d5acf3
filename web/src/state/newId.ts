/** Id for a new document or entry. */
export const newId = (): string => crypto.randomUUID();
export const nowIso = (): string => new Date().toISOString();
