export function catalogSource(root: string): string;
