/** Porous, rough or too soft for a vacuum. */
export const NO_VACUUM = {
  fabric: 'no vacuum on fabric',
  webbing: 'no vacuum on webbing',
  wood: 'no vacuum on bare wood',
  'foam core': 'a board bends under a cup and lets air in',
  shell: 'a helmet is too round and too rough for a cup',
  carbon: 'no vacuum on so small a plate',
  alloy: 'too small for a cup',
} as const;
