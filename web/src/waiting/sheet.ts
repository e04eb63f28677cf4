/** Marks the saving of a sheet, which waits in its page: the page asks before it is closed. */
export const SHEET = ["sheet"];
