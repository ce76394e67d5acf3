/** What glue does not hold on, or must not. */
export const NO_GLUE = {
  fabric: 'does not hold on fabric',
  webbing: 'does not hold on webbing',
  rubber: 'does not hold on rubber',
  'acrylic canopy': 'glue attacks acrylic',
  skin: 'not on skin',
} as const;
