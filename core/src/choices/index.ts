/** What was chosen for a bike: which end, which wheel. */
export { activeEnd, chosenWheel, chosenWheelId, latest, type Choice } from './choices';
