/** Words of steps wherever they are told of. */
export const words = {
  list: 'Not done, answered for',
  line: (title: string, person: string, because: string) => `${title}: ${person} answers for it. ${because}`,
};
