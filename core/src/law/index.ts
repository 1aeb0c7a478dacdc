/** Local classes of vehicle: editable examples, and what a kit with its settings exceeds. */
export { exampleLawClasses, lawClassSchema, lawFindings, type LawClass, type LawFacts } from './law';
