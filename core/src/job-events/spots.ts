import { asWritten, said, type Said } from '../said';

/** Where steps of the plan change something for good, and what these places are called. */
const spotNames = {
  'left-slot': said('procedure.left-slot'),
  'right-slot': said('procedure.right-slot'),
  'left-seat': said('procedure.left-seat'),
  'right-seat': said('procedure.right-seat'),
  hanger: said('procedure.hanger'),
  'bottom-bracket-shell': said('procedure.bottom-bracket-shell'),
};
export type IrreversibleSpot = keyof typeof spotNames;
export const irreversibleSpots = Object.keys(spotNames) as readonly IrreversibleSpot[];

/**
 * Where something was changed for good. What a step of the plan says of it is told in the language of whoever reads it; what
 * somebody wrote stays as it was written.
 */
export function spotOf({ spot, where }: { spot?: IrreversibleSpot; where: string }): Said {
  return spot ? spotNames[spot] : asWritten(where);
}

/** The same for a step of the plan. */
export const atSpot = (spot: IrreversibleSpot) => ({ spot, where: spotNames[spot] });
