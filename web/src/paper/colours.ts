export const INK = '#21262b';
export const GREY = '#666d72';
export const HAIR = '#c9c4b5';
export const HIVIS = '#ff6416';
