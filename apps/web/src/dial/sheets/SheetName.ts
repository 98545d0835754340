/** Sheets that can lie over Dial. */
export type SheetName = 'prepare' | 'compare' | 'ease' | 'pace';
