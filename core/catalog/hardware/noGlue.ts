import type { BaseDefinition } from '../../src/words/kit/base';

/** What glue does not hold on, or must not. */
export const NO_GLUE = {
  fabric: 'does not hold on fabric',
  webbing: 'does not hold on webbing',
  rubber: 'does not hold on rubber',
  'acrylic canopy': 'glue attacks acrylic',
  skin: 'not on skin',
} as const;

/** How long a lever a pad is asked to bear: as far as an arm goes, no pole. Common practice, no source. */
export const NO_LEVER: NonNullable<BaseDefinition['fits']['mostOutM']> = {
  value: 0.3,
  because: 'a long lever peels a pad off',
};
