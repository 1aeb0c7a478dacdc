/** Local classes of vehicle: editable examples, and what a kit with its settings exceeds. */
export { exampleLawClasses, LawClass, lawFindings, type LawFacts } from './law';
