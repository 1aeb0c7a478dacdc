/** Tools that the work needs, by the name under which a workshop keeps them. */
export { knownTools, toolCosts, toolName, type KnownTool } from './tools';
