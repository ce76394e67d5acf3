let slow: boolean | null = null;

/** How drawing by the processor is called where a browser names what draws. */
const BY_PROCESSOR = /swiftshader|llvmpipe|softpipe|software|basic render/i;

/** Whether what is drawn in 3D is drawn by the processor, there being no graphics card: the page waits for each drawing then. Found out once. */
export const slowGraphics = (): boolean => (slow ??= foundSlow());

function foundSlow(): boolean {
  const context = document.createElement('canvas').getContext('webgl2');
  const named = context?.getExtension('WEBGL_debug_renderer_info');
  const name: unknown = context?.getParameter(named ? named.UNMASKED_RENDERER_WEBGL : context.RENDERER);
  context?.getExtension('WEBGL_lose_context')?.loseContext();
  return typeof name === 'string' && BY_PROCESSOR.test(name);
}
