/** True where a thumb types: its own pad stands there in place of the system's keyboard. */
export const coarse = window.matchMedia("(pointer: coarse)").matches || window.innerWidth <= 640;
