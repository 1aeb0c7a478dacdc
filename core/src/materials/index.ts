/** What a dropout, blade or stay is made of. */
export const materials = ['steel', 'titanium', 'forged-aluminium', 'cast-aluminium', 'magnesium', 'carbon'] as const;

export type Material = (typeof materials)[number];

/** The material in a sentence. */
export const materialWords: Record<Material, string> = {
  steel: 'steel',
  titanium: 'titanium',
  'forged-aluminium': 'forged aluminium',
  'cast-aluminium': 'cast aluminium',
  magnesium: 'magnesium',
  carbon: 'carbon',
};
