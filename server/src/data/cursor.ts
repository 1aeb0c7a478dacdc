/** Where a page of a list goes on: before its oldest row so far. Rows of one moment are told apart by their ids. */
export interface Cursor {
  at: string;
  id: string;
}
