/** A code that no wheel of the catalogue has yet, such as "Front geared 2". */
export function freeCode(name: string, taken: readonly string[]): string {
  const used = new Set(taken);
  if (!used.has(name)) return name;
  let number = 2;
  while (used.has(`${name} ${number}`)) number += 1;
  return `${name} ${number}`;
}
