/** Words of the page for two motors. */
export const words = {
  title: 'Two motors',
  none: 'A motor is chosen at one end only',
  noneWhy: 'Take a kit at each end; this page then shows what both draw from one battery.',
  battery: 'What the one battery gives',
  amps: (amps: number) => `${amps} A`,
  lead: 'Each motor gets its share of the battery, and the bike carries both kits.',
  at: (end: string, code: string) => `${end === 'front' ? 'Front' : 'Rear'}, ${code}`,
  share: (amps: string) => `gets ${amps} A of the battery`,
  working: 'Working it out…',
  law: 'Two motors may count as one of their summed power where you live: look up the local code and ask the authority.',
};
