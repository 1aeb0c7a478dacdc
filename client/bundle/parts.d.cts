/** File of a package to file of this folder. */
export const parts: Readonly<Record<string, string>>;
export function partFor(filePath: string): string;
