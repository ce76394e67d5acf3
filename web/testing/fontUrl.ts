/** Where the page would find a font; tests put their own bytes there. */
export default 'font:DejaVuSans.ttf';
