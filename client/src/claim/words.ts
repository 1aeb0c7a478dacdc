/** Words of the claim. */
export const words = {
  title: 'Claim',
  none: 'No parcel is recorded for this end',
  noneWhy: 'Count it at the stand first.',
  subject: (code: string) => `Claim: kit ${code}`,
  from: (shop: string, date: string) => `${shop}, ${date}`,
  lead: (code: string) => `The kit ${code} arrived and was counted against its packing list the same day.`,
  missing: 'Missing or too many',
  line: (part: string, expected: number, got: number) => `${part}: ${expected} on the list, ${got} in the parcel`,
  complete: 'The count was complete.',
  damage: 'Damage',
  differs: 'Differs from what was ordered',
  photos: 'Photos as it arrived',
  photo: 'Photo of the parcel',
  ask: 'Please say within a week whether you send what is missing, replace what is damaged, or take the kit back.',
  signed: (person: string) => `Recorded by ${person}`,
  print: 'Print or keep as PDF',
};
