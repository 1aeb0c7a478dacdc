import { said, type Said } from '../said';

/** What a dropout, blade or stay is made of. */
export const materials = ['steel', 'titanium', 'forged-aluminium', 'cast-aluminium', 'magnesium', 'carbon'] as const;

export type Material = (typeof materials)[number];

/** The material in a sentence. */
export const materialWords: Record<Material, Said> = {
  steel: said('materials.steel'),
  titanium: said('materials.titanium'),
  'forged-aluminium': said('materials.forged-aluminium'),
  'cast-aluminium': said('materials.cast-aluminium'),
  magnesium: said('materials.magnesium'),
  carbon: said('materials.carbon'),
};
