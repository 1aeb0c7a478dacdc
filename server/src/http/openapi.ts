import { jsonSchema } from '@cricket/core/input';

import { accessRules, type AccessRule } from './access';

/** The API described: every route, from the table that guards it and the classes that its bodies are held to. */
export function openApi(): object {
  const paths: Record<string, Record<string, object>> = {};
  for (const rule of accessRules) {
    const path = rule.path.replace(/:(\w+)/g, '{$1}');
    paths[path] = { ...paths[path], [rule.method.toLowerCase()]: operation(rule) };
  }
  return {
    openapi: '3.1.0',
    info: { title: 'Cricket', version: '0.1.0' },
    paths,
    components: { schemas: schemas() },
  };
}

function operation({ path, who, does, takes, query = {} }: AccessRule): object {
  const inPath = [...path.matchAll(/:(\w+)/g)].map(([, name]) => ({
    name,
    in: 'path',
    required: true,
    schema: name === 'end' ? { enum: ['front', 'rear'] } : { type: 'string', format: 'uuid' },
  }));
  const inQuery = Object.entries(query).map(([name, description]) => ({
    name,
    in: 'query',
    required: false,
    description,
    schema: { type: 'string' },
  }));
  return {
    summary: does,
    description: who === 'anyone' ? 'Open to anyone.' : `For ${who.join(', ')}.`,
    parameters: [...inPath, ...inQuery],
    ...(takes && {
      requestBody: {
        required: true,
        content: { 'application/json': { schema: { $ref: `#/components/schemas/${takes.name}` } } },
      },
    }),
    responses: { default: { description: 'JSON, or application/problem+json' } },
  };
}

/** The classes of bodies, by their own rules. */
function schemas(): Record<string, object> {
  return Object.fromEntries(accessRules.flatMap(({ takes }) => (takes ? [[takes.name, jsonSchema(takes)]] : [])));
}
