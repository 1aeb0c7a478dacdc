import { jsonSchema, type Shape } from '@cricket/core/input';
import { defaultMetadataStorage } from 'class-transformer/cjs/storage.js';
import { getMetadataStorage } from 'class-validator';
import { validationMetadatasToSchemas } from 'class-validator-jsonschema';
import type { ISchemaConverters } from 'class-validator-jsonschema/build/defaultConverters';

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

function operation({ path, who, does, takes }: AccessRule): object {
  const parameters = [...path.matchAll(/:(\w+)/g)].map(([, name]) => ({
    name,
    in: 'path',
    required: true,
    schema: name === 'end' ? { enum: ['front', 'rear'] } : { type: 'string', format: 'uuid' },
  }));
  return {
    summary: does,
    description: who === 'anyone' ? 'Open to anyone.' : `For ${who.join(', ')}.`,
    parameters,
    ...(takes && {
      requestBody: {
        required: true,
        content: { 'application/json': { schema: { $ref: `#/components/schemas/${takes.name}` } } },
      },
    }),
    responses: { default: { description: 'JSON, or application/problem+json' } },
  };
}

/** The classes of bodies: those of core by their own rules, the others by class-validator's decorators. */
function schemas(): Record<string, object> {
  const described = validationMetadatasToSchemas({
    classTransformerMetadataStorage: defaultMetadataStorage,
    refPointerPrefix: '#/components/schemas/',
    additionalConverters: {
      holdsPlain: (({ constraints }) => jsonSchema(constraints[0] as Shape)) as ISchemaConverters[string],
    },
  });
  const bodies = accessRules.flatMap(({ takes }) => (takes ? [takes] : []));
  return Object.fromEntries([
    ...Object.entries(described).filter(([name]) => !coreClasses().has(name)),
    ...bodies.filter(({ name }) => coreClasses().has(name)).map((shape) => [shape.name, jsonSchema(shape)]),
  ]);
}

let known: ReadonlySet<string> | undefined;

/** Names of the classes whose every property is held by a rule of core. */
function coreClasses(): ReadonlySet<string> {
  known ??= new Set(accessRules.flatMap(({ takes }) => (takes && heldByRules(takes) ? [takes.name] : [])));
  return known;
}

function heldByRules(shape: new () => object): boolean {
  const held = getMetadataStorage().getTargetValidationMetadatas(shape, '', true, false);
  return held.some(
    ({ constraints }) => typeof constraints?.[0] === 'object' && 'shortfall' in (constraints[0] as object),
  );
}
